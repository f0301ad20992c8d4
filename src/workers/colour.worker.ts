import { expose } from 'comlink';
import { colourJobs } from './colour.job';

expose(colourJobs);
