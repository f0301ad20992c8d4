import type { School } from '../types';
import { SHELL_SCHOOLS } from './shells';
import { DOWN_SCHOOLS } from './down';
import { FOOT_SCHOOLS } from './feet';
import { CLOTH_SCHOOLS } from './cloths';
import { WORN_SCHOOLS } from './worn';

/** Where practice disagrees, the user chooses. Option ids are part of the file format. The first reading of `fallback` is our default. */
export const SCHOOLS = [
  ...SHELL_SCHOOLS,
  ...DOWN_SCHOOLS,
  ...FOOT_SCHOOLS,
  ...CLOTH_SCHOOLS,
  ...WORN_SCHOOLS,
] as const satisfies readonly School[];
