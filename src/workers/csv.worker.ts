import { expose } from 'comlink';
import { csvJobs } from './csv.job';

expose(csvJobs);
