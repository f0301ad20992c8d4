import { planDay } from '../core/washday';
import type { DayApi } from './day.protocol';

export const dayJobs: DayApi = {
  plan: async (request, onBetter) => planDay(request, undefined, (day) => onBetter(day.finish, day.verdict)),
};
