import { useState } from 'react';
import styled from 'styled-components';
import { clockText } from '../../app/time';
import type { Equipment, SupplyClass } from '../../core/gear';
import type { ProgrammeStep } from '../../core/document';
import type { WayId } from '../../core/knowledge';
import { plannedUse, stepOf, type Run } from '../../core/run';
import { otherPlaces, type InUse } from '../../core/run/in-use';
import { lookOf, waysOf } from '../../core/run/looks';
import { failedText, occupiedText } from '../../core/telling/run';
import { minutesText, typedNumber } from '../../core/units';
import { SUPPLY_WORDS } from '../../core/words';
import { CAUSE_WORDS, WAY_WORDS } from '../../core/words/looks';
import { Button, Field, Note, Quiet, Row, TextButton } from '../../ui/basics';
import { color } from '../../ui/theme';
import { Big, Pair } from './parts';

/** A round that is ended early: what was really true? */
export function CutShort({
  question,
  ran,
  whole,
  onCount,
  onBack,
}: {
  question: string;
  ran: number;
  /** Minutes for which it was set. */
  whole: number;
  onCount: (minutes: number) => void;
  onBack: () => void;
}) {
  const [text, setText] = useState('');
  const typed = typedNumber(text);
  return (
    <section aria-label="How long did it run?">
      <p style={{ fontSize: 20, marginBottom: 10 }}>
        <strong>{question}</strong>
      </p>
      <Pair>
        <Button $big data-main-action autoFocus onClick={() => onCount(ran)}>
          Only that: {ran < 1 ? 'less than a minute' : minutesText(Math.round(ran))}
        </Button>
        <Button $big $quiet onClick={() => onCount(whole)}>
          All of it: {minutesText(whole)}
        </Button>
      </Pair>
      <form
        onSubmit={(e) => {
          e.preventDefault();
          if (typed !== undefined && typed >= 0) onCount(typed);
        }}
      >
        <Row $wrap $top style={{ marginTop: 10 }}>
          <Field>
            Or minutes
            <input inputMode="decimal" value={text} onChange={(e) => setText(e.target.value)} style={{ width: 110 }} />
          </Field>
          <Button type="submit" $quiet style={{ marginTop: 22 }} disabled={!(typed !== undefined && typed >= 0)}>
            Count these
          </Button>
          <TextButton style={{ marginTop: 22 }} onClick={onBack}>
            Not yet after all
          </TextButton>
        </Row>
      </form>
    </section>
  );
}

const Ways = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(260px, 1fr));
  gap: 10px;
  > li > button {
    display: flex;
    flex-direction: column;
    align-items: flex-start;
    gap: 2px;
    width: 100%;
    height: 100%;
    text-align: left;
    background: ${color.panel};
    border: 1.5px solid ${color.line};
    border-radius: 4px;
    color: ${color.ink};
    padding: 12px 16px;
    font-size: 16px;
    line-height: 1.35;
    cursor: pointer;
    strong {
      font-size: 19px;
    }
    &:hover {
      border-color: ${color.ink};
    }
    &:focus-visible {
      outline: 3px solid ${color.water};
      outline-offset: 2px;
    }
  }
`;
const Causes = styled.ul`
  font-size: 18px;
  line-height: 1.45;
  max-width: 38em;
  li {
    padding: 3px 0 3px 18px;
    text-indent: -18px;
    &::before {
      content: '–';
      display: inline-block;
      width: 18px;
      text-indent: 0;
      color: ${color.quiet};
    }
  }
`;
/** A look has failed too often: why it may be so, and the ways out. */
export function WaysOut({ run, step, onWay }: { run: Run; step: ProgrammeStep; onWay: (way: WayId) => void }) {
  const causes = lookOf(step)?.causes ?? [];
  const tries = run.steps[step.id]?.failures ?? 0;
  return (
    <>
      <Big id="step" tabIndex={-1}>
        {failedText(step)}
      </Big>
      <Quiet style={{ fontSize: 18 }}>
        {step.title}: looked at {tries === 1 ? 'once' : `${tries} times`}, not good.
      </Quiet>
      {causes.length > 0 && (
        <section aria-labelledby="causes">
          <h2 id="causes">Why that may be</h2>
          <Causes>
            {causes.map((cause) => (
              <li key={cause}>{CAUSE_WORDS[cause as keyof typeof CAUSE_WORDS]}</li>
            ))}
          </Causes>
        </section>
      )}
      <section aria-labelledby="ways">
        <h2 id="ways" style={{ marginBottom: 8 }}>
          What now?
        </h2>
        <Ways>
          {waysOf(run.programme, step).map(({ id }) => (
            <li key={id}>
              <button type="button" onClick={() => onWay(id)}>
                <strong>{WAY_WORDS[id].name}</strong>
                {WAY_WORDS[id].text}
              </button>
            </li>
          ))}
        </Ways>
      </section>
    </>
  );
}

/** Before anything is put away: looks that nothing has closed. */
export function OpenLooks({ run, onLook, onAsItIs }: { run: Run; onLook: (checkId: string) => void; onAsItIs: () => void }) {
  const open = run.open.flatMap((id) => stepOf(run, id) ?? []);
  return (
    <>
      <Big id="step" tabIndex={-1}>
        Before it is put away
      </Big>
      <p style={{ fontSize: 21 }}>
        {open.length === 1 ? 'One look is open' : `${open.length} looks are open`}:{' '}
        {open.map((s) => s.title.toLowerCase()).join('; ')}. What nobody looked at is not recorded as fine.
      </p>
      <Row $wrap>
        {open.map((step, n) => (
          <Button
            key={step.id}
            $big
            $quiet={n > 0}
            {...(n === 0 ? { 'data-main-action': true } : {})}
            onClick={() => onLook(step.id)}
          >
            Look now: {step.check?.look ?? step.title}
          </Button>
        ))}
        <Button $big $quiet onClick={onAsItIs}>
          Put it away as it is
        </Button>
      </Row>
    </>
  );
}

/** Somebody's thing is in the machine or place that this step wants. */
export function Occupied({
  inUse,
  where,
  step,
  equipment,
  runs,
  runId,
  onMove,
  onTogether,
}: {
  inUse: InUse;
  where: string;
  step: ProgrammeStep;
  equipment: Equipment;
  runs: readonly Run[];
  runId: string;
  onMove: (to: { readonly washerId?: string; readonly dryerId?: string }) => void;
  onTogether: () => void;
}) {
  const others = otherPlaces(step, equipment, runs, runId);
  return (
    <>
      <Note tone="alarm">
        <strong>{occupiedText(inUse, where, clockText)}</strong>{' '}
        {step.mayWait ? 'This can wait until it is free.' : 'This should not wait long: wet filling clumps.'}
      </Note>
      <Row $wrap>
        {others.map(({ name, to }) => (
          <Button key={name} $big data-main-action onClick={() => onMove(to)}>
            Use {name} instead
          </Button>
        ))}
        <Button $big $quiet onClick={onTogether}>
          {step.settings.dryerId === undefined && step.settings.washerId === undefined
            ? 'There is room for both'
            : 'They go in together'}
        </Button>
      </Row>
    </>
  );
}

/** What was measured at a step beside its plan. */
export interface Measured {
  readonly ml: Partial<Record<SupplyClass, number>>;
  readonly litres?: number;
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
            {SUPPLY_WORDS[cls].charAt(0).toUpperCase()}
            {SUPPLY_WORDS[cls].slice(1)}: <strong>{Math.round(used)} mL</strong>
            {litres !== undefined && (
              <>
                {' '}
                in {litres} L, 1 in {Math.round((litres * 1000) / used)}
              </>
            )}{' '}
            <Quiet>{measured.ml[cls] === undefined ? 'as planned' : `measured; ${ml} mL were planned`}</Quiet>{' '}
            <TextButton aria-expanded={open === cls} onClick={() => toggle(cls)}>
              {open === cls ? 'Close' : 'It was another amount'}
            </TextButton>
            {bath !== undefined && (
              <TextButton aria-expanded={open === 'litres'} onClick={() => toggle('litres')}>
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
  const [text, setText] = useState('');
  const litres = typedNumber(text);
  const good = litres !== undefined && litres > 0;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (good) onLitres(litres);
      }}
    >
      <Row $wrap $top>
        <Field>
          Litres in the bath
          <input inputMode="decimal" autoFocus value={text} onChange={(e) => setText(e.target.value)} style={{ width: 120 }} />
        </Field>
        <Button type="submit" style={{ marginTop: 22 }} disabled={!good}>
          Keep it
        </Button>
      </Row>
    </form>
  );
}

/** What one pull of a trigger gives, mL [from memory]. */
const PULL_ML = 1;
/** Millilitres typed, or worked out from the bottle's weight before and after, or from pulls of the trigger. */
function Measure({ sprayed, onMl }: { sprayed: boolean; onMl: (ml: number) => void }) {
  const [ml, setMl] = useState('');
  const [before, setBefore] = useState('');
  const [after, setAfter] = useState('');
  const [pulls, setPulls] = useState('');
  const n = { ml: typedNumber(ml), before: typedNumber(before), after: typedNumber(after), pulls: typedNumber(pulls) };
  const told =
    n.ml ??
    (n.before !== undefined && n.after !== undefined ? n.before - n.after : undefined) ??
    (n.pulls === undefined ? undefined : n.pulls * PULL_ML);
  const good = told !== undefined && told >= 0;
  return (
    <form
      onSubmit={(e) => {
        e.preventDefault();
        if (!good) return;
        onMl(Math.round(told));
      }}
    >
      <Row $wrap $top>
        <Field>
          mL
          <input inputMode="decimal" autoFocus value={ml} onChange={(e) => setMl(e.target.value)} style={{ width: 100 }} />
        </Field>
        <Field>
          Bottle before, g
          <input inputMode="decimal" value={before} onChange={(e) => setBefore(e.target.value)} style={{ width: 120 }} />
        </Field>
        <Field>
          and after, g
          <input inputMode="decimal" value={after} onChange={(e) => setAfter(e.target.value)} style={{ width: 120 }} />
        </Field>
        {sprayed && (
          <Field>
            Pulls of the trigger
            <input inputMode="numeric" value={pulls} onChange={(e) => setPulls(e.target.value)} style={{ width: 120 }} />
          </Field>
        )}
        <Button type="submit" style={{ marginTop: 22 }} disabled={!good}>
          {good ? `Keep ${Math.round(told)} mL` : 'Keep it'}
        </Button>
      </Row>
      {told !== undefined && told < 0 && <Note tone="alarm">The bottle is heavier after than before: look at both weights.</Note>}
    </form>
  );
}
