import { expose } from 'comlink';
import { answeringLast } from './answering';
import { pictureJobs } from './picture.job';

expose(answeringLast(pictureJobs));
