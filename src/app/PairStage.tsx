import { useState } from 'react';
import styled from 'styled-components';
import { FEET, SIDES, type Foot, type Side, type Spot } from '../core/gear';
import type { Panel } from '../core/surfaces';
import { panelText, panelWord } from '../core/telling/surfaces';
import { FOOT_WORDS, SIDE_WORDS } from '../core/words/marks';
import { Quiet, Row } from '../ui/basics';
import { OneOf } from '../ui/Choices';
import { PairOutline } from '../ui/PairOutline';
import { color } from '../ui/theme';

const Card = styled.div`
  background: ${color.panel};
  border: 1px solid ${color.line};
  border-radius: 4px;
  padding: 16px;
  display: flex;
  flex-direction: column;
  gap: 12px;
  min-width: 0;
`;
/** Something that is pinned to the pair. */
export interface Pinned {
  readonly spot?: Spot | undefined;
  readonly panel: Panel | null;
  readonly mark: string;
  readonly name: string;
  readonly over?: boolean;
}

/** One of a pair from one side, with its pins; the side and the foot are chosen below it. */
export function PairStage({
  panels,
  pinned,
  chosen,
  hint,
  onPanel,
}: {
  panels: readonly Panel[];
  pinned: readonly Pinned[];
  chosen?: Panel | null;
  hint: string;
  onPanel: (panel: Panel, spot: Spot) => void;
}) {
  const [side, setSide] = useState<Side>('front');
  const [foot, setFoot] = useState<Foot>('left');
  const here = panels.filter((p) => p.sides.includes(side));
  const mine = pinned.filter(({ spot }) => (spot?.foot ?? foot) === foot);
  return (
    <Card>
      <PairOutline
        side={side}
        label={`${SIDE_WORDS[side]}, ${FOOT_WORDS[foot].toLowerCase()}`}
        panels={here.map((p) => ({ id: p.id, name: panelText(p), word: panelWord(p), surface: p.surface }))}
        chosen={chosen?.id ?? null}
        marksOn={(id) => mine.filter((p) => p.panel?.id === id).length}
        pins={mine.flatMap(({ spot, mark, name, over = false }) =>
          spot?.side === side ? [{ x: spot.x, y: spot.y, mark, name, over }] : [],
        )}
        onPanel={(id, at) => {
          const panel = here.find((p) => p.id === id);
          if (panel) onPanel(panel, { side, foot, ...at });
        }}
      />
      <Row $wrap $gap={16}>
        <OneOf
          label="Seen from"
          hideLabel
          value={side}
          options={SIDES.filter((s) => panels.some((p) => p.sides.includes(s))).map((s) => ({ id: s, name: SIDE_WORDS[s] }))}
          onChange={(next) => setSide(next as Side)}
        />
        <OneOf
          label="Which of the pair"
          hideLabel
          value={foot}
          options={FEET.map((f) => ({ id: f, name: FOOT_WORDS[f] }))}
          onChange={(next) => setFoot(next as Foot)}
        />
      </Row>
      <Quiet>{hint}</Quiet>
    </Card>
  );
}
