import { expose } from 'comlink';
import { answeringLast } from './answering';
import { lightJobs } from './light.job';

expose(answeringLast(lightJobs));
