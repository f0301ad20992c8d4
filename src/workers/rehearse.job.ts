import { planned, rehearse, luckOf } from '../core/rehearse';
import { debrief, goalOf } from '../core/rehearse/train';
import type { RehearseApi } from './rehearse.protocol';

export const rehearseJobs: RehearseApi = {
  run: async ({ setup, choices, seed }) => {
    const luck = luckOf(seed);
    return { plans: rehearse(setup, planned(setup), luck), yours: rehearse(setup, choices, luck) };
  },
  goal: async ({ setup, seed }) => goalOf(setup, seed),
  debrief: async ({ setup, choices, seed }, goalMin) => debrief(setup, choices, luckOf(seed), goalMin),
};
