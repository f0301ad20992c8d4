import { useState } from 'react';
import styled from 'styled-components';
import type { Damage, Inspection, Item, Soil } from '../../core/gear';
import { DAMAGES, SOILS } from '../../core/gear';
import { DAMAGE_WORDS, SOIL_WORDS } from '../../core/words';
import { Button, Column, Field, Note, Quiet, Row, TextButton } from '../../ui/basics';
import { AnyOf, OneOf } from '../../ui/Choices';
import { color, phone } from '../../ui/theme';
import type { CardId } from './cards';

const SOIL_OPTIONS = [
  { id: '0', name: 'Clean' },
  { id: '1', name: 'Marks', hint: 'a few places' },
  { id: '2', name: 'Worn', hint: 'collar, cuffs, dull' },
  { id: '3', name: 'Dirty', hint: 'all over' },
  { id: '4', name: 'Filthy', hint: 'caked or greasy' },
];
const ODOUR_OPTIONS = [
  { id: '0', name: 'Of nothing' },
  { id: '1', name: 'Faintly', hint: 'nose in the lining' },
  { id: '2', name: 'Clearly', hint: 'at arm’s length' },
  { id: '3', name: 'Strongly', hint: 'across the room' },
];
/** Words of the spray test ISO 4920 / AATCC TM22, borrowed for drops from the hand. */
const GRADES = [
  { id: '5', name: '5', hint: 'no wetting' },
  { id: '4', name: '4', hint: 'slight, random' },
  { id: '3', name: '3', hint: 'wet where they fell' },
  { id: '2', name: '2', hint: 'wet beyond that' },
  { id: '1', name: '1', hint: 'the whole face' },
  { id: '0', name: '0', hint: 'through to the back' },
];
const ZONES: Record<string, readonly string[]> = {
  trousers: ['seat', 'knees', 'hem', 'body'],
  jacket: ['hood', 'shoulders', 'chest', 'back', 'sleeves', 'hem'],
  vest: ['shoulders', 'chest', 'back', 'hem'],
};
const YES_NO = [
  { id: 'no', name: 'No' },
  { id: 'yes', name: 'Yes' },
];
const yesNo = (value: boolean | undefined): string | null => (value === undefined ? null : value ? 'yes' : 'no');

const Zone = styled.div`
  border-top: 1px solid ${color.line};
  padding: 10px 0;
  display: grid;
  grid-template-columns: 110px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
  text-transform: capitalize;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

interface CardProps {
  readonly card: CardId;
  readonly item: Item;
  readonly seen: Partial<Inspection>;
  readonly answer: (patch: Partial<Inspection>) => void;
}

/** One question of the look-over. */
export function Card({ card, item, seen, answer }: CardProps) {
  switch (card) {
    case 'soil':
      return (
        <OneOf
          hideLabel
          label="How dirty is it?"
          value={seen.soil === undefined ? null : String(seen.soil)}
          options={SOIL_OPTIONS}
          onChange={(id) => answer({ soil: Number(id) })}
        />
      );
    case 'soils':
      return (
        <AnyOf
          label="All that fit"
          values={seen.soils ?? []}
          options={SOILS.filter((s) => s !== 'unknown').map((s) => ({ id: s, name: SOIL_WORDS[s] }))}
          onChange={(ids) => answer({ soils: ids as Soil[] })}
        />
      );
    case 'odour':
      return (
        <OneOf
          hideLabel
          label="How does it smell?"
          value={seen.odour === undefined ? null : String(seen.odour)}
          options={ODOUR_OPTIONS}
          onChange={(id) => answer({ odour: Number(id) })}
        />
      );
    case 'loft':
      return <Loft seen={seen} answer={answer} />;
    case 'clumps':
      return (
        <Column $gap={20}>
          <OneOf
            label="Are there clumps, or empty places against the light?"
            value={yesNo(seen.clumped)}
            options={YES_NO}
            onChange={(id) => answer({ clumped: id === 'yes' })}
          />
          <OneOf
            label="Does the fill show yellow or green through a pale shell?"
            value={yesNo(seen.discoloured)}
            options={YES_NO}
            onChange={(id) => answer({ discoloured: id === 'yes' })}
          />
        </Column>
      );
    case 'drops':
      return <Drops item={item} seen={seen} answer={answer} />;
    case 'damp':
      return (
        <Column>
          <p>Hold it to your lips and breathe through the fabric: does it feel moist or chill?</p>
          <OneOf
            hideLabel
            label="Is it damp?"
            value={yesNo(seen.damp)}
            options={YES_NO}
            onChange={(id) => answer({ damp: id === 'yes' })}
          />
        </Column>
      );
    case 'stains':
      return <Stains seen={seen} answer={answer} />;
    case 'damage':
      return (
        <Column>
          <AnyOf
            label="All that fit"
            values={(seen.damage ?? []).map((d) => d.kind)}
            options={DAMAGES.map((d) => ({ id: d, name: DAMAGE_WORDS[d] }))}
            onChange={(ids) => answer({ damage: ids.map((kind) => ({ kind: kind as Damage })) })}
          />
          <Row>
            <Button $quiet onClick={() => answer({ damage: [] })}>
              Nothing is broken
            </Button>
          </Row>
          {seen.damage?.length === 0 && <Note tone="good">Nothing broken.</Note>}
        </Column>
      );
    case 'done':
      return null;
  }
}

function Loft({ seen, answer }: Pick<CardProps, 'seen' | 'answer'>) {
  const [now, setNow] = useState('');
  const [fresh, setFresh] = useState('');
  const ratio = Number(now.replace(',', '.')) / Number(fresh.replace(',', '.'));
  const usable = ratio > 0 && Number.isFinite(ratio);
  return (
    <Column $gap={20}>
      <p>Shake it, lay it down, wait 10 minutes, and hold a ruler beside its thickest place.</p>
      <Row $wrap $gap={16}>
        <Field>
          Now, mm
          <input inputMode="decimal" value={now} onChange={(e) => setNow(e.target.value)} />
        </Field>
        <Field>
          When new, mm
          <input inputMode="decimal" value={fresh} onChange={(e) => setFresh(e.target.value)} />
        </Field>
        <Button
          $quiet
          disabled={!usable}
          style={{ alignSelf: 'end' }}
          onClick={() => answer({ loftRatio: Math.round(ratio * 100) / 100 })}
        >
          {usable ? `That is ${Math.round(ratio * 100)} % of new` : 'Work it out'}
        </Button>
      </Row>
      <OneOf
        label="Or by eye, against new"
        value={seen.loftRatio === undefined ? null : seen.loftRatio > 0.95 ? '1' : seen.loftRatio >= 0.85 ? '0.9' : '0.75'}
        options={[
          { id: '1', name: 'As new', hint: 'above 95 %' },
          { id: '0.9', name: 'A little flat', hint: '85 to 95 %' },
          { id: '0.75', name: 'Clearly flat', hint: 'below 85 %' },
        ]}
        onChange={(id) => answer({ loftRatio: Number(id) })}
      />
      <OneOf
        label="Was it packed small until now?"
        value={yesNo(seen.fromStorage)}
        options={YES_NO}
        onChange={(id) => answer({ fromStorage: id === 'yes' })}
      />
      {seen.loftRatio !== undefined && <Quiet>Recorded: {Math.round(seen.loftRatio * 100)} % of new.</Quiet>}
    </Column>
  );
}

function Drops({ item, seen, answer }: Pick<CardProps, 'item' | 'seen' | 'answer'>) {
  const zones = ZONES[item.kind] ?? ['body', 'seat', 'hem'];
  const droplet = seen.droplet ?? {};
  return (
    <Column>
      <p>
        Let a few drops fall on each place and wait a minute. These are the spray test’s words for your own eye; a laboratory uses
        its apparatus.
      </p>
      {zones.map((zone) => (
        <Zone key={zone}>
          <strong>{zone}</strong>
          <OneOf
            hideLabel
            label={`Drops on the ${zone}`}
            value={droplet[zone] === undefined ? null : String(droplet[zone])}
            options={GRADES}
            onChange={(id) => answer({ droplet: { ...droplet, [zone]: Number(id) } })}
          />
        </Zone>
      ))}
    </Column>
  );
}

function Stains({ seen, answer }: Pick<CardProps, 'seen' | 'answer'>) {
  const [soil, setSoil] = useState<Soil>('unknown');
  const [place, setPlace] = useState('');
  const [set, setSet] = useState<string | null>(null);
  const stains = seen.stains ?? [];
  return (
    <Column $gap={20}>
      <Row $wrap $gap={16} $top>
        <Field>
          What is it?
          <select value={soil} onChange={(e) => setSoil(e.target.value as Soil)}>
            {SOILS.map((s) => (
              <option key={s} value={s}>
                {SOIL_WORDS[s]}
              </option>
            ))}
          </select>
        </Field>
        <Field>
          Where?
          <input value={place} maxLength={200} placeholder="left cuff" onChange={(e) => setPlace(e.target.value)} />
        </Field>
      </Row>
      <OneOf label="Has it dried in, or survived a treatment?" value={set} options={YES_NO} onChange={setSet} />
      <Row $wrap>
        <Button
          $quiet
          onClick={() => {
            answer({
              stains: [...stains, { soil, ...(place ? { place } : {}), ...(set === null ? {} : { set: set === 'yes' }) }],
            });
            setPlace('');
            setSet(null);
          }}
        >
          Add this mark
        </Button>
        {stains.length === 0 && (
          <Button $quiet onClick={() => answer({ stains: [] })}>
            No marks
          </Button>
        )}
      </Row>
      {seen.stains?.length === 0 && <Note tone="good">No marks.</Note>}
      <ul>
        {stains.map((stain, n) => (
          <li key={n}>
            {SOIL_WORDS[stain.soil]}
            {stain.place ? `, ${stain.place}` : ''}
            {stain.set ? ', set' : ''}{' '}
            <TextButton onClick={() => answer({ stains: stains.filter((_, i) => i !== n) })}>Remove</TextButton>
          </li>
        ))}
      </ul>
    </Column>
  );
}
