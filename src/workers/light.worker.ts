import { expose } from 'comlink';
import { lightJobs } from './light.job';

expose(lightJobs);
