import { expose } from 'comlink';
import { answeringLast } from './answering';
import { dayJobs } from './day.job';

expose(answeringLast(dayJobs));
