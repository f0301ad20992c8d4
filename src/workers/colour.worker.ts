import { expose } from 'comlink';
import { answeringLast } from './answering';
import { colourJobs } from './colour.job';

expose(answeringLast(colourJobs));
