import { useState } from 'react';
import { typedNumber } from '../../core/units';
import type { Doubt } from '../../core/drying/dry';
import { DOUBT_UNIT_G, DOUBT_WORDS } from '../../core/telling/drying';
import { Button, Field, Note, Row } from '../../ui/basics';

/** A weight typed by hand; an impossible one is asked about, and kept only when the user says so. */
export function Weigh({
  start,
  doubt,
  onKeep,
}: {
  /** What the scale said, when it was asked. */
  start: number | null;
  doubt: (massG: number) => Doubt | null;
  onKeep: (massG: number) => void;
}) {
  const [grams, setGrams] = useState(start === null ? '' : String(start));
  const [asked, setAsked] = useState<Doubt | null>(null);
  const value = typedNumber(grams);
  const fault = value !== undefined && !(value > 0) ? 'Write grams, a number above 0.' : null;
  const unitG = asked && DOUBT_UNIT_G[asked];
  const keep = (massG: number): void => {
    const odd = asked ? null : doubt(massG);
    if (odd) setAsked(odd);
    else onKeep(massG);
  };
  return (
    <div>
      <Row $wrap $top>
        <Field>
          Weight now, g
          <input
            inputMode="decimal"
            autoFocus
            value={grams}
            onChange={(e) => {
              setGrams(e.target.value);
              setAsked(null);
            }}
          />
          {fault && <Note tone="alarm">{fault}</Note>}
        </Field>
        <Button style={{ marginTop: 22 }} disabled={!(value !== undefined && value > 0)} onClick={() => value && keep(value)}>
          {asked ? 'Keep it all the same' : 'Keep it'}
        </Button>
        {unitG !== null && unitG !== undefined && value !== undefined && (
          <Button $quiet style={{ marginTop: 22 }} onClick={() => onKeep(Math.round(value * unitG))}>
            Yes: {Math.round(value * unitG)} g
          </Button>
        )}
      </Row>
      {asked && <Note tone="alarm">{DOUBT_WORDS[asked]}</Note>}
    </div>
  );
}
