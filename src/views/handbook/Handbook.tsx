import { useEffect, useMemo, useState } from 'react';
import { NavLink, useParams, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useKit, useUsers } from '../../app/kit';
import { useThresholds } from '../../app/thresholds';
import { handbook, search, SECTIONS } from '../../core/handbook';
import type { Item } from '../../core/gear';
import { KNOWLEDGE } from '../../core/knowledge';
import { Page, Quiet, Row } from '../../ui/basics';
import { color, phone } from '../../ui/theme';
import { Entry } from './Entry';
import { Thresholds } from './Thresholds';
import { showAt } from '../../ui/focus';
import { SearchField } from '../../ui/TextField';
import { toHandbook } from '../../app/routes';

const Two = styled.div`
  display: grid;
  grid-template-columns: 200px minmax(0, 1fr);
  gap: 48px;
  align-items: start;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
    gap: 16px;
  }
`;
const Contents = styled.nav`
  position: sticky;
  top: 24px;
  display: flex;
  flex-direction: column;
  a {
    display: flex;
    justify-content: space-between;
    gap: 12px;
    align-items: center;
    min-height: 44px;
    padding: 4px 12px;
    border-left: 3px solid ${color.line};
    text-decoration: none;
  }
  a.active {
    border-left-color: ${color.ink};
    font-weight: 700;
  }
  ${phone} {
    position: static;
    flex-direction: row;
    flex-wrap: wrap;
    a {
      border-left: 0;
      border-bottom: 3px solid ${color.line};
    }
    a.active {
      border-bottom-color: ${color.ink};
    }
  }
`;
/** Why do you say so? Every rule, material, school, mark and caution with its basis, and which of your things rest on it. */
export function Handbook() {
  const { section, entry: wanted } = useParams();
  const [params, setParams] = useSearchParams();
  // Kept here, so that fast typing is not overtaken by the address; the address follows.
  const [query, setQuery] = useState(params.get('q') ?? '');
  // Another section is asked for: nothing is searched for any more.
  const [at, setAt] = useState(section);
  if (at !== section) {
    setAt(section);
    setQuery('');
  }
  const ask = (text: string): void => {
    setQuery(text);
    setParams(text ? { q: text } : {}, { replace: true });
  };
  const kit = useKit();
  const users = useUsers(kit);
  const thresholds = useThresholds();
  const entries = useMemo(() => handbook({ ...KNOWLEDGE, thresholds }), [thresholds]);
  const items = useMemo(() => new Map((kit?.items ?? []).map((item): [string, Item] => [item.id, item])), [kit]);
  const here = SECTIONS.find((s) => s.id === section) ?? SECTIONS[0];
  const shown = useMemo(
    () => (query ? search(entries, query) : entries.filter((e) => e.section === here.id)),
    [entries, query, here.id],
  );
  // The thresholds stand above and are of the kit: what is below waits for them.
  const below = !kit && !query && here.id === 'seen' ? [] : shown;
  const wantedId = wanted ? `${here.id}/${wanted}` : null;
  const stands = below.some((e) => e.id === wantedId);
  useEffect(() => {
    if (stands && wantedId) showAt(wantedId);
  }, [stands, wantedId]);
  return (
    <Page>
      <h1>Why do you say so?</h1>
      <Row>
        <SearchField
          label="Search the handbook"
          placeholder="Search every rule, material, mark and caution"
          width={420}
          value={query}
          onChange={ask}
        />
      </Row>
      <Two>
        <Contents aria-label="Sections">
          {SECTIONS.map((s) => (
            <NavLink
              key={s.id}
              to={toHandbook(s.id)}
              className={({ isActive }) => (isActive || (!section && s === here) ? 'active' : '')}
            >
              {s.name} <Quiet>{entries.filter((e) => e.section === s.id).length}</Quiet>
            </NavLink>
          ))}
        </Contents>
        <section aria-live="polite" aria-label={query ? 'Found' : here.name}>
          <h2>{query ? (shown.length === 1 ? 'One entry' : `${shown.length} entries`) : here.name}</h2>
          <p>
            <Quiet>{query ? `with “${query}”, in all sections` : here.about}</Quiet>
          </p>
          {kit && !query && here.id === 'seen' && <Thresholds kit={kit} />}
          {shown.length === 0 && <p>Nothing says that. Try one word, such as a material or a cleaner.</p>}
          {below.map((entry) => (
            <Entry
              key={entry.id}
              entry={entry}
              wanted={entry.id === wantedId}
              users={(users?.[entry.id] ?? []).flatMap((id) => items.get(id) ?? [])}
            />
          ))}
        </section>
      </Two>
    </Page>
  );
}
