import { Link } from 'react-router';
import styled from 'styled-components';
import { whenText } from '../../app/time';
import { entryIdOf } from '../../core/handbook';
import type { Kit } from '../../core/gear';
import { isLeft, neverMatrix } from '../../core/supplies';
import { AGENT_WORDS, WASHER_WORDS, WORDS } from '../../core/words';
import { Column, Note, Quiet } from '../../ui/basics';
import { color, phone } from '../../ui/theme';
import { capital } from '../../core/words/text';

const Scroll = styled.div`
  overflow-x: auto;
  max-width: 100%;
`;
const Table = styled.table`
  border-collapse: collapse;
  th {
    font-size: 15px;
    font-weight: 600;
    text-align: left;
    padding: 8px 12px;
    max-width: 130px;
  }
  thead th {
    vertical-align: bottom;
  }
  td {
    border: 1px solid ${color.line};
    width: 120px;
    height: 56px;
    text-align: center;
    font-size: 15px;
  }
  td[data-never] {
    color: ${color.alarm};
    font-weight: 700;
    background: repeating-linear-gradient(135deg, transparent 0 7px, color-mix(in srgb, ${color.alarm} 22%, transparent) 7px 9px);
  }
  ${phone} {
    th {
      padding: 6px;
      font-size: 14px;
      max-width: 84px;
    }
    td {
      width: 56px;
      min-width: 56px;
    }
  }
`;

/** What must never meet, and what stands somewhere unrinsed just now. */
export function Never({ kit }: { kit: Kit }) {
  const { classes, cells } = neverMatrix();
  const owned = new Set<string>((kit.supplies ?? []).filter(isLeft).map((s) => s.class));
  const standing = (kit.equipment?.washers ?? []).flatMap((w) => (w.unrinsed ?? []).map((s) => ({ w, s })));
  const pairs = [...new Map(cells.flat().flatMap((p) => (p ? [[p.id, p] as const] : []))).values()];
  return (
    <Column $gap={24}>
      <p style={{ maxWidth: '62ch' }}>
        Never in one bath, and never one after the other without a rinse between. Plans leave such a step out, and Run stops
        before it. The product’s own label and local rules come first.
      </p>
      {standing.map(({ w, s }) => (
        <Note key={`${w.id}-${s.class}-${s.at}`} tone="alarm">
          <strong>{capital(AGENT_WORDS[s.class])}</strong> went into {w.name ?? WASHER_WORDS[w.kind]} {whenText(s.at)} and is not
          rinsed out. <Link to="/cupboard/machines">See the machines</Link>
        </Note>
      ))}
      <Scroll tabIndex={0} role="region" aria-label="Which supplies must never meet">
        <Table>
          <thead>
            <tr>
              <td style={{ border: 0 }} />
              {classes.map((c) => (
                <th key={c} scope="col">
                  {AGENT_WORDS[c]}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {classes.map((row, i) => (
              <tr key={row}>
                <th scope="row">
                  {AGENT_WORDS[row]} {owned.has(row) && <Quiet>yours</Quiet>}
                </th>
                {classes.map((column, j) => {
                  const pair = cells[i]?.[j];
                  return pair ? (
                    <td key={column} data-never>
                      never
                    </td>
                  ) : (
                    <td key={column} aria-label={i === j ? 'itself' : 'not listed'}>
                      {i === j ? '' : '·'}
                    </td>
                  );
                })}
              </tr>
            ))}
          </tbody>
        </Table>
      </Scroll>
      <ul>
        {pairs.map((pair) => {
          const entry = entryIdOf(pair.id);
          const text = WORDS.rules[pair.id] ?? '';
          return (
            <li key={pair.id} style={{ padding: '4px 0' }}>
              <strong>
                {pair.one.map((c) => AGENT_WORDS[c]).join(' or ')} with {pair.other.map((c) => AGENT_WORDS[c]).join(' or ')}
              </strong>
              : {text} {entry && <Link to={`/handbook/${entry}`}>why</Link>}
            </li>
          );
        })}
      </ul>
      <Note tone="alarm">
        If it smells sharp: leave the room, open windows from outside, and call for help where eyes or lungs burn.
      </Note>
    </Column>
  );
}
