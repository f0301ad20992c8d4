import { useState } from 'react';
import { soilsOf } from '../../core/facts';
import type { DamageSeen, Item, Soil, Spot, Stain } from '../../core/gear';
import { MARK_TESTS, type MarkTestId } from '../../core/knowledge';
import { whatIsIt, type Panel } from '../../core/surfaces';
import { panelText } from '../../core/telling/surfaces';
import { SOIL_WORDS } from '../../core/words';
import { DEEP_SAYS, MARK_TEST_WORDS } from '../../core/words/marks';
import { capital } from '../../core/words/text';
import { Column, Note, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Select } from '../../ui/Select';
import { Sheet } from '../../ui/Sheet';

const YES_NO = [
  { id: 'yes', name: 'Yes' },
  { id: 'no', name: 'No' },
];
type Answers = Partial<Record<MarkTestId, boolean>>;
/** Questions up to the first yes; the next is asked when the one before it is answered. */
const askedOf = (answers: Answers): MarkTestId[] => {
  const asked: MarkTestId[] = [];
  for (const { id } of MARK_TESTS) {
    asked.push(id);
    if (answers[id] !== false) break;
  }
  return asked;
};

/** What is it? By name, or by what can be seen and tried at it, mildest first. */
export function MarkSheet({
  item,
  panel,
  spot,
  onMark,
  onDamage,
  onClose,
}: {
  item: Item;
  panel: Panel;
  spot: Spot;
  onMark: (mark: Stain) => void;
  onDamage: (damage: DamageSeen) => void;
  onClose: () => void;
}) {
  const [known, setKnown] = useState<Soil | undefined>(undefined);
  const [answers, setAnswers] = useState<Answers>({});
  const found = known ? { soil: known } : whatIsIt(answers, panel);
  const yes = MARK_TESTS.find(({ id }) => answers[id]);
  const write = (): void => {
    if (!found) return;
    if ('damage' in found) onDamage({ kind: found.damage, cosmetic: true, place: panel.place, spot });
    else onMark({ soil: found.soil, place: panel.place, part: panel.component.part, spot });
  };
  return (
    <Sheet title={`A mark on the ${panelText(panel)}`} open onClose={onClose} changed={found !== null}>
      <Select
        label="You know what it is"
        value={known}
        options={soilsOf(item, [])}
        words={SOIL_WORDS}
        blank="Not sure: find out below"
        onChange={(soil) => setKnown(soil)}
      />
      {!known && (
        <Column $gap={16}>
          {askedOf(answers).map((id) => (
            <OneOf
              key={id}
              label={MARK_TEST_WORDS[id].asked}
              value={answers[id] === undefined ? null : answers[id] ? 'yes' : 'no'}
              options={YES_NO}
              onChange={(answer) => setAnswers({ ...answers, [id]: answer === 'yes' })}
            />
          ))}
        </Column>
      )}
      {found && (
        <Note tone="good">
          {known
            ? `${capital(SOIL_WORDS[known])}, on the ${panelText(panel)}.`
            : `${yes ? MARK_TEST_WORDS[yes.id].says : DEEP_SAYS} ${'soil' in found ? `It is kept as ${SOIL_WORDS[found.soil]}.` : 'It is kept as damage that only looks bad.'}`}
        </Note>
      )}
      <Row $wrap>
        <Button isDisabled={!found} onPress={write}>
          Write it down
        </Button>
        <Button look="quiet" onPress={onClose}>
          Leave it
        </Button>
      </Row>
    </Sheet>
  );
}
