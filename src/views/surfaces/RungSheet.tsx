import { Link } from 'react-router';
import styled from 'styled-components';
import { CLOTHS, DIDS, type Cloth, type Did } from '../../core/gear';
import type { MarkAt, RungAt } from '../../core/surfaces';
import { markName, rungSaid } from '../../core/telling/surfaces';
import { CLOTH_WORDS, DID_WORDS, TRIED_WORDS } from '../../core/words/marks';
import { capital } from '../../core/words/text';
import { Column, Note, Quiet } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { color } from '../../ui/theme';

const Rows = styled.dl`
  display: grid;
  grid-template-columns: 88px minmax(0, 1fr);
  gap: 6px 12px;
  margin: 0;
  dt {
    color: ${color.quiet};
  }
  dd {
    margin: 0;
  }
`;
const Answers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

/** A hidden place first: what was tried, and what the white cloth shows. */
function HiddenPlace({ agent, onCloth }: { agent: NonNullable<RungAt['testFirst']>; onCloth: (cloth: Cloth) => void }) {
  return (
    <Column $gap={12}>
      <p>
        {capital(TRIED_WORDS[agent])} has not been tried on this part. Dab a little on a place that nobody sees, wait two minutes,
        and press a white cloth on it.
        {agent === 'warm-water' && ' Go cold first, then cool, then warm.'}
      </p>
      <h3>How is the white cloth?</h3>
      <Answers>
        {CLOTHS.map((cloth) => (
          <Button key={cloth} look={cloth === 'clean' ? 'main' : 'quiet'} onPress={() => onCloth(cloth)}>
            {CLOTH_WORDS[cloth].asked}
          </Button>
        ))}
      </Answers>
    </Column>
  );
}

/** One rung on one mark: all that a hand needs, in its order, then what it did. Cautions stand above the work. */
export function RungSheet({
  mark,
  rung,
  onCloth,
  onDid,
  onClose,
}: {
  mark: MarkAt;
  rung: RungAt;
  onCloth: (cloth: Cloth) => void;
  onDid: (did: Did) => void;
  onClose: () => void;
}) {
  const said = rungSaid(mark, rung);
  return (
    <Sheet title={rung.testFirst ? 'First on a hidden place' : said.name} open onClose={onClose}>
      <Quiet as="p">{capital(markName(mark))}</Quiet>
      {said.cautions.map((text) => (
        <Note key={text} tone="alarm">
          {text}
        </Note>
      ))}
      {rung.testFirst ? (
        <HiddenPlace agent={rung.testFirst} onCloth={onCloth} />
      ) : (
        <>
          <Rows>
            {said.rows.map(({ name, text }) => (
              <div key={name} style={{ display: 'contents' }}>
                <dt>{name}</dt>
                <dd>{text}</dd>
              </div>
            ))}
          </Rows>
          <ul style={{ paddingLeft: 20, listStyle: 'disc' }}>
            {said.lines.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <Link to={`/handbook/rung/${rung.rung}`}>This rung in the handbook</Link>
          <h3>What did it do?</h3>
          <Answers>
            {DIDS.map((did) => (
              <Button key={did} look="quiet" onPress={() => onDid(did)}>
                {DID_WORDS[did].asked}
              </Button>
            ))}
          </Answers>
        </>
      )}
    </Sheet>
  );
}
