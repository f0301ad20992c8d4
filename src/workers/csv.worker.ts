import { expose } from 'comlink';
import { answeringLast } from './answering';
import { csvJobs } from './csv.job';

expose(answeringLast(csvJobs));
