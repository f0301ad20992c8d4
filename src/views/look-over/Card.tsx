import type { Inspection, InspectionPatch, Item, Soil, Wear } from '../../core/gear';
import { soilsOf, wearAt, wearsOf } from '../../core/facts';
import { madeOf, PART_WORDS, SOIL_WORDS, WEAR_WORDS } from '../../core/words';
import { Column, Note, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { AnyOf, OneOf } from '../../ui/Choices';
import { dampTest, showsThrough, type CardId } from './cards';
import { Drops } from '../../app/Drops';
import { Loft } from './Loft';
import { DamagePins, Stains } from './Pins';

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
const YES_NO = [
  { id: 'no', name: 'No' },
  { id: 'yes', name: 'Yes' },
];
const yesNo = (value: boolean | undefined): string | null => (value === undefined ? null : value ? 'yes' : 'no');

interface CardProps {
  readonly card: CardId;
  readonly item: Item;
  readonly seen: Partial<Inspection>;
  /** The look before this one, or null. */
  readonly last: Inspection | null;
  readonly answer: (patch: InspectionPatch) => void;
}

/** One question of the look-over. */
export function Card({ card, item, seen, last, answer }: CardProps) {
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
          options={soilsOf(item, seen.soils)
            .filter((s) => s !== 'unknown')
            .map((s) => ({ id: s, name: SOIL_WORDS[s] }))}
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
      return <Loft item={item} seen={seen} last={last} answer={answer} />;
    case 'clumps':
      return (
        <Column $gap={20}>
          <OneOf
            label="Are there clumps, or empty places against the light?"
            value={yesNo(seen.clumped)}
            options={YES_NO}
            onChange={(id) => answer({ clumped: id === 'yes' })}
          />
          {showsThrough(item) && (
            <OneOf
              label="Does the fill show yellow or green through the shell?"
              value={yesNo(seen.discoloured)}
              options={YES_NO}
              onChange={(id) => answer({ discoloured: id === 'yes' })}
            />
          )}
        </Column>
      );
    case 'drops':
      return <Drops item={item} seen={seen} answer={answer} />;
    case 'damp':
      return (
        <Column>
          <p>{dampTest(item)}</p>
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
      return <Stains item={item} seen={seen} answer={answer} />;
    case 'damage':
      return <DamagePins item={item} seen={seen} answer={answer} />;
    case 'wear':
      return (
        <Column>
          <AnyOf
            label="Signs of wear, all that fit"
            values={seen.wear ?? []}
            options={wearsOf(item, seen.wear).map((w) => {
              const at = wearAt(item, w);
              return {
                id: w,
                name: WEAR_WORDS[w],
                ...(at ? { hint: `${PART_WORDS[at.part].toLowerCase()}, ${madeOf(at)}` } : {}),
              };
            })}
            onChange={(ids) => answer({ wear: ids as Wear[] })}
          />
          <Row>
            <Button look="quiet" onPress={() => answer({ wear: [] })}>
              No wear to speak of
            </Button>
          </Row>
          {seen.wear?.length === 0 && <Note tone="good">No wear.</Note>}
        </Column>
      );
    case 'done':
      return null;
  }
}
