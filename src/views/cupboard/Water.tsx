import { useMemo } from 'react';
import { useDraft, type Draft } from '../../app/draft';
import { Restored } from '../../app/Restored';
import { UnitsChoice } from '../../app/KitFigures';
import { notify } from '../../app/session';
import type { Equipment, HardnessUnit, Kit, Preferences, Room } from '../../core/gear';
import { HARDNESS_UNITS } from '../../core/gear';
import { fromMgPerL, hardnessClass, toMgPerL } from '../../core/units';
import { saveEquipment, savePreferences } from '../../data/repo';
import { Column, Note, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { withField } from '../../ui/fields';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { OneSelect } from '../../ui/Select';
import { Grid, Two } from './parts';
import { TextField } from '../../ui/TextField';
import { useChecked } from '../../app/checked';
import { Form } from '../../ui/Form';
import { BOUNDS } from '../../core/knowledge/bounds';

const round = (x: number): number => Math.round(x * 10) / 10;

interface RoomDraft {
  readonly room: Room;
  readonly hardness: number | undefined;
  readonly inletC: number | undefined;
}
function RoomAndWater({ equipment, unit }: { equipment: Equipment; unit: HardnessUnit }) {
  const { waterHardnessMgPerL } = equipment;
  const start = useMemo<RoomDraft>(
    () => ({
      room: equipment.room ?? {},
      hardness: waterHardnessMgPerL === undefined ? undefined : round(fromMgPerL(waterHardnessMgPerL, unit)),
      inletC: equipment.inletC,
    }),
    [equipment.room, equipment.inletC, waterHardnessMgPerL, unit],
  );
  const sheet = useDraft<RoomDraft>(`water:${unit}`, start);
  const { room, hardness, inletC } = sheet.draft;
  const setRoom = (next: Room): void => sheet.setDraft((d) => ({ ...d, room: next }));
  const mgPerL = hardness === undefined ? undefined : toMgPerL(hardness, unit);
  const save = async (): Promise<void> => {
    const same =
      equipment.waterHardnessMgPerL !== undefined && round(fromMgPerL(equipment.waterHardnessMgPerL, unit)) === hardness;
    const kept = same ? equipment.waterHardnessMgPerL : mgPerL;
    const { room: own, inletC: inlet } = sheet.toKeep;
    const next = withField(withField({ ...equipment, room: own }, 'waterHardnessMgPerL', kept), 'inletC', inlet);
    notify('Room and water are saved.', await saveEquipment(next));
    sheet.forget();
  };
  const yes = (key: 'fan' | 'outdoorShade', label: string, on: string, off: string) => (
    <OneOf
      label={label}
      value={room[key] === undefined ? null : room[key] ? 'yes' : 'no'}
      options={[
        { id: 'yes', name: on },
        { id: 'no', name: off },
      ]}
      onChange={(id) => setRoom({ ...room, [key]: id === 'yes' })}
    />
  );
  return (
    <section aria-labelledby="room">
      <h2 id="room">Room and water</h2>
      <Restored of={sheet} />
      <Form style={{ marginTop: 8 }} onSubmit={() => sheet.ready() && void save()}>
        <RoomFields room={room} setRoom={setRoom} inletC={inletC} sheet={sheet} unit={unit} hardness={hardness} />
        {mgPerL !== undefined && (
          <Quiet>
            {Math.round(mgPerL)} mg/L as CaCO₃: {hardnessClass(mgPerL)} water (USGS).
          </Quiet>
        )}
        {yes('fan', 'A fan where things dry?', 'There is one', 'None')}
        {yes('outdoorShade', 'A shady place outdoors?', 'There is one', 'None')}
        <Row>
          <Button type="submit" data-main-action>
            Save room and water
          </Button>
        </Row>
      </Form>
    </section>
  );
}

/** The air of the room and the water of the mains. */
function RoomFields({
  room,
  setRoom,
  inletC,
  sheet,
  unit,
  hardness,
}: {
  room: Room;
  setRoom: (next: Room) => void;
  inletC: number | undefined;
  sheet: Draft<RoomDraft>;
  unit: 'mg/L' | '°dH' | 'gpg' | '°fH' | '°Clark' | 'mmol/L';
  hardness: number | undefined;
}) {
  return (
    <Grid>
      <QuantityField
        label="Room"
        unit="°C"
        what="the temperature"
        {...BOUNDS.roomC}
        value={room.airC}
        onChange={(x) => setRoom(withField(room, 'airC', x))}
      />
      <NumberField
        label="Humidity, %"
        what="the humidity"
        {...BOUNDS.percent}
        value={room.rhPercent}
        onChange={(x) => setRoom(withField(room, 'rhPercent', x))}
      />
      <QuantityField
        label="Water from the mains"
        unit="°C"
        what="its temperature"
        {...BOUNDS.inletC}
        value={inletC}
        onChange={(x) => sheet.setDraft((d) => ({ ...d, inletC: x }))}
      />
      <NumberField
        label={`Water hardness, ${unit}`}
        what="the hardness"
        min={0}
        max={Math.round(fromMgPerL(BOUNDS.hardnessMgPerL.max, unit))}
        value={hardness}
        onChange={(x) => sheet.setDraft((d) => ({ ...d, hardness: x }))}
      />
    </Grid>
  );
}

function Prices({ preferences }: { preferences: Preferences }) {
  const start = useMemo(
    () => ({ prices: preferences.prices ?? {}, currency: preferences.currency ?? 'EUR' }),
    [preferences.prices, preferences.currency],
  );
  const sheet = useDraft('prices', start);
  const { prices, currency } = sheet.draft;
  const setPrices = (next: typeof prices): void => sheet.setDraft((d) => ({ ...d, prices: next }));
  const { faults, keep } = useChecked();
  const save = async (): Promise<void> => {
    const next = { prices: Object.keys(prices).length > 0 ? prices : undefined, currency: currency.trim() || undefined };
    await keep({ list: 'preferences', row: JSON.parse(JSON.stringify(next)) as object }, async () => {
      notify('Your prices are saved.', await savePreferences(next));
      sheet.forget();
    });
  };
  return (
    <section aria-labelledby="prices">
      <h2 id="prices">What you pay</h2>
      <Restored of={sheet} />
      <Form style={{ marginTop: 8 }} faults={faults} fields={['currency']} onSubmit={() => sheet.ready() && void save()}>
        <Grid>
          <NumberField
            label={`A kWh, ${currency}`}
            what="the price"
            {...BOUNDS.perKWh}
            value={prices.electricityPerKWh}
            onChange={(x) => setPrices(withField(prices, 'electricityPerKWh', x))}
          />
          <NumberField
            label={`A m³ of water, ${currency}`}
            what="the price, waste water included"
            {...BOUNDS.perM3}
            value={prices.waterPerM3}
            onChange={(x) => setPrices(withField(prices, 'waterPerM3', x))}
          />
          <NumberField
            label={`An hour of your hands must bring, ${currency}`}
            what="the amount"
            {...BOUNDS.money}
            value={prices.hourOfHands}
            onChange={(x) => setPrices(withField(prices, 'hourOfHands', x))}
          />
          <TextField
            label="Currency"
            name="currency"
            value={currency}
            maxLength={8}
            onChange={(text) => sheet.setDraft((d) => ({ ...d, currency: text }))}
          />
        </Grid>
        <Row>
          <Button type="submit" look="quiet">
            Save prices
          </Button>
        </Row>
        <Quiet>Bottles have their own price, in Bottles and aids. Without a price, sums say what they leave out.</Quiet>
      </Form>
    </section>
  );
}

/** Where it is washed and dried, with what water, at what price, and in which units. */
export function Water({ kit }: { kit: Kit }) {
  const preferences = kit.preferences ?? {};
  const unit = preferences.hardnessUnit ?? 'mg/L';
  return (
    <Two>
      <RoomAndWater key={unit} equipment={kit.equipment ?? {}} unit={unit} />
      <Column $gap={28}>
        <Prices preferences={preferences} />
        <section aria-labelledby="units">
          <h2 id="units">Units</h2>
          <Column $gap={16} style={{ marginTop: 8 }}>
            <UnitsChoice
              value={preferences.units ?? 'metric'}
              onChange={(units) =>
                void savePreferences({ units: units as 'metric' }).then((undo) =>
                  notify('Figures are shown so from now on.', undo),
                )
              }
            />
            <OneSelect
              label="Water hardness in"
              value={unit}
              options={HARDNESS_UNITS}
              onChange={(hardnessUnit) => void savePreferences({ hardnessUnit })}
            />
            <Note>Stored figures are metric whatever you choose here.</Note>
          </Column>
        </section>
      </Column>
    </Two>
  );
}
