import { expose } from 'comlink';
import { answeringLast } from './answering';
import { copyJobs } from './copy.job';

expose(answeringLast(copyJobs));
