import { expose } from 'comlink';
import { answeringLast } from './answering';
import { photoJobs } from './photo.job';

expose(answeringLast(photoJobs));
