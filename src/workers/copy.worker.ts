import { expose } from 'comlink';
import { copyJobs } from './copy.job';

expose(copyJobs);
