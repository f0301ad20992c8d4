import { type Props, PlaceSheet } from './PlaceSheet';
import { Drum } from './WasherSheet';
import { useState } from 'react';
import { newId } from '../../app/now';
import type { Dryer, Iron, Rack } from '../../core/gear';
import * as gear from '../../core/gear';
import { DRYER_WORDS, HEAT_WORDS } from '../../core/words';
import { RACK_WORDS } from '../../core/words/upkeep';
import { Quiet } from '../../ui/basics';
import { AnyOf, OneOf } from '../../ui/Choices';
import { withField } from '../../ui/fields';
import { QuantityField } from '../../ui/NumberField';
import { OneSelect } from '../../ui/Select';
import { Grid } from './parts';
import { useDraft } from '../../app/draft';
import { capital } from '../../core/words/text';
import { BOUNDS } from '../../core/knowledge/bounds';

/** A dryer, with its settings as they were measured. */
export function DryerSheet({ of, equipment, onClose }: Props<Dryer>) {
  const [blank] = useState<Dryer>(() => ({ id: newId('d'), kind: 'vented', heats: [...gear.HEATS] }));
  const sheet = useDraft(`dryer:${of?.id ?? 'new'}`, of ?? blank);
  const { draft, setDraft } = sheet;
  const heats = draft.heats ?? gear.HEATS;
  return (
    <PlaceSheet
      title={of ? 'Correct the dryer' : 'Which dryer?'}
      list="dryers"
      was={of}
      sheet={sheet}
      called={DRYER_WORDS[draft.kind]}
      equipment={equipment}
      fault={heats.length === 0}
      onClose={onClose}
    >
      <Grid>
        <OneSelect
          label="Kind"
          value={draft.kind}
          options={gear.DRYER_KINDS}
          words={DRYER_WORDS}
          onChange={(kind) => setDraft({ ...draft, kind })}
        />
        <Drum value={draft.drumLitres} onChange={(x) => setDraft(withField(draft, 'drumLitres', x))} />
      </Grid>
      <AnyOf
        label="Heats it has"
        values={[...heats]}
        options={gear.HEATS.map((h) => ({ id: h, name: HEAT_WORDS[h] }))}
        onChange={(ids) => setDraft({ ...draft, heats: gear.HEATS.filter((h) => ids.includes(h)) })}
      />
      <h3>Measured in the drum</h3>
      <Quiet>
        With a thermometer in a cloth bag, after ten minutes. A care label’s low means 60 °C at most, normal 80 °C; a setting that
        measured hotter is not used where the label or the material says less.
      </Quiet>
      <Grid style={{ gridTemplateColumns: 'repeat(auto-fill, minmax(120px, 1fr))' }}>
        {heats.map((heat) => (
          <QuantityField
            key={heat}
            label={capital(HEAT_WORDS[heat])}
            unit="°C"
            what="the temperature"
            {...BOUNDS.dryerC}
            value={draft.heatC?.[heat]}
            onChange={(c) => {
              const heatC = withField(draft.heatC ?? {}, heat, c);
              setDraft(withField(draft, 'heatC', Object.keys(heatC).length > 0 ? heatC : undefined));
            }}
          />
        ))}
      </Grid>
    </PlaceSheet>
  );
}

/** A line, a rack or a flat place. */
export function RackSheet({ of, equipment, onClose }: Props<Rack>) {
  const [blank] = useState<Rack>(() => ({ id: newId('r'), kind: 'line' }));
  const sheet = useDraft(`rack:${of?.id ?? 'new'}`, of ?? blank);
  const { draft, setDraft } = sheet;
  return (
    <PlaceSheet
      title="Where things dry"
      list="racks"
      was={of}
      sheet={sheet}
      called={RACK_WORDS[draft.kind]}
      equipment={equipment}
      onClose={onClose}
    >
      <OneOf
        label="Kind"
        value={draft.kind}
        options={gear.RACK_KINDS.map((id) => ({ id, name: RACK_WORDS[id] }))}
        onChange={(kind) => setDraft({ ...draft, kind: kind as Rack['kind'] })}
      />
      <QuantityField
        label="Length of line"
        name="metres"
        unit="m"
        what="the length"
        {...BOUNDS.lineM}
        value={draft.metres}
        onChange={(x) => setDraft(withField(draft, 'metres', x))}
      />
      <OneOf
        label="Where"
        value={draft.outdoors === undefined ? null : draft.outdoors ? 'out' : 'in'}
        options={[
          { id: 'in', name: 'indoors' },
          { id: 'out', name: 'outdoors' },
        ]}
        onChange={(id) => setDraft({ ...draft, outdoors: id === 'out' })}
      />
    </PlaceSheet>
  );
}

/** An iron, as hot as it really is. */
export function IronSheet({ of, equipment, onClose }: Props<Iron>) {
  const [blank] = useState<Iron>(() => ({ id: newId('i') }));
  const sheet = useDraft(`iron:${of?.id ?? 'new'}`, of ?? blank);
  const { draft, setDraft } = sheet;
  return (
    <PlaceSheet title="An iron" list="irons" was={of} sheet={sheet} called="Iron" equipment={equipment} onClose={onClose}>
      <QuantityField
        label="Measured at one dot"
        name="oneDotC"
        unit="°C"
        what="the temperature"
        {...BOUNDS.ironC}
        value={draft.oneDotC}
        onChange={(x) => setDraft(withField(draft, 'oneDotC', x))}
      />
      <Quiet>One dot means 110 °C at most. An iron that measured hotter is not used to warm a finish.</Quiet>
    </PlaceSheet>
  );
}
