import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { useKit, usePlanning } from '../../app/kit';
import { NEED_WORDS, rankItem, type Need } from '../../app/rank';
import { today } from '../../app/now';
import { whenText } from '../../app/time';
import { latestInspection } from '../../core/programme';
import { AIM_WORDS, KIND_WORDS } from '../../core/words';
import { Button, ButtonLink, Empty, Hidden, Page, Quiet, Row, TextButton } from '../../ui/basics';
import { Progress } from '../../ui/Progress';
import { color, phone } from '../../ui/theme';
import { StateStrip } from './state';

const Table = styled.table`
  border-collapse: collapse;
  width: 100%;
  th {
    text-align: left;
    font-size: 14px;
    font-weight: 600;
    color: ${color.quiet};
    padding: 6px 12px 6px 0;
    border-bottom: 1.5px solid ${color.ink};
  }
  td {
    padding: 9px 12px 9px 0;
    border-bottom: 1px solid ${color.line};
    vertical-align: middle;
  }
  a {
    font-weight: 650;
    text-decoration: none;
    display: block;
  }
  a:hover {
    text-decoration: underline;
  }
  ${phone} {
    .wide {
      display: none;
    }
    td {
      padding-right: 8px;
    }
    td > span > span {
      white-space: normal;
    }
  }
`;
const Tools = styled.div`
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  input,
  select {
    font: inherit;
    min-height: 44px;
    padding: 8px 12px;
    border: 1px solid ${color.quiet};
    border-radius: 4px;
    background: ${color.panel};
    color: ${color.ink};
  }
  input {
    width: 280px;
    max-width: 100%;
  }
`;
const NeedWord = styled.span<{ $need: Need }>`
  font-weight: ${(p) => (p.$need === 'fresh' ? 400 : 650)};
  color: ${(p) => (p.$need === 'urgent' || p.$need === 'blocked' ? color.alarm : p.$need === 'fresh' ? color.finish : color.ink)};
`;

/** Rows shown at a time: a long list comes in pieces, so that the page stays quick. */
const PIECE = 60;

/** What have I, and in what state? */
export function KitList() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const { programmes } = planning;
  const [search, setSearch] = useState('');
  const [need, setNeed] = useState<'all' | Need>('all');
  const [pieces, setPieces] = useState(1);
  const rows = useMemo(() => {
    if (!kit) return [];
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    return kit.items
      .map((item) => ({
        ...rankItem(kit, item, programmes?.[item.id] ?? null, today()),
        seen: latestInspection(kit.inspections, item.id),
      }))
      .filter(({ item }) => {
        const text =
          `${item.name ?? ''} ${KIND_WORDS[item.kind]} ${item.owner ?? ''} ${item.components.map((c) => c.material).join(' ')}`.toLowerCase();
        return words.every((word) => text.includes(word));
      })
      .filter((row) => need === 'all' || row.need === need)
      .sort((a, b) => b.weight - a.weight || (a.item.name ?? '').localeCompare(b.item.name ?? ''));
  }, [kit, programmes, search, need]);
  if (!kit) return <Page aria-busy="true" />;
  const due = rows.filter((r) => r.need === 'due' || r.need === 'urgent').length;
  return (
    <Page>
      <Row $between $wrap $top>
        <div>
          <h1>
            {kit.items.length} things{kit.title ? `, ${kit.title}` : ''}
          </h1>
          {programmes && <Quiet>{due} of those shown need care</Quiet>}
          {planning.state === 'busy' && (
            <Progress what="Looking through them" done={planning.done} of={planning.of} onStop={planning.stop} />
          )}
          {planning.state === 'stopped' && (
            <Quiet>
              Stopped: not all were looked through. <TextButton onClick={planning.again}>Look through the rest</TextButton>
            </Quiet>
          )}
        </div>
        <ButtonLink to="/kit/new" data-main-action>
          Add a thing
        </ButtonLink>
      </Row>
      {kit.items.length === 0 ? (
        <Empty title="Your kit is empty.">
          <p>Add a thing, or import a kit under Record.</p>
        </Empty>
      ) : (
        <>
          <Tools>
            <label>
              <Hidden>Search the kit</Hidden>
              <input
                data-search
                type="search"
                placeholder="Search name, owner, material"
                value={search}
                onChange={(e) => setSearch(e.target.value)}
              />
            </label>
            <label>
              <Hidden>Show only</Hidden>
              <select value={need} onChange={(e) => setNeed(e.target.value as 'all' | Need)}>
                <option value="all">Every state</option>
                {Object.entries(NEED_WORDS).map(([id, word]) => (
                  <option key={id} value={id}>
                    {word}
                  </option>
                ))}
              </select>
            </label>
          </Tools>
          <Table>
            <thead>
              <tr>
                <th>Thing</th>
                <th className="wide">Owner</th>
                <th>State</th>
                <th className="wide">It needs</th>
                <th className="wide">Looked over</th>
                <th>Due</th>
              </tr>
            </thead>
            <tbody>
              {rows.slice(0, pieces * PIECE).map(({ item, programme, need: is, seen }) => (
                <tr key={item.id}>
                  <td>
                    <Link to={`/kit/${item.id}`}>{item.name ?? KIND_WORDS[item.kind]}</Link>
                    <Quiet>{KIND_WORDS[item.kind]}</Quiet>
                  </td>
                  <td className="wide">{item.owner}</td>
                  <td>
                    <StateStrip item={item} seen={seen} />
                  </td>
                  <td className="wide">{programme ? programme.aims.map((a) => AIM_WORDS[a]).join(', ') || 'nothing' : ''}</td>
                  <td className="wide">
                    <Quiet>{seen ? whenText(seen.at) : 'never'}</Quiet>
                  </td>
                  <td>
                    <NeedWord $need={is}>{NEED_WORDS[is]}</NeedWord>
                  </td>
                </tr>
              ))}
            </tbody>
          </Table>
          {rows.length > pieces * PIECE && (
            <Row>
              <Button $quiet onClick={() => setPieces((n) => n + 1)}>
                Show {Math.min(PIECE, rows.length - pieces * PIECE)} more of {rows.length}
              </Button>
            </Row>
          )}
          {rows.length === 0 && <p>Nothing matches. Try fewer words, or every state.</p>}
        </>
      )}
    </Page>
  );
}
