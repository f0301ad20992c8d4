import { useState } from 'react';
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

/** A number above 0 or nothing; what cannot be read is said beside the field and not kept. */
export function NumberField({
  label,
  value,
  what,
  onChange,
}: {
  label: string;
  value: number | undefined;
  /** "the dry weight in grams". */
  what: string;
  onChange: (value: number | undefined) => void;
}) {
  const [text, setText] = useState(value === undefined ? '' : String(value));
  const read = readNumber(text);
  return (
    <Field>
      {label}
      <input
        inputMode="decimal"
        value={text}
        aria-invalid={read === null}
        onChange={(e) => {
          setText(e.target.value);
          const next = readNumber(e.target.value);
          if (next !== null) onChange(next);
        }}
      />
      {read === null && <Note tone="alarm">Write {what}, as a number above 0. The last good value is kept.</Note>}
    </Field>
  );
}

/** Undefined for an empty text, null for one that is no number above 0. A decimal comma is read as a point. */
function readNumber(text: string): number | undefined | null {
  if (text.trim() === '') return undefined;
  const number = Number(text.trim().replace(',', '.'));
  return number > 0 && Number.isFinite(number) ? number : null;
}
