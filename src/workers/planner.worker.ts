import { expose } from 'comlink';
import { answeringLast } from './answering';
import { plannerJobs } from './planner.job';

expose(answeringLast(plannerJobs));
