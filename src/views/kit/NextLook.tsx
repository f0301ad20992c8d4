import { useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { type ReactNode } from 'react';
import { today } from '../../app/now';
import { notify } from '../../app/session';
import { dayText } from '../../app/time';
import { usedToday } from '../../app/used';
import { forecastText } from '../../core/telling/due';
import { machineWashesAYear, rhythmOf } from '../../core/due';
import { nextEvent } from '../../core/due/forecast';
import { rankAll } from '../../core/due/rank';
import { machineWashesInYear } from '../../core/facts';
import type { Programme } from '../../core/document';
import { latestInspection, type Item, type Kit } from '../../core/gear';
import { saveItem } from '../../data/repo';
import { Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { withField } from '../../ui/fields';

/** What is kept frozen between uses. */
const FROZEN_KINDS: ReadonlySet<Item['kind']> = new Set(['soft-flask', 'reservoir']);
/** When it is due, and why: use first, the calendar behind it, and in time for the next outing. */
export function NextLook({ kit, item, programme, underWay }: { kit: Kit; item: Item; programme: Programme; underWay: boolean }) {
  const now = today();
  const rhythm = rhythmOf(item);
  const ceiling = machineWashesAYear(item);
  const freeze = async (): Promise<void> => {
    const undo = await saveItem(withField(item, 'inFreezer', item.inFreezer ? undefined : true));
    notify(item.inFreezer ? 'It is out: let it thaw some minutes.' : 'It is in the freezer.', undo);
  };
  const forget = async (): Promise<void> =>
    notify('That day is forgotten.', await saveItem(withField(item, 'planned', undefined)));
  const outlines = { [item.id]: { ...programme, lookDays: rhythm.days } };
  const [row] = rankAll({ ...kit, items: [item] }, outlines, now, new Set(underWay ? [item.id] : []));
  const says = useOfThing();
  const afterwards = `${rhythm.reason.charAt(0).toLowerCase()}${rhythm.reason.slice(1)}`;
  const said = (): ReactNode => {
    if (!row) return null;
    if (row.need === 'under-way') return <strong>{says('It is under way.')}</strong>;
    if (row.planned)
      return (
        <>
          You have set <strong>{dayText(row.on)}</strong> {says('for it.')}{' '}
          <TextButton onPress={() => void forget()}>Forget that day</TextButton>
        </>
      );
    if (row.forecast === null)
      return (
        <>
          <strong>{says(row.need === 'look' ? 'Now: nobody has looked it over yet.' : 'It needs care now.')}</strong> Afterwards:{' '}
          {afterwards}
        </>
      );
    return (
      <>
        {row.on <= now ? 'Due since ' : ''}
        <strong>{dayText(row.on)}</strong>.{' '}
        <Said>{forecastText(row.forecast, item, rhythm.reason, nextEvent(kit.log ?? [], now, item.id)?.name)}</Said>
      </>
    );
  };
  return (
    <section aria-labelledby="next">
      <h2 id="next">Next look</h2>
      <p>
        <Said>{said()}</Said>
      </p>
      {ceiling !== null && (
        <p>
          Machine washes in a year:{' '}
          <strong>{machineWashesInYear(item.id, latestInspection(kit.inspections, item.id), kit.log ?? [])}</strong> of {ceiling}{' '}
          {says('that it bears.')}
        </p>
      )}
      <Row $wrap>
        <Button look="quiet" onPress={() => void usedToday(item)}>
          Used today
        </Button>
        {FROZEN_KINDS.has(item.kind) && (
          <Button look="quiet" onPress={() => void freeze()}>
            {item.inFreezer ? 'Take it out of the freezer' : 'It is in the freezer'}
          </Button>
        )}
      </Row>
    </section>
  );
}
