import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { nowIso } from '../../app/now';
import { clockText, whenText } from '../../app/time';
import { beginRun, useOpenRuns } from '../../app/runs';
import { inUseAt, type Spot } from '../../core/run/in-use';
import { notify } from '../../app/session';
import type { Agent, Dryer, Equipment, Iron, Kit, Rack, Washer } from '../../core/gear';
import { NEVER_TOGETHER } from '../../core/knowledge';
import { withStanding } from '../../core/run/meet';
import { neverMatrix } from '../../core/supplies';
import { purgeProgramme } from '../../core/upkeep';
import { AGENT_WORDS, DRYER_WORDS, HEAT_WORDS, RESIDUE_WORDS, WASHER_WORDS } from '../../core/words';
import { RACK_WORDS } from '../../core/words/upkeep';
import { saveEquipment } from '../../data/repo';
import { Column, Figure, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { color } from '../../ui/theme';
import { CleanFor } from './CleanFor';
import { DryerSheet, IronSheet, RackSheet } from './MachineSheets';
import { WasherSheet } from './WasherSheet';
import { Lines, Two } from './parts';
import { toRun } from '../../app/routes';

/** A machine as it stands now: a run or another tab may have changed it while its sheet is open. */
const asItIs = <T extends { readonly id: string }>(of: T | null, all: readonly T[] | undefined): T | null =>
  all?.find((m) => m.id === of?.id) ?? of;
type Open =
  | { sheet: 'washer'; of: Washer | null }
  | { sheet: 'dryer'; of: Dryer | null }
  | { sheet: 'rack'; of: Rack | null }
  | { sheet: 'iron'; of: Iron | null }
  | { sheet: 'used'; of: Washer };

const isDrum = (w: Washer): boolean => w.kind !== 'tub' && w.kind !== 'basin';

function stateOf(w: Washer): { text: string; alarm: boolean } {
  const standing = w.unrinsed ?? [];
  const last = standing[standing.length - 1];
  if (last)
    return {
      text: `${[...new Set(standing.map((s) => AGENT_WORDS[s.class]))].join(', ')} went in ${whenText(last.at)}, not rinsed out`,
      alarm: true,
    };
  const left = w.lastLoads ?? [];
  if (left.length > 0) return { text: `holds ${left.map((r) => RESIDUE_WORDS[r]).join(', ')} from its last loads`, alarm: true };
  return { text: 'nothing left in it', alarm: false };
}

/** Starts a guided purge, or goes to the one under way. */
const beginPurge = async (washer: Washer): Promise<string> =>
  (await beginRun(purgeProgramme(washer), washer.name ?? WASHER_WORDS[washer.kind], { machineId: washer.id })).id;

/** Whose thing is in it just now, and the way there. */
function InIt({ spot }: { spot: Spot }) {
  const inUse = inUseAt(spot, useOpenRuns() ?? []);
  if (!inUse) return null;
  return (
    <span style={{ display: 'block' }}>
      <Link to={toRun(inUse.run.id)}>
        <strong>{inUse.run.itemName} is in it</strong>
      </Link>
      {inUse.untilMs !== null && ` until ${clockText(inUse.untilMs)}`}
    </span>
  );
}

function UsedSheet({ washer, equipment, onClose }: { washer: Washer; equipment: Equipment; onClose: () => void }) {
  const [cls, setCls] = useState<Agent | null>(null);
  const name = washer.name ?? WASHER_WORDS[washer.kind];
  const save = async (): Promise<void> => {
    if (!cls) return;
    const next = withStanding(equipment, washer.id, [...(washer.unrinsed ?? []), { class: cls, at: nowIso() }]);
    notify(`${name} is marked until it is rinsed out.`, await saveEquipment(next));
    onClose();
  };
  return (
    <Sheet title={`What was used in ${name}?`} open onClose={onClose}>
      <p>Cleaning counts too. Plans will have it rinsed first, and Run will not let it meet what it must not.</p>
      <OneOf
        label="Which?"
        hideLabel
        value={cls}
        options={neverMatrix(NEVER_TOGETHER).classes.map((id) => ({ id, name: AGENT_WORDS[id] }))}
        onChange={(id) => setCls(id as Agent)}
      />
      <Row>
        <Button isDisabled={!cls} onPress={() => void save()}>
          Mark it
        </Button>
        <Button look="quiet" onPress={onClose}>
          Leave it
        </Button>
      </Row>
    </Sheet>
  );
}

interface Listed {
  readonly equipment: Equipment;
  readonly onOpen: (open: Open) => void;
}
/** What is in a machine, and what can be done about it. */
function WasherLine({ w, equipment, onOpen }: Listed & { w: Washer }) {
  const navigate = useNavigate();
  const rinsed = async (w: Washer): Promise<void> =>
    notify(`${w.name ?? WASHER_WORDS[w.kind]} is rinsed out.`, await saveEquipment(withStanding(equipment, w.id, [])));
  const name = w.name ?? WASHER_WORDS[w.kind];
  const state = stateOf(w);
  return (
    <li>
      <span>
        <strong>{name}</strong>{' '}
        <Quiet>
          {w.name ? WASHER_WORDS[w.kind] : ''}
          {(w.cycles ?? []).length > 0 ? `, ${w.cycles?.length} programmes` : ''}
        </Quiet>
        <br />
        <span style={{ fontSize: 15, color: state.alarm ? color.alarm : color.quiet }}>{state.text}</span>
        <InIt spot={{ what: 'washer', id: w.id }} />
      </span>
      <Figure>
        {[w.capacityKg ? `${w.capacityKg} kg` : '', w.drumLitres ? `${w.drumLitres} L` : ''].filter(Boolean).join(' · ')}
      </Figure>
      <Row $wrap $gap={12} style={{ gridColumn: '1 / -1' }}>
        {(w.unrinsed ?? []).length > 0 && (
          <TextButton aria-label={`I rinsed it out: ${name}`} onPress={() => void rinsed(w)}>
            I rinsed it out
          </TextButton>
        )}
        {isDrum(w) && (
          <TextButton aria-label={`Purge ${name}`} onPress={() => void beginPurge(w).then((id) => navigate(toRun(id)))}>
            Purge
          </TextButton>
        )}
        <TextButton aria-label={`Something was used in it: ${name}`} onPress={() => onOpen({ sheet: 'used', of: w })}>
          Something was used in it
        </TextButton>
        <TextButton aria-label={`Correct ${name}`} onPress={() => onOpen({ sheet: 'washer', of: w })}>
          Correct
        </TextButton>
      </Row>
    </li>
  );
}
function Washers({ equipment, onOpen }: Listed) {
  return (
    <section aria-labelledby="washers">
      <Row $between>
        <h2 id="washers">Machines and baths</h2>
        <Button look="quiet" onPress={() => onOpen({ sheet: 'washer', of: null })}>
          Add
        </Button>
      </Row>
      <Lines>
        {(equipment.washers ?? []).map((w) => (
          <WasherLine key={w.id} w={w} equipment={equipment} onOpen={onOpen} />
        ))}
      </Lines>
      {(equipment.washers ?? []).length === 0 && <Quiet>None listed. Plans then take a bath that you can find.</Quiet>}
    </section>
  );
}
function Dryers({ equipment, onOpen }: Listed) {
  return (
    <section aria-labelledby="dryers">
      <Row $between>
        <h2 id="dryers">Dryers</h2>
        <Button look="quiet" onPress={() => onOpen({ sheet: 'dryer', of: null })}>
          Add
        </Button>
      </Row>
      <Lines>
        {(equipment.dryers ?? []).map((d) => (
          <li key={d.id}>
            <span>
              <strong>{d.name ?? DRYER_WORDS[d.kind]}</strong> <Quiet>{d.name ? DRYER_WORDS[d.kind] : ''}</Quiet>
              <br />
              <Quiet>
                <InIt spot={{ what: 'dryer', id: d.id }} />
                {(d.heats ?? []).map((h) => `${HEAT_WORDS[h]}${d.heatC?.[h] ? ` (${d.heatC[h]} °C measured)` : ''}`).join(', ') ||
                  'heats not recorded'}
              </Quiet>
            </span>
            <Row $gap={12}>
              <Figure>{d.drumLitres ? `${d.drumLitres} L` : ''}</Figure>
              <TextButton
                aria-label={`Correct ${d.name ?? DRYER_WORDS[d.kind]}`}
                onPress={() => onOpen({ sheet: 'dryer', of: d })}
              >
                Correct
              </TextButton>
            </Row>
          </li>
        ))}
      </Lines>
    </section>
  );
}
function Places({ equipment, onOpen }: Listed) {
  return (
    <section aria-labelledby="places">
      <Row $between>
        <h2 id="places">Lines, racks, irons</h2>
        <Row $wrap $gap={8}>
          <Button look="quiet" onPress={() => onOpen({ sheet: 'rack', of: null })}>
            Add a line
          </Button>
          <Button look="quiet" onPress={() => onOpen({ sheet: 'iron', of: null })}>
            Add an iron
          </Button>
        </Row>
      </Row>
      <Lines>
        {(equipment.racks ?? []).map((r) => (
          <li key={r.id}>
            <span>
              <strong>{r.name ?? RACK_WORDS[r.kind]}</strong>{' '}
              <Quiet>
                {r.name ? RACK_WORDS[r.kind] : ''}
                {r.outdoors ? ', outdoors' : ''}
                {r.metres ? `, ${r.metres} m` : ''}
              </Quiet>
            </span>
            <TextButton aria-label={`Correct ${r.name ?? RACK_WORDS[r.kind]}`} onPress={() => onOpen({ sheet: 'rack', of: r })}>
              Correct
            </TextButton>
          </li>
        ))}
        {(equipment.irons ?? []).map((i) => (
          <li key={i.id}>
            <span>
              <strong>{i.name ?? 'Iron'}</strong>{' '}
              <Quiet>{i.oneDotC ? `${i.oneDotC} °C measured at one dot` : 'never measured'}</Quiet>
            </span>
            <TextButton aria-label={`Correct ${i.name ?? 'Iron'}`} onPress={() => onOpen({ sheet: 'iron', of: i })}>
              Correct
            </TextButton>
          </li>
        ))}
      </Lines>
    </section>
  );
}

/** Machines, baths, dryers and places, and whether one is clean enough for a load. */
export function Machines({ kit }: { kit: Kit }) {
  const equipment = kit.equipment ?? {};
  const [open, setOpen] = useState<Open | null>(null);
  const close = (): void => setOpen(null);
  const listed = { equipment, onOpen: setOpen };
  return (
    <Two>
      <Column $gap={28}>
        <Washers {...listed} />
      </Column>
      <Column $gap={28}>
        <CleanFor kit={kit} />
        <Dryers {...listed} />
        <Places {...listed} />
      </Column>
      {open?.sheet === 'washer' && <WasherSheet of={asItIs(open.of, equipment.washers)} equipment={equipment} onClose={close} />}
      {open?.sheet === 'dryer' && <DryerSheet of={asItIs(open.of, equipment.dryers)} equipment={equipment} onClose={close} />}
      {open?.sheet === 'rack' && <RackSheet of={asItIs(open.of, equipment.racks)} equipment={equipment} onClose={close} />}
      {open?.sheet === 'iron' && <IronSheet of={asItIs(open.of, equipment.irons)} equipment={equipment} onClose={close} />}
      {open?.sheet === 'used' && <UsedSheet washer={open.of} equipment={equipment} onClose={close} />}
    </Two>
  );
}
