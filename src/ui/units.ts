import { createContext, useContext } from 'react';
import { readQuantity, shownUnit, toShown, type Unit, type UnitSystem } from '../core/units/quantity';

/** In which units figures are shown, and taken when none is typed. */
export const Units = createContext<UnitSystem>('metric');

/** A unit as the user has it: its name, how a typed text is read in it ("15", "15 oz", "425 g"), and a value as it stands in a field. */
export function useUnit(unit: Unit): {
  readonly name: Unit;
  readonly read: (text: string) => number | undefined;
  readonly show: (value: number) => string;
} {
  const name = shownUnit(unit, useContext(Units));
  return {
    name,
    read: (text) => readQuantity(text, unit, name),
    show: (value) => String(toShown(value, unit, name)),
  };
}
