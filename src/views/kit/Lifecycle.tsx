import { Of, useOfThing } from '../../app/OfThing';
import { useState } from 'react';
import { daysBetween } from '../../core/units/day';
import { dayText } from '../../app/time';
import { RHYTHM_FIGURES } from '../../core/knowledge';
import type { Item, Kit } from '../../core/gear';
import { GONE_WORDS, JOB_WORDS, WEAR_WORDS } from '../../core/words';
import { capital } from '../../core/words/text';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { NumberField } from '../../ui/NumberField';
import { Sheet } from '../../ui/Sheet';
import { withField } from '../../ui/fields';
import { GoneSheet } from './GoneSheet';
import { LendSheet } from './LendSheet';
import { Form } from '../../ui/Form';
import { BOUNDS } from '../../core/knowledge/bounds';

const years = (days: number): string => (days < 365 ? `${Math.round(days / 30)} months` : `${(days / 365).toFixed(1)} years`);

import { type LifeHere, useLifecycle } from './useLifecycle';
interface OfLife {
  readonly item: Item;
  readonly life: LifeHere;
}
/** Where it is, and how it lasts, in sentences. */
function Says({ item, life: { now, age, washes, uses, wear, idle, until } }: OfLife) {
  const says = useOfThing();
  return (
    <>
      {item.lent && (
        <Note tone={item.lent.back && item.lent.back < now ? 'alarm' : 'quiet'}>
          With <strong>{item.lent.to}</strong> since {dayText(item.lent.on)}
          {item.lent.back ? `, wanted back on ${dayText(item.lent.back)}` : ''}.
        </Note>
      )}
      {item.archivedOn && (
        <Note>
          Put away on {dayText(item.archivedOn)}: <Of>it asks for nothing until you bring it back.</Of>
        </Note>
      )}
      {item.retiredOn && (
        <Note>
          {item.gone ? capital(GONE_WORDS[item.gone.how]) : 'Retired'}
          {item.gone?.to ? ` to ${item.gone.to}` : ''} on {dayText(item.retiredOn)}. <Of>Its record stays.</Of>
        </Note>
      )}
      <p>
        {age === null ? <Of>Its age is not recorded</Of> : `${years(age)} old`}
        {item.targetYears ? `, meant to last ${item.targetYears} years` : ''}; {washes === 1 ? 'one wash' : `${washes} washes`}{' '}
        and {uses === 1 ? 'one use' : `${uses} uses`} recorded
        {wear.length > 0 ? `; wear seen: ${wear.map((w) => WEAR_WORDS[w]).join(', ')}` : ''}.
      </p>
      {idle !== null && idle > RHYTHM_FIGURES.unusedDays.value && !item.archivedOn && !item.retiredOn && (
        <Note>
          Not used for {years(idle)}: <Of>lend it, sell it or put it away?</Of> A smaller kit is easier to care for.
        </Note>
      )}
      {age !== null && item.targetYears !== undefined && (
        <Quiet>
          {until !== null && until > now
            ? `${years(daysBetween(now, until))} to go.`
            : says('It has lasted as long as it was meant to.')}
        </Quiet>
      )}
    </>
  );
}
/** What can be done with it. */
function Ways({ item, life: { name, now, lower, change, setOpen } }: OfLife) {
  return (
    <Row $wrap style={{ marginTop: 8 }}>
      {item.lent ? (
        <Button look="quiet" onPress={() => void change(`${name} came back.`, withField(item, 'lent', undefined))}>
          <Of>It came back</Of>
        </Button>
      ) : (
        <Button look="quiet" onPress={() => setOpen('lend')}>
          <Of>Lend it</Of>
        </Button>
      )}
      <Button
        look="quiet"
        onPress={() =>
          void change(
            item.archivedOn ? `${name}: brought back.` : `${name}: put away.`,
            withField(item, 'archivedOn', item.archivedOn ? undefined : now),
          )
        }
      >
        <Of>{item.archivedOn ? 'Bring it back' : 'Put it away'}</Of>
      </Button>
      <Button
        look="quiet"
        onPress={() =>
          item.retiredOn
            ? void change(`${name}: in use again.`, withField(withField(item, 'gone', undefined), 'retiredOn', undefined))
            : setOpen('gone')
        }
      >
        <Of>{item.retiredOn ? 'Take it back into use' : 'It goes for good'}</Of>
      </Button>
      {lower && (
        <Button
          look="quiet"
          onPress={() => void change(`${name}: for ${JOB_WORDS[lower]} from now on.`, { ...item, jobClass: lower })}
        >
          <Of>{`Move it to ${JOB_WORDS[lower]}`}</Of>
        </Button>
      )}
      <Button look="quiet" onPress={() => setOpen('target')}>
        <Of>How long should it last?</Of>
      </Button>
    </Row>
  );
}
function TargetSheet({ item, life: { change, setOpen } }: OfLife) {
  const says = useOfThing();
  const [target, setTarget] = useState<number | undefined>(item.targetYears);
  return (
    <Sheet title={says('How long should it last?')} open onClose={() => setOpen(null)}>
      <Form onSubmit={() => void change(says('Its lifetime is set.'), withField(item, 'targetYears', target))}>
        <NumberField
          label="Years"
          value={target}
          what="the years"
          {...BOUNDS.targetYears}
          width={160}
          autoFocus
          onChange={setTarget}
        />
        <Row>
          <Button type="submit">Set it</Button>
        </Row>
      </Form>
    </Sheet>
  );
}

/** Where it is in its life: lent, put away, retired; how long it has lasted, and what washing has done to it. */
export function Lifecycle({ kit, item }: { kit: Kit; item: Item }) {
  const says = useOfThing();
  const life = useLifecycle(kit, item);
  const { open, setOpen, asked, name, change } = life;
  return (
    <section aria-labelledby="life">
      <h2 id="life">
        <Of>Its life</Of>
      </h2>
      <Says item={item} life={life} />
      <Ways item={item} life={life} />
      {open === 'lend' && (
        <LendSheet
          title={`Lend ${name}`}
          action={says('Lend it')}
          onLend={(lent) => void change(`${name} is with ${lent.to}.`, { ...item, lent })}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'gone' && (
        <GoneSheet
          how={asked === null ? 'given-away' : 'worn-out'}
          name={name}
          onGone={({ on, ...gone }) => void change(`${name} is ${GONE_WORDS[gone.how]}.`, { ...item, retiredOn: on, gone })}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'target' && <TargetSheet item={item} life={life} />}
    </section>
  );
}
