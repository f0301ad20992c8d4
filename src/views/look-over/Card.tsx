import { useOfThing } from '../../app/OfThing';
import type { Inspection, InspectionPatch, Item, Soil, Wear } from '../../core/gear';
import { soilsOf, wearAt, wearsOf } from '../../core/facts';
import { madeOf, ODOUR_WORDS, PART_WORDS, SOIL_GRADE_WORDS, SOIL_WORDS, WEAR_WORDS } from '../../core/words';
import { capital } from '../../core/words/text';
import { Column, Note, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { AnyOf, OneOf } from '../../ui/Choices';
import { dampTest, showsThrough, type CardId } from './cards';
import { Drops } from '../../app/Drops';
import { Loft } from './Loft';
import { DamagePins, Stains } from './Pins';

const withHints = (words: readonly string[], hints: readonly string[]) =>
  words.map((word, id) => ({ id: String(id), name: capital(word), ...(hints[id] ? { hint: hints[id] } : {}) }));
const SOIL_OPTIONS = withHints(SOIL_GRADE_WORDS, ['', 'the rest clean', 'collar, cuffs, dull', 'all over', 'caked or greasy']);
const ODOUR_OPTIONS = withHints(ODOUR_WORDS, ['', 'nose in the lining', 'at arm’s length', 'across the room']);
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
  const says = useOfThing();
  switch (card) {
    case 'soil':
      return (
        <OneOf
          hideLabel
          label={says('How dirty is it?')}
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
          label={says('How does it smell?')}
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
          <p>{dampTest(item, says)}</p>
          <OneOf
            hideLabel
            label={says('Is it damp?')}
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
      return <Worn seen={seen} item={item} answer={answer} />;
    case 'done':
      return null;
  }
}

/** Signs of wear. */
function Worn({ seen, item, answer }: { seen: Partial<Inspection>; item: Item; answer: (patch: InspectionPatch) => void }) {
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
}
