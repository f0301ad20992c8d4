import { Said } from '../../ui/said';
import { Link } from 'react-router';
import styled from 'styled-components';
import { toThing } from '../../app/routes';
import type { Item } from '../../core/gear';
import type { HandbookEntry, HandbookRow } from '../../core/handbook';
import { basisText, KIND_WORDS } from '../../core/words';
import { Figure, Quiet } from '../../ui/basics';
import { color, phone } from '../../ui/theme';
import { reachable } from '../../ui/focus';

const Article = styled.article<{ $wanted: boolean }>`
  border-top: 1px solid ${color.line};
  padding: 14px 0 14px 12px;
  margin-left: -15px;
  > :last-child {
    text-align: right;
  }
  border-left: 3px solid ${(p) => (p.$wanted ? color.ink : 'transparent')};
  display: grid;
  grid-template-columns: minmax(0, 1fr) 190px;
  gap: 4px 32px;
  h3 {
    font-size: 17px;
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    margin-left: 0;
    padding-left: 8px;
    > :last-child {
      text-align: left;
    }
  }
`;
const Main = styled.div`
  display: flex;
  flex-direction: column;
  gap: 6px;
  min-width: 0;
  ol {
    list-style: decimal;
    padding-left: 22px;
  }
`;
const Limits = styled.dl`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(210px, 1fr));
  gap: 4px 24px;
  margin: 0;
  div {
    display: flex;
    gap: 8px;
    align-items: baseline;
  }
  dt {
    min-width: 76px;
    color: ${color.quiet};
    font-size: 14px;
  }
  dd {
    margin: 0;
  }
`;
const Options = styled.ul`
  li {
    padding: 4px 0;
  }
`;

function Limit({ row }: { row: HandbookRow }) {
  return (
    <div>
      <dt>{row.name}</dt>
      <dd>
        <Figure>{row.value}</Figure> {row.hard && <strong>hard</strong>}{' '}
        {row.basis !== 'memory' && <Quiet>{basisText(row.basis, row.source)}</Quiet>}
      </dd>
    </div>
  );
}

/** One record of the knowledge: what it says, on what it rests, and which of the user's things rest on it. */
export function Entry({ entry, wanted, users }: { entry: HandbookEntry; wanted: boolean; users: readonly Item[] }) {
  return (
    <Article {...reachable(entry.id)} $wanted={wanted} aria-label={entry.title}>
      <Main>
        <h3>{entry.title}</h3>
        {entry.text && (
          <p>
            <Said>{entry.text}</Said>
          </p>
        )}
        {entry.ladder && (
          <ol>
            {entry.ladder.map((rung) => (
              <li key={rung}>
                <Said>{rung}</Said>
              </li>
            ))}
          </ol>
        )}
        {entry.rows && (
          <Limits>
            {entry.rows.map((row) => (
              <Limit key={row.name} row={row} />
            ))}
          </Limits>
        )}
        {entry.options && (
          <Options>
            {entry.options.map((option) => (
              <li key={option.id}>
                <strong>{option.name}</strong> {option.ours && <Quiet>ours unless you choose</Quiet>} {option.gains}{' '}
                <Quiet>
                  {option.risks}
                  {option.refused.length > 0 && ` Refused when so: ${option.refused.join(' ')}`}
                </Quiet>
              </li>
            ))}
          </Options>
        )}
        {users.length > 0 && (
          <p>
            <Quiet>
              In your kit:{' '}
              {users.slice(0, 8).map((item, n) => (
                <span key={item.id}>
                  {n > 0 && ', '}
                  <Link to={toThing(item.id, 'programme')}>{item.name ?? KIND_WORDS[item.kind]}</Link>
                </span>
              ))}
              {users.length > 8 && ` and ${users.length - 8} more`}
            </Quiet>
          </p>
        )}
      </Main>
      <Quiet>{basisText(entry.basis, entry.source)}</Quiet>
    </Article>
  );
}
