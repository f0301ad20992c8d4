import { Said, useSay } from '../../ui/said';
import { useUnit } from '../../ui/units';
import { useState } from 'react';
import type { SupplyClass } from '../../core/gear';
import type { ProgrammeStep } from '../../core/document';
import { DOSING_FIGURES } from '../../core/knowledge';
import { plannedUse } from '../../core/run';
import { typedNumber } from '../../core/units';
import { SUPPLY_WORDS } from '../../core/words';
import { capital } from '../../core/words/text';
import { DigitsField } from '../../ui/TextField';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Form } from '../../ui/Form';

/** What was measured at a step beside its plan. */
export interface Measured {
  readonly ml: Partial<Record<SupplyClass, number>>;
  readonly litres?: number;
  /** Not measured: what is planned for the places that are meant. */
  readonly only?: boolean;
}
function plannedText(measured: Measured, cls: SupplyClass, plannedMl: number): string {
  if (measured.ml[cls] === undefined) return 'as planned';
  return measured.only ? `for these places; ${plannedMl} mL for all of it` : `measured; ${plannedMl} mL were planned`;
}
/** How much of each agent was used, and in how much water: as planned, or as the bottle, the trigger or the bucket says. */
export function Used({
  step,
  measured,
  onChange,
}: {
  step: ProgrammeStep;
  measured: Measured;
  onChange: (measured: Measured) => void;
}) {
  const [open, setOpen] = useState<SupplyClass | 'litres' | null>(null);
  const bath = step.phase === 'wash' ? step.settings.litresPerFill : undefined;
  const planned = plannedUse(step);
  if (planned.length === 0) return null;
  const litres = measured.litres ?? bath;
  const toggle = (what: SupplyClass | 'litres'): void => setOpen(open === what ? null : what);
  return (
    <section aria-label="How much was used">
      {planned.map(({ class: cls, ml }) => {
        const used = measured.ml[cls] ?? ml;
        return (
          <p key={cls} style={{ fontSize: 18 }}>
            {capital(SUPPLY_WORDS[cls])}:{' '}
            <strong>
              <Said>{Math.round(used)} mL</Said>
            </strong>
            {litres !== undefined && (
              <>
                {' '}
                in {litres} L, 1 in {Math.round((litres * 1000) / used)}
              </>
            )}{' '}
            <Quiet>{plannedText(measured, cls, ml)}</Quiet>{' '}
            <TextButton aria-expanded={open === cls} onPress={() => toggle(cls)}>
              {open === cls ? 'Close' : 'It was another amount'}
            </TextButton>
            {bath !== undefined && (
              <TextButton aria-expanded={open === 'litres'} onPress={() => toggle('litres')}>
                {open === 'litres' ? 'Close' : 'It was more or less water'}
              </TextButton>
            )}
          </p>
        );
      })}
      {open === 'litres' ? (
        <Litres
          onLitres={(value) => {
            onChange({ ...measured, litres: value });
            setOpen(null);
          }}
        />
      ) : (
        open !== null && (
          <Measure
            key={open}
            sprayed={open === 'spray-proofer'}
            onMl={(ml) => {
              onChange({ ...measured, ml: { ...measured.ml, [open]: ml } });
              setOpen(null);
            }}
          />
        )
      )}
    </section>
  );
}

function Litres({ onLitres }: { onLitres: (litres: number) => void }) {
  const unit = useUnit('L');
  const [text, setText] = useState('');
  const litres = unit.read(text);
  const good = litres !== undefined && litres > 0;
  return (
    <Form
      onSubmit={() => {
        if (good) onLitres(litres);
      }}
    >
      <Row $wrap $top>
        <DigitsField label={`Water in the bath, ${unit.name}`} width={130} autoFocus value={text} onChange={setText} />
        <Button type="submit" style={{ marginTop: 22 }} isDisabled={!good}>
          Keep it
        </Button>
      </Row>
    </Form>
  );
}

const PULL_ML = DOSING_FIGURES.pullMl.value;
/** Millilitres typed, or worked out from the bottle's weight before and after, or from pulls of the trigger. */
function Measure({ sprayed, onMl }: { sprayed: boolean; onMl: (ml: number) => void }) {
  const [ml, setMl] = useState('');
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [pulls, setPulls] = useState('');
  const say = useSay();
  const volume = useUnit('mL');
  const mass = useUnit('g');
  const n = { ml: volume.read(ml), before: mass.read(before), after: mass.read(after), pulls: typedNumber(pulls) };
  const sentence =
    n.ml ??
    (n.before !== undefined && n.after !== undefined ? n.before - n.after : undefined) ??
    (n.pulls === undefined ? undefined : n.pulls * PULL_ML);
  const good = sentence !== undefined && sentence >= 0;
  return (
    <Form
      onSubmit={() => {
        if (!good) return;
        onMl(Math.round(sentence));
      }}
    >
      <Row $wrap $top>
        <DigitsField label={volume.name} width={100} autoFocus value={ml} onChange={setMl} />
        <DigitsField label={`Bottle before, ${mass.name}`} width={130} value={before} onChange={setBefore} />
        <DigitsField label={`and after, ${mass.name}`} width={130} value={after} onChange={setAfter} />
        {sprayed && (
          <DigitsField label={say(`Pulls of the trigger, ${PULL_ML} mL each`)} width={230} value={pulls} onChange={setPulls} />
        )}
        <Button type="submit" style={{ marginTop: 22 }} isDisabled={!good}>
          <Said>{good ? `Keep ${Math.round(sentence)} mL` : 'Keep it'}</Said>
        </Button>
      </Row>
      {sentence !== undefined && sentence < 0 && (
        <Note tone="alarm">The bottle is heavier after than before: look at both weights.</Note>
      )}
    </Form>
  );
}
