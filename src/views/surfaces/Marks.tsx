import { Said } from '../../ui/said';
import styled from 'styled-components';
import { SURFACE_WORDS } from '../../core/words';
import { keptFrom, type MarkAt, type Panel, type RungAt } from '../../core/surfaces';
import { endText, markName, panelText, rungName, rungSaid, triesText } from '../../core/telling/surfaces';
import { SUPPLY_WORDS } from '../../core/words';
import { TRIED_WORDS } from '../../core/words/marks';
import { capital, listed } from '../../core/words/text';
import { whenText } from '../../app/time';
import { Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { color } from '../../ui/theme';

const Ladder = styled.ol`
  li {
    border-top: 1px solid ${color.line};
    padding: 8px 0;
    display: grid;
    grid-template-columns: minmax(0, 1fr) auto;
    gap: 2px 16px;
  }
  li[data-state='tried'] > span:first-child,
  li[data-state='passed-over'] > span:first-child,
  li[data-state='shut'] > span:first-child {
    text-decoration: line-through;
    color: ${color.quiet};
  }
`;
const Alarm = styled.span`
  grid-column: 1 / -1;
  color: ${color.alarm};
  font-size: 15px;
`;

function sideOf(rung: RungAt): string {
  if (rung.tries.length > 0) return `${triesText(rung.tries)}, ${whenText(rung.tries.at(-1)?.at ?? '')}`;
  if (rung.state === 'next') return rung.testFirst ? `hidden place first` : 'next';
  if (rung.state === 'passed-over') return 'passed over';
  if (rung.state === 'shut') return 'not on this';
  return 'only if that fails';
}
function Rung({ mark, rung }: { mark: MarkAt; rung: RungAt }) {
  const said = rungSaid(mark, rung);
  const first = rung.state === 'next';
  return (
    <li data-state={rung.state}>
      <span>{first ? <strong>{said.name}</strong> : said.name}</span>
      <Quiet>{sideOf(rung)}</Quiet>
      {first && said.cautions.map((text) => <Alarm key={text}>{text}</Alarm>)}
    </li>
  );
}

/** A mark with its ladder: what was tried and what it did, what comes next. */
export function Mark({ n, mark, onNext, onTakeAway }: { n: number; mark: MarkAt; onNext: () => void; onTakeAway: () => void }) {
  const step =
    mark.next && (mark.next.testFirst ? `Try ${TRIED_WORDS[mark.next.testFirst]} first` : capital(rungName(mark.next.rung)));
  return (
    <section aria-labelledby={`mark-${n}`}>
      <h2 id={`mark-${n}`} style={{ marginBottom: 8 }}>
        {n} · <Said>{markName(mark)}</Said>
      </h2>
      {mark.rungs.length === 0 ? (
        <p>Nothing may be done to it here.</p>
      ) : (
        <Ladder aria-label={`Ladder of mark ${n}`}>
          {mark.rungs.map((rung) => (
            <Rung key={rung.rung} mark={mark} rung={rung} />
          ))}
        </Ladder>
      )}
      {mark.end !== 'open' && (
        <p>
          <Said>{endText(mark.end)}</Said>
        </p>
      )}
      <Row $wrap style={{ marginTop: 8 }}>
        {mark.next && (
          <Button look="quiet" aria-label={`${step}, mark ${n}`} onPress={onNext}>
            {step}
          </Button>
        )}
        <TextButton aria-label={`Not a mark, ${n}`} onPress={onTakeAway}>
          Not a mark
        </TextButton>
      </Row>
    </section>
  );
}

/** A panel that was pressed: what it bears, mildest first, and what stays away from it. */
export function PanelCard({ panel, ladder, onAdd }: { panel: Panel; ladder: MarkAt | null; onAdd: () => void }) {
  const kept = keptFrom(panel.surface);
  return (
    <section aria-labelledby="panel" aria-live="polite">
      <h2 id="panel" style={{ marginBottom: 8 }}>
        <Said>{capital(panelText(panel))}</Said>
      </h2>
      {ladder && (
        <Ladder aria-label={`What the ${panelText(panel)} bears`}>
          {ladder.rungs.map((rung) => (
            <li key={rung.rung}>
              <span>
                <Said>{capital(rungName(rung.rung))}</Said>
              </span>
              <Quiet>{rung.testFirst ? 'hidden place first' : ''}</Quiet>
            </li>
          ))}
        </Ladder>
      )}
      {kept.length > 0 && (
        <Quiet as="p">
          Not on {SURFACE_WORDS[panel.surface]}: {listed(kept.map((agent) => SUPPLY_WORDS[agent]))}.
        </Quiet>
      )}
      <Row style={{ marginTop: 8 }}>
        <Button look="quiet" onPress={onAdd}>
          There is a mark here
        </Button>
      </Row>
    </section>
  );
}
