import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import { toThing } from '../../app/routes';
import { planIfPossible } from '../../app/plan';
import { newId, nowIso, today } from '../../app/now';
import { noonOf } from '../../core/units/day';
import { notify } from '../../app/session';
import { minutesOf } from '../../core/document';
import { lastOuting, thingsFor, usesOf } from '../../core/due/outing';
import type { Kit, Outing, UseEntry } from '../../core/gear';
import { minutesText } from '../../core/units';
import { OUTING_WORDS, thingName } from '../../core/words';
import { saveUses } from '../../data/repo';
import { Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { UseFields, type UseSaid } from './UseFields';
import { ComboBox } from '../../ui/ComboBox';
import { Form } from '../../ui/Form';

/** What is asked for in figures. */
const COUNTS = { run: ['hours', 'km'], trip: ['nights'], game: ['hours'], day: ['hours'] } as const satisfies Record<
  Outing,
  readonly string[]
>;
/** Likely things that are offered as chips; the rest stand in the list behind them. */
const CHIPS = 24;

/** What was used on an outing, where and how hard; then what each of those things needs now. */
export default function BackSheet({ kit, outing, onClose }: { kit: Kit; outing: Outing; onClose: () => void }) {
  const log = useMemo(() => kit.log ?? [], [kit.log]);
  const { likely, others } = useMemo(() => thingsFor(outing, kit.items, log), [outing, kit.items, log]);
  const last = useMemo(() => lastOuting(outing, log), [outing, log]);
  const here = new Set(likely.map((i) => i.id));
  const [chosen, setChosen] = useState<readonly string[]>(
    last.flatMap((e) => (e.itemId && here.has(e.itemId) ? [e.itemId] : [])),
  );
  const [day, setDay] = useState(today());
  const [about, setAbout] = useState<UseSaid>(last[0]?.place === undefined ? {} : { place: last[0].place });
  const [saved, setSaved] = useState<readonly UseEntry[] | null>(null);
  const save = async (): Promise<void> => {
    const said = { ...about, at: day === today() ? nowIso() : noonOf(day) };
    const uses = usesOf(outing, chosen, said, newId);
    notify(`${uses.length === 1 ? 'One thing was' : `${uses.length} things were`} used: it is recorded.`, await saveUses(uses));
    setSaved(uses);
  };
  if (saved) return <Afterwards kit={kit} uses={saved} onClose={onClose} />;
  const shown = [...likely.slice(0, CHIPS), ...[...likely.slice(CHIPS), ...others].filter((i) => chosen.includes(i.id))];
  const rest = [...likely.slice(CHIPS), ...others].filter((i) => !chosen.includes(i.id));
  return (
    <Sheet title={`Back from ${OUTING_WORDS[outing].from}`} open onClose={onClose}>
      {shown.length > 0 && (
        <AnyOf
          label="What was used?"
          values={chosen}
          options={shown.map((i) => ({ id: i.id, name: thingName(i), ...(i.owner ? { hint: i.owner } : {}) }))}
          onChange={setChosen}
        />
      )}
      {rest.length > 0 && (
        <ComboBox
          label={shown.length > 0 ? 'And what else?' : 'What was used?'}
          value={null}
          clears
          options={rest.map((i) => ({ id: i.id, name: thingName(i), ...(i.owner ? { also: i.owner } : {}) }))}
          placeholder="type a name or an owner"
          onChange={(id) => id !== null && setChosen([...chosen, id])}
        />
      )}
      <Form onSubmit={() => void save()}>
        <UseFields said={about} day={day} counts={COUNTS[outing]} onSaid={setAbout} onDay={setDay} />
        <Row>
          <Button type="submit" isDisabled={chosen.length === 0}>
            Record it
          </Button>
        </Row>
      </Form>
    </Sheet>
  );
}

/** What came back and wants something, least work first. */
function Afterwards({ kit, uses, onClose }: { kit: Kit; uses: readonly UseEntry[]; onClose: () => void }) {
  const log = [...(kit.log ?? []).filter((e) => !uses.some((u) => u.id === e.id)), ...uses];
  const rows = uses.flatMap((use) => {
    const item = kit.items.find((i) => i.id === use.itemId);
    return item ? [{ item, programme: planIfPossible({ ...kit, log }, item)?.programme }] : [];
  });
  const planned = rows.flatMap(({ item, programme }) =>
    programme ? [{ item, programme, hands: minutesOf(programme.steps).hands }] : [],
  );
  const needy = planned.filter((r) => r.programme.aims.length > 0).sort((a, b) => a.hands - b.hands);
  const rest = planned.filter((r) => r.programme.aims.length === 0);
  const unplanned = rows.filter((r) => !r.programme);
  const title =
    needy.length > 0 ? 'What they need now' : unplanned.length > 0 ? 'Not all could be planned' : 'Nothing needs you now';
  return (
    <Sheet title={title} open onClose={onClose}>
      <ul>
        {needy.map(({ item, programme, hands }) => (
          <li key={item.id} style={{ padding: '8px 0' }}>
            <Link to={toThing(item.id, 'programme')}>
              <strong>{thingName(item)}</strong>
            </Link>{' '}
            {programme.verdict} <Quiet>{minutesText(hands)} of your time</Quiet>
          </li>
        ))}
      </ul>
      {rest.length > 0 && (
        <p>Hang up or put away: {rest.map((r) => thingName(r.item)).join(', ')}. Look one over if it seems dirty.</p>
      )}
      {unplanned.length > 0 && (
        <p>Could not be planned: {unplanned.map((r) => thingName(r.item)).join(', ')}. The page of each says what to do.</p>
      )}
      <Row>
        <Button onPress={onClose}>Done</Button>
      </Row>
    </Sheet>
  );
}
