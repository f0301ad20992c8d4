import { expose } from 'comlink';
import { plannerJobs } from './planner.job';

expose(plannerJobs);
