import { typedNumber } from '../units';

/** Fields of an instrument: what they are called, what they may hold, and how they are read from an address. */

export interface NumberField {
  readonly kind: 'number';
  readonly label: string;
  readonly unit: string;
  readonly min: number;
  readonly max: number;
  readonly whole?: true;
  /** What stands there when the address says nothing; null = it may stay empty. */
  readonly usual: number | null;
}
export interface ChoiceField<T extends string = string> {
  readonly kind: 'choice';
  readonly label: string;
  readonly options: readonly T[];
  readonly usual: T;
  readonly words?: Readonly<Record<string, string>>;
}
export type Fields = Readonly<Record<string, NumberField | ChoiceField>>;
export type Values<F extends Fields> = {
  readonly [K in keyof F]: F[K] extends ChoiceField<infer T> ? T : F[K] extends { usual: number } ? number : number | undefined;
};
export type Faults<F extends Fields> = { readonly [K in keyof F]?: string };
export interface Read<F extends Fields> {
  /** Null as long as a field is at fault. */
  readonly values: Values<F> | null;
  /** What each field shows, as it was typed. */
  readonly shown: { readonly [K in keyof F]: string };
  readonly faults: Faults<F>;
}

const range = ({ label, unit, min, max, whole }: NumberField): string =>
  `${label}: write a ${whole ? 'whole number' : 'number'} from ${min} to ${max}${unit ? ` ${unit}` : ''}.`;

/** Reads every field. Bad ones are named with what would be right; nothing that is not a number in its range gets through. */
export function readFields<F extends Fields>(fields: F, get: (name: string) => string | null): Read<F> {
  const values: Record<string, number | string | undefined> = {};
  const shown: Record<string, string> = {};
  const faults: Record<string, string> = {};
  for (const [name, field] of Object.entries(fields)) {
    const text = get(name);
    if (field.kind === 'choice') {
      const known = text !== null && field.options.includes(text);
      if (text !== null && text !== '' && !known) faults[name] = `${field.label}: choose one of the list.`;
      values[name] = known ? text : field.usual;
      shown[name] = values[name];
      continue;
    }
    shown[name] = text ?? (field.usual === null ? '' : String(field.usual));
    const value = typedNumber(shown[name]);
    if (value === undefined) {
      if (field.usual !== null) faults[name] = range(field);
    } else if (!(value >= field.min) || !(value <= field.max) || (field.whole && !Number.isInteger(value)))
      faults[name] = range(field);
    else values[name] = value;
  }
  const clean = Object.keys(faults).length === 0;
  return {
    values: clean ? (values as unknown as Values<F>) : null,
    shown: shown as Read<F>['shown'],
    faults: faults as Faults<F>,
  };
}
