import { Link } from 'react-router';
import styled from 'styled-components';
import { whenText } from '../../app/time';
import { entryIdOf } from '../../core/handbook';
import type { Kit } from '../../core/gear';
import { isLeft, neverMatrix } from '../../core/supplies';
import { AGENT_WORDS, WASHER_WORDS, WORDS } from '../../core/words';
import { Column, Hidden, Note, Quiet } from '../../ui/basics';
import { color } from '../../ui/theme';
import { capital } from '../../core/words/text';
import { FigureTable } from '../../ui/FigureTable';
import { PATHS, toHandbook } from '../../app/routes';

const Cell = styled.span`
  &[data-never] {
    display: inline-block;
    padding: 2px 10px;
    color: ${color.alarm};
    font-weight: 700;
    background: repeating-linear-gradient(135deg, transparent 0 7px, color-mix(in srgb, ${color.alarm} 22%, transparent) 7px 9px);
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
          rinsed out. <Link to={PATHS.machines}>See the machines</Link>
        </Note>
      ))}
      <FigureTable
        label="Which supplies must never meet"
        rows={classes.map((id, i) => ({ id, i }))}
        rowKey={(r) => r.id}
        columns={[
          {
            id: 'with',
            head: '',
            cell: (r) => (
              <>
                {AGENT_WORDS[r.id]} {owned.has(r.id) && <Quiet>yours</Quiet>}
              </>
            ),
          },
          ...classes.map((c, j) => ({
            id: c,
            head: AGENT_WORDS[c],
            cell: (r: { i: number }) =>
              cells[r.i]?.[j] ? (
                <Cell data-never>never</Cell>
              ) : (
                <>
                  {r.i !== j && <span aria-hidden="true">·</span>}
                  <Hidden>{r.i === j ? 'itself' : 'not listed'}</Hidden>
                </>
              ),
          })),
        ]}
      />
      <ul>
        {pairs.map((pair) => {
          const entry = entryIdOf(pair.id);
          const text = WORDS.rules[pair.id] ?? '';
          return (
            <li key={pair.id} style={{ padding: '4px 0' }}>
              <strong>
                {pair.one.map((c) => AGENT_WORDS[c]).join(' or ')} with {pair.other.map((c) => AGENT_WORDS[c]).join(' or ')}
              </strong>
              : {text} {entry && <Link to={toHandbook(entry)}>why</Link>}
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
