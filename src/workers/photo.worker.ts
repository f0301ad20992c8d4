import { expose } from 'comlink';
import { photoJobs } from './photo.job';

expose(photoJobs);
