import { createContext } from 'react';
import type { UnitSystem } from '../core/units/quantity';

/** In which units figures are shown, and taken when none is typed. */
export const Units = createContext<UnitSystem>('metric');
