import { useState } from 'react';
import styled from 'styled-components';
import { useKit } from '../../app/kit';
import { tell } from '../../app/session';
import { newId } from '../../app/now';
import type { Dryer, Equipment, Supply, Washer } from '../../core/gear';
import * as v from '../../core/gear';
import { DRYER_WORDS, RESIDUE_WORDS, SUPPLY_WORDS, WASHER_WORDS } from '../../core/words';
import { deleteSupply, saveEquipment, saveSupply } from '../../data/repo';
import { Button, Column, Field, Figure, Note, Page, Quiet, Row, TextButton } from '../../ui/basics';
import { AnyOf } from '../../ui/Choices';
import { Sheet } from '../../ui/Sheet';
import { color, phone } from '../../ui/theme';

const Lines = styled.ul`
  margin-top: 8px;
  li {
    border-top: 1px solid ${color.line};
    padding: 6px 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto auto;
    gap: 16px;
    align-items: center;
    min-height: 52px;
  }
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 48px;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
const left = (s: Supply): string =>
  s.remainingMl !== undefined
    ? s.remainingMl <= 0
      ? 'empty'
      : `${Math.round(s.remainingMl)} mL`
    : s.remainingCount !== undefined
      ? s.remainingCount <= 0
        ? 'none'
        : `× ${s.remainingCount}`
      : 'enough';
const washes = (s: Supply): string =>
  s.remainingMl !== undefined && s.labelDoseMl ? `${Math.floor(s.remainingMl / s.labelDoseMl)} washes` : '';

/** A number typed by a person: empty is unknown, a comma is a point, anything else must be above zero. */
function typed(text: string): number | undefined | null {
  if (text.trim() === '') return undefined;
  const value = Number(text.replace(',', '.'));
  return value >= 0 && Number.isFinite(value) ? value : null;
}
function useTyped(start: number | undefined): {
  text: string;
  set: (t: string) => void;
  value: number | undefined;
  fault: boolean;
} {
  const [text, set] = useState(start === undefined ? '' : String(start));
  const value = typed(text);
  return { text, set, value: value ?? undefined, fault: value === null };
}
function NumberField({ label, field }: { label: string; field: ReturnType<typeof useTyped> }) {
  return (
    <Field>
      {label}
      <input inputMode="decimal" value={field.text} aria-invalid={field.fault} onChange={(e) => field.set(e.target.value)} />
      {field.fault && <Note tone="alarm">Write a number of 0 or more, or leave it open.</Note>}
    </Field>
  );
}

function SupplySheet({ supply, onClose }: { supply: Supply | null; onClose: () => void }) {
  const [cls, setCls] = useState<Supply['class']>(supply?.class ?? 'down-cleaner');
  const [name, setName] = useState(supply?.name ?? '');
  const ml = useTyped(supply?.remainingMl);
  const dose = useTyped(supply?.labelDoseMl);
  const cap = useTyped(supply?.capMl);
  const count = useTyped(supply?.remainingCount);
  const counted = cls === 'dryer-balls' || cls === 'felt-balls' || cls === 'melamine-sponge' || cls === 'dryer-sheets';
  const fault = ml.fault || dose.fault || cap.fault || count.fault || dose.value === 0 || cap.value === 0;
  const save = async (): Promise<void> => {
    const next: Supply = { ...supply, id: supply?.id ?? newId('s'), class: cls };
    const put = (key: 'remainingMl' | 'labelDoseMl' | 'capMl' | 'remainingCount', value: number | undefined): void => {
      if (value === undefined) delete next[key];
      else next[key] = value;
    };
    put('remainingMl', counted ? undefined : ml.value);
    put('labelDoseMl', counted ? undefined : dose.value);
    put('capMl', counted ? undefined : cap.value);
    put('remainingCount', counted ? count.value : undefined);
    if (name) next.name = name;
    else delete next.name;
    tell(`${next.name ?? SUPPLY_WORDS[cls]} is in the cupboard.`, await saveSupply(next));
    onClose();
  };
  return (
    <Sheet title={supply ? 'Correct it' : 'What do you have?'} open onClose={onClose}>
      <Field>
        What it is
        <select value={cls} onChange={(e) => setCls(e.target.value as Supply['class'])}>
          {v.SUPPLY_CLASSES.map((c) => (
            <option key={c} value={c}>
              {SUPPLY_WORDS[c]}
            </option>
          ))}
        </select>
      </Field>
      <Field>
        Your name for it
        <input value={name} maxLength={200} onChange={(e) => setName(e.target.value)} />
      </Field>
      {counted ? (
        <NumberField label="How many" field={count} />
      ) : (
        <>
          <NumberField label="Left in it, mL" field={ml} />
          <NumberField label="Dose on its label, mL" field={dose} />
          <NumberField label="Its own cap holds, mL" field={cap} />
        </>
      )}
      <Row>
        <Button disabled={fault} onClick={() => void save()}>
          Save
        </Button>
        <Button $quiet onClick={onClose}>
          Leave it
        </Button>
      </Row>
    </Sheet>
  );
}

function MachineSheet({ washer, equipment, onClose }: { washer: Washer | null; equipment: Equipment; onClose: () => void }) {
  const [kind, setKind] = useState<Washer['kind']>(washer?.kind ?? 'front-loader');
  const [name, setName] = useState(washer?.name ?? '');
  const kg = useTyped(washer?.capacityKg);
  const litres = useTyped(washer?.drumLitres);
  const [spins, setSpins] = useState((washer?.spinRpm ?? []).join(', '));
  const [residues, setResidues] = useState<string[]>(washer?.lastLoads ?? []);
  const rpm = spins
    .split(/[\s,;]+/)
    .filter(Boolean)
    .map(Number);
  const fault = kg.fault || litres.fault || kg.value === 0 || litres.value === 0 || rpm.some((r) => !(r > 0));
  const save = async (): Promise<void> => {
    const next: Washer = { ...washer, id: washer?.id ?? newId('w'), kind, lastLoads: residues as Washer['lastLoads'] & object };
    delete next.capacityKg;
    delete next.drumLitres;
    delete next.spinRpm;
    if (kg.value) next.capacityKg = kg.value;
    if (litres.value) next.drumLitres = litres.value;
    if (rpm.length > 0) next.spinRpm = rpm;
    if (name) next.name = name;
    const washers = (equipment.washers ?? []).filter((w) => w.id !== next.id);
    await saveEquipment({ ...equipment, washers: [...washers, next] });
    tell(`${name || WASHER_WORDS[kind]} is saved.`, () => saveEquipment(equipment));
    onClose();
  };
  return (
    <Sheet title={washer ? 'Correct the machine' : 'Which machine or bath?'} open onClose={onClose}>
      <Field>
        Kind
        <select value={kind} onChange={(e) => setKind(e.target.value as Washer['kind'])}>
          {v.WASHER_KINDS.map((k) => (
            <option key={k} value={k}>
              {WASHER_WORDS[k]}
            </option>
          ))}
        </select>
      </Field>
      <Field>
        Name
        <input value={name} maxLength={200} onChange={(e) => setName(e.target.value)} />
      </Field>
      {kind !== 'tub' && kind !== 'basin' && (
        <>
          <NumberField label="Load it is made for, kg" field={kg} />
          <NumberField label="Drum, litres" field={litres} />
          <Field>
            Spin speeds it offers, rpm
            <input value={spins} placeholder="400, 600, 800" onChange={(e) => setSpins(e.target.value)} />
          </Field>
          <AnyOf
            label="What its last loads left in it"
            values={residues}
            options={v.RESIDUES.map((r) => ({ id: r, name: RESIDUE_WORDS[r] }))}
            onChange={setResidues}
          />
        </>
      )}
      <Row>
        <Button disabled={fault} onClick={() => void save()}>
          Save
        </Button>
        <Button $quiet onClick={onClose}>
          Leave it
        </Button>
      </Row>
    </Sheet>
  );
}

function DryerSheet({ dryer, equipment, onClose }: { dryer: Dryer | null; equipment: Equipment; onClose: () => void }) {
  const [kind, setKind] = useState<Dryer['kind']>(dryer?.kind ?? 'vented');
  const [name, setName] = useState(dryer?.name ?? '');
  const litres = useTyped(dryer?.drumLitres);
  const [heats, setHeats] = useState<string[]>(dryer?.heats ?? [...v.HEATS]);
  const save = async (): Promise<void> => {
    const next: Dryer = { ...dryer, id: dryer?.id ?? newId('d'), kind, heats: v.HEATS.filter((h) => heats.includes(h)) };
    delete next.drumLitres;
    if (litres.value) next.drumLitres = litres.value;
    if (name) next.name = name;
    const dryers = (equipment.dryers ?? []).filter((d) => d.id !== next.id);
    await saveEquipment({ ...equipment, dryers: [...dryers, next] });
    tell(`${name || DRYER_WORDS[kind]} is saved.`, () => saveEquipment(equipment));
    onClose();
  };
  return (
    <Sheet title={dryer ? 'Correct the dryer' : 'Which dryer?'} open onClose={onClose}>
      <Field>
        Kind
        <select value={kind} onChange={(e) => setKind(e.target.value as Dryer['kind'])}>
          {v.DRYER_KINDS.map((k) => (
            <option key={k} value={k}>
              {DRYER_WORDS[k]}
            </option>
          ))}
        </select>
      </Field>
      <Field>
        Name
        <input value={name} maxLength={200} onChange={(e) => setName(e.target.value)} />
      </Field>
      <NumberField label="Drum, litres" field={litres} />
      <AnyOf
        label="Heats it has"
        values={heats}
        options={v.HEATS.map((h) => ({ id: h, name: h === 'air' ? 'no heat' : h }))}
        onChange={setHeats}
      />
      <Row>
        <Button disabled={litres.fault || heats.length === 0} onClick={() => void save()}>
          Save
        </Button>
        <Button $quiet onClick={onClose}>
          Leave it
        </Button>
      </Row>
    </Sheet>
  );
}

function RoomForm({ equipment }: { equipment: Equipment }) {
  const air = useTyped(equipment.room?.airC);
  const rh = useTyped(equipment.room?.rhPercent);
  const hardness = useTyped(equipment.waterHardnessMgPerL);
  const fault = air.fault || rh.fault || hardness.fault || (rh.value ?? 0) > 100;
  const save = async (): Promise<void> => {
    const room = { ...equipment.room };
    delete room.airC;
    delete room.rhPercent;
    if (air.value !== undefined) room.airC = air.value;
    if (rh.value !== undefined) room.rhPercent = rh.value;
    const next: Equipment = { ...equipment, room };
    delete next.waterHardnessMgPerL;
    if (hardness.value !== undefined) next.waterHardnessMgPerL = hardness.value;
    await saveEquipment(next);
    tell('Room and water are saved.', () => saveEquipment(equipment));
  };
  return (
    <Column>
      <Row $wrap $top>
        <NumberField label="Room, °C" field={air} />
        <NumberField label="Humidity, %" field={rh} />
        <NumberField label="Water hardness, mg/L" field={hardness} />
      </Row>
      {(rh.value ?? 0) > 100 && <Note tone="alarm">Humidity goes up to 100 %.</Note>}
      <Row>
        <Button $quiet disabled={fault} onClick={() => void save()}>
          Save room and water
        </Button>
      </Row>
    </Column>
  );
}

type Open =
  | { sheet: 'supply'; supply: Supply | null }
  | { sheet: 'washer'; washer: Washer | null }
  | { sheet: 'dryer'; dryer: Dryer | null }
  | null;

/** What have I to work with? */
export function Cupboard() {
  const kit = useKit();
  const [open, setOpen] = useState<Open>(null);
  if (!kit) return <Page aria-busy="true" />;
  const equipment = kit.equipment ?? {};
  const supplies = [...(kit.supplies ?? [])].sort((a, b) => SUPPLY_WORDS[a.class].localeCompare(SUPPLY_WORDS[b.class]));
  const low = supplies.filter((s) => s.remainingMl !== undefined && s.labelDoseMl !== undefined && s.remainingMl < s.labelDoseMl);
  const dirty = (equipment.washers ?? []).filter((w) => (w.lastLoads ?? []).length > 0);
  return (
    <Page>
      <h1>
        {dirty.length > 0 ? `${dirty[0]?.name ?? 'A machine'} wants a purge before anything technical. ` : 'Machines are clean. '}
        {low.length > 0 ? `${low.map((s) => s.name ?? SUPPLY_WORDS[s.class]).join(', ')}: not enough for one wash.` : ''}
      </h1>
      <Two>
        <section aria-labelledby="supplies">
          <Row $between>
            <h2 id="supplies">Bottles and aids</h2>
            <Button $quiet data-main-action onClick={() => setOpen({ sheet: 'supply', supply: null })}>
              Add
            </Button>
          </Row>
          <Lines>
            {supplies.map((s) => (
              <li key={s.id}>
                <span>
                  <strong>{s.name ?? capital(SUPPLY_WORDS[s.class])}</strong>
                  <br />
                  <Quiet>
                    {SUPPLY_WORDS[s.class]}
                    {s.labelDoseMl ? `, ${s.labelDoseMl} mL a wash` : ''}
                  </Quiet>
                </span>
                <span style={{ textAlign: 'right' }}>
                  <Figure>{left(s)}</Figure>
                  <br />
                  <Quiet>{washes(s)}</Quiet>
                </span>
                <Row $gap={8}>
                  <TextButton
                    aria-label={`Correct ${s.name ?? SUPPLY_WORDS[s.class]}`}
                    onClick={() => setOpen({ sheet: 'supply', supply: s })}
                  >
                    Correct
                  </TextButton>
                  <TextButton
                    aria-label={`Remove ${s.name ?? SUPPLY_WORDS[s.class]}`}
                    onClick={() => void deleteSupply(s.id).then((undo) => tell('Removed from the cupboard.', undo))}
                  >
                    Remove
                  </TextButton>
                </Row>
              </li>
            ))}
          </Lines>
          {supplies.length === 0 && <Quiet>Nothing listed. Plans will put what they need on a shopping list.</Quiet>}
        </section>
        <Column $gap={28}>
          <section aria-labelledby="washers">
            <Row $between>
              <h2 id="washers">Machines and baths</h2>
              <Button $quiet onClick={() => setOpen({ sheet: 'washer', washer: null })}>
                Add
              </Button>
            </Row>
            <Lines>
              {(equipment.washers ?? []).map((w) => (
                <li key={w.id}>
                  <span>
                    <strong>{w.name ?? WASHER_WORDS[w.kind]}</strong>
                    <br />
                    <Quiet>{WASHER_WORDS[w.kind]}</Quiet>
                  </span>
                  <span style={{ textAlign: 'right' }}>
                    <Figure>{w.capacityKg ? `${w.capacityKg} kg` : ''}</Figure>{' '}
                    <Quiet>
                      {(w.lastLoads ?? []).length > 0
                        ? `holds ${(w.lastLoads ?? []).map((r) => RESIDUE_WORDS[r]).join(', ')}`
                        : 'clean'}
                    </Quiet>
                  </span>
                  <TextButton
                    aria-label={`Correct ${w.name ?? WASHER_WORDS[w.kind]}`}
                    onClick={() => setOpen({ sheet: 'washer', washer: w })}
                  >
                    Correct
                  </TextButton>
                </li>
              ))}
            </Lines>
          </section>
          <section aria-labelledby="dryers">
            <Row $between>
              <h2 id="dryers">Dryers</h2>
              <Button $quiet onClick={() => setOpen({ sheet: 'dryer', dryer: null })}>
                Add
              </Button>
            </Row>
            <Lines>
              {(equipment.dryers ?? []).map((d) => (
                <li key={d.id}>
                  <span>
                    <strong>{d.name ?? DRYER_WORDS[d.kind]}</strong>
                    <br />
                    <Quiet>{DRYER_WORDS[d.kind]}</Quiet>
                  </span>
                  <Figure>{d.drumLitres ? `${d.drumLitres} L` : ''}</Figure>
                  <TextButton
                    aria-label={`Correct ${d.name ?? DRYER_WORDS[d.kind]}`}
                    onClick={() => setOpen({ sheet: 'dryer', dryer: d })}
                  >
                    Correct
                  </TextButton>
                </li>
              ))}
            </Lines>
          </section>
          <section aria-labelledby="room">
            <h2 id="room" style={{ marginBottom: 8 }}>
              Room and water
            </h2>
            <RoomForm key={JSON.stringify(equipment.room ?? {})} equipment={equipment} />
          </section>
        </Column>
      </Two>
      {open?.sheet === 'supply' && <SupplySheet supply={open.supply} onClose={() => setOpen(null)} />}
      {open?.sheet === 'washer' && <MachineSheet washer={open.washer} equipment={equipment} onClose={() => setOpen(null)} />}
      {open?.sheet === 'dryer' && <DryerSheet dryer={open.dryer} equipment={equipment} onClose={() => setOpen(null)} />}
    </Page>
  );
}
