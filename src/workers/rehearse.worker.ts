import { expose } from 'comlink';
import { rehearseJobs } from './rehearse.job';

expose(rehearseJobs);
