import { afterAll } from 'vitest';
import { shut } from './visit';

/* Files of one worker share what they import, but no browser. */
afterAll(shut);
