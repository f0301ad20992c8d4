import { useState } from 'react';
import { typedNumber } from '../core/units';
import { Field, Note } from './basics';

interface SelectProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  readonly options: readonly T[];
  readonly words?: Readonly<Record<string, string>>;
  /** What an absent value is called; empty when one must be chosen. */
  readonly blank?: string;
  readonly onChange: (value: T | undefined) => void;
}
/** One of a few known words. Absent means not recorded. */
export function Select<T extends string>({ label, value, options, words, blank = 'not recorded', onChange }: SelectProps<T>) {
  return (
    <Field>
      {label}
      <select value={value ?? ''} onChange={(e) => onChange(e.target.value === '' ? undefined : (e.target.value as T))}>
        {blank !== '' && <option value="">{blank}</option>}
        {options.map((o) => (
          <option key={o} value={o}>
            {words?.[o] ?? o.replace(/-/g, ' ')}
          </option>
        ))}
      </select>
    </Field>
  );
}

/**
 * A number in its range, or nothing; what cannot be read is said beside the field and not kept.
 * `zero`: 0 is a value too. `max`: the most that can be meant.
 */
export function NumberField({
  label,
  value,
  what,
  zero = false,
  max = Infinity,
  min,
  onChange,
}: {
  label: string;
  value: number | undefined;
  /** "the dry weight in grams". */
  what: string;
  zero?: boolean;
  max?: number;
  min?: number;
  onChange: (value: number | undefined) => void;
}) {
  const [text, setText] = useState(value === undefined ? '' : String(value));
  const fits = (n: number): boolean => (min !== undefined ? n >= min : zero ? n >= 0 : n > 0) && n <= max;
  const read = (typed: string): number | undefined | null => {
    const number = typedNumber(typed);
    return number === undefined || fits(number) ? number : null;
  };
  const least = min !== undefined ? `from ${min}` : zero ? 'of 0 or more' : 'above 0';
  return (
    <Field>
      {label}
      <input
        inputMode="decimal"
        value={text}
        aria-invalid={read(text) === null}
        onChange={(e) => {
          setText(e.target.value);
          const next = read(e.target.value);
          if (next !== null) onChange(next);
        }}
      />
      {read(text) === null && (
        <Note tone="alarm">
          Write {what}, as a number {least}
          {max < Infinity ? ` up to ${max}` : ''}. The last good value is kept.
        </Note>
      )}
    </Field>
  );
}
