import { expose } from 'comlink';
import { dayJobs } from './day.job';

expose(dayJobs);
