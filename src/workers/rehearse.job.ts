import { planned, rehearse, storyOf } from '../core/rehearse';
import { debrief, goalOf } from '../core/rehearse/train';
import type { RehearseApi } from './rehearse.protocol';

export const rehearseJobs: RehearseApi = {
  run: async ({ stage, choices, seed }) => {
    const story = storyOf(seed);
    return { plans: rehearse(stage, planned(stage), story), yours: rehearse(stage, choices, story) };
  },
  goal: async ({ stage, seed }) => goalOf(stage, seed),
  debrief: async ({ stage, choices, seed }, goalMin) => debrief(stage, choices, storyOf(seed), goalMin),
};
