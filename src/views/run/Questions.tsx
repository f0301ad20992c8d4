import { Of } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { useState } from 'react';
import styled from 'styled-components';
import { clockText } from '../../app/time';
import type { Equipment } from '../../core/gear';
import type { ProgrammeStep } from '../../core/document';
import { type WayId } from '../../core/knowledge';
import { stepOf, type Run } from '../../core/run';
import { otherPlaces, type InUse } from '../../core/run/in-use';
import { lookOf, waysOf } from '../../core/run/looks';
import { failedText, occupiedText } from '../../core/telling/run';
import { minutesText, typedNumber } from '../../core/units';
import { CAUSE_WORDS, WAY_WORDS } from '../../core/words/looks';
import { DigitsField } from '../../ui/TextField';
import { ChoiceCards } from '../../ui/ChoiceCards';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { color } from '../../ui/theme';
import { Big, Pair } from './parts';
import { Form } from '../../ui/Form';
import { reachable } from '../../ui/focus';

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
        <Button size="big" data-main-action autoFocus onPress={() => onCount(ran)}>
          Only that: {ran < 1 ? 'less than a minute' : minutesText(Math.round(ran))}
        </Button>
        <Button size="big" look="quiet" onPress={() => onCount(whole)}>
          All of it: {minutesText(whole)}
        </Button>
      </Pair>
      <Form
        onSubmit={() => {
          if (typed !== undefined && typed >= 0) onCount(typed);
        }}
      >
        <Row $wrap $top style={{ marginTop: 10 }}>
          <DigitsField label="Or minutes" width={110} value={text} onChange={setText} />
          <Button type="submit" look="quiet" style={{ marginTop: 22 }} isDisabled={!(typed !== undefined && typed >= 0)}>
            Count these
          </Button>
          <TextButton style={{ marginTop: 22 }} onPress={onBack}>
            Not yet after all
          </TextButton>
        </Row>
      </Form>
    </section>
  );
}

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
      <Big {...reachable('step')}>
        <Said>{failedText(step)}</Said>
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
        <ChoiceCards options={waysOf(run.programme, step).map(({ id }) => ({ id, ...WAY_WORDS[id] }))} onChoose={onWay} />
      </section>
    </>
  );
}

/** Before anything is put away: looks that nothing has closed. */
export function OpenLooks({ run, onLook, onAsItIs }: { run: Run; onLook: (checkId: string) => void; onAsItIs: () => void }) {
  const open = run.open.flatMap((id) => stepOf(run, id) ?? []);
  return (
    <>
      <Big {...reachable('step')}>
        <Of>Before it is put away</Of>
      </Big>
      <p style={{ fontSize: 21 }}>
        {open.length === 1 ? 'One look is open' : `${open.length} looks are open`}:{' '}
        {open.map((s) => s.title.toLowerCase()).join('; ')}. What nobody looked at is not recorded as fine.
      </p>
      <Row $wrap>
        {open.map((step, n) => (
          <Button
            key={step.id}
            size="big"
            look={n > 0 ? 'quiet' : 'main'}
            {...(n === 0 ? { 'data-main-action': true } : {})}
            onPress={() => onLook(step.id)}
          >
            Look now: {step.check?.look ?? step.title}
          </Button>
        ))}
        <Button size="big" look="quiet" onPress={onAsItIs}>
          <Of>Put it away as it is</Of>
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
        <strong>
          <Said>{occupiedText(inUse, where, clockText)}</Said>
        </strong>{' '}
        {step.mayWait ? 'This can wait until it is free.' : 'If it is wet, do not let it lie long.'}
      </Note>
      <Row $wrap>
        {others.map(({ name, to }) => (
          <Button key={name} size="big" data-main-action onPress={() => onMove(to)}>
            Use {name} instead
          </Button>
        ))}
        <Button size="big" look="quiet" onPress={onTogether}>
          {step.settings.dryerId === undefined && step.settings.washerId === undefined
            ? 'There is room for both'
            : 'They go in together'}
        </Button>
      </Row>
    </>
  );
}
