import { expose } from 'comlink';
import { answeringLast } from './answering';
import { rehearseJobs } from './rehearse.job';

expose(answeringLast(rehearseJobs));
