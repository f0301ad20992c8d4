import { Said } from '../../ui/said';
import { Check, X } from 'lucide-react';
import styled from 'styled-components';
import type { Setup } from '../../core/rehearse';
import { inRounds } from '../../core/rehearse';
import type { Debrief, Kept } from '../../core/rehearse/train';
import { bestText, effectText, KEPT_WORDS, mendText } from '../../core/telling/rehearse';
import { Column, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { color } from '../../ui/theme';

const Kepts = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 8px 24px;
  li {
    display: inline-flex;
    gap: 6px;
    align-items: center;
    font-weight: 650;
  }
`;

/** What became of a lesson: what was kept, what each choice did, what would have been best. */
export function Debriefed({
  setup,
  debrief,
  at,
  onAgain,
  onOther,
  onLeave,
}: {
  setup: Setup;
  debrief: Debrief;
  /** "at 17:40". */
  at: (minutes: number) => string;
  onAgain: () => void;
  onOther: () => void;
  onLeave: () => void;
}) {
  const { kept, effects } = debrief;
  return (
    <Column $gap={12}>
      <Kepts aria-label="What you kept">
        {(Object.keys(kept) as Kept[])
          .filter((k) => k !== 'even' || setup.filled)
          .map((k) => (
            <li key={k} style={{ color: kept[k] ? color.finish : color.alarm }}>
              {kept[k] ? <Check size={20} aria-hidden="true" /> : <X size={20} aria-hidden="true" />}
              {KEPT_WORDS[k][kept[k] ? 0 : 1]}
            </li>
          ))}
      </Kepts>
      <h2>What each of your choices does to the plan</h2>
      {effects.length === 0 ? (
        <p>Nothing you chose made a difference that counts: it is the plan’s own way, and this day’s luck.</p>
      ) : (
        <ul>
          {effects.map((e) => (
            <li key={e.choice} style={{ padding: '6px 0' }}>
              <Said>{effectText(e)}</Said>
            </li>
          ))}
        </ul>
      )}
      {debrief.mend && (
        <p>
          <strong>
            <Said>{mendText(debrief.mend)}</Said>
          </strong>
        </p>
      )}
      <p>
        <Said>{bestText(debrief, setup.steps.some(inRounds), at)}</Said>
      </p>
      <Row $wrap>
        <Button look="quiet" onPress={onAgain}>
          Same day, other choices
        </Button>
        <Button look="quiet" onPress={onOther}>
          Another lesson
        </Button>
        <TextButton onPress={onLeave}>Leave the lesson</TextButton>
      </Row>
    </Column>
  );
}
