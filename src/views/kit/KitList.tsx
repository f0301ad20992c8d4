import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useKit, usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { needsCare, type Ranked } from '../../core/due/rank';
import { NEED_WORDS } from '../../core/telling/due';
import { newId, today } from '../../app/now';
import { tell } from '../../app/session';
import { KIND_ALSO, KIND_WORDS, madeOf } from '../../core/words';
import { db } from '../../data/db';
import { deleteView, saveView } from '../../data/repo';
import { Button, ButtonLink, Empty, Field, Hidden, lineLook, Page, Quiet, Row, TextButton } from '../../ui/basics';
import { Progress } from '../../ui/Progress';
import { Sheet } from '../../ui/Sheet';
import { phone } from '../../ui/theme';
import { Bulk } from './Bulk';
import { Csv } from './Csv';
import { KitTable } from './KitTable';

const Tools = styled.div`
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  align-items: center;
  input,
  select {
    ${lineLook}
    max-width: 100%;
  }
  input {
    width: 260px;
  }
  ${phone} {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 8px;
    > :first-child,
    > :last-child {
      grid-column: 1 / -1;
    }
    input,
    select {
      width: 100%;
    }
  }
`;

/** Counts or progress: it keeps its place, so that the rows below do not move under the hand. */
const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  min-height: 44px;
`;

/** The filters, as they stand in the address. */
const FILTERS = ['need', 'kind', 'owner', 'due'] as const;
type Filter = (typeof FILTERS)[number];
const DUE_DAYS: Record<string, number> = { '0': 0, '7': 7, '30': 30 };

function textOf({ item }: Ranked): string {
  return [
    item.name,
    KIND_WORDS[item.kind],
    KIND_ALSO[item.kind],
    ...item.components.map(madeOf),
    item.owner,
    ...(item.tags ?? []),
    ...item.components.map((c) => c.material),
    item.lent?.to,
    item.id,
  ]
    .filter(Boolean)
    .join(' ')
    .toLowerCase();
}

function matches(row: Ranked, words: readonly string[], filters: Readonly<Record<Filter, string>>, now: string): boolean {
  const { item, need, on } = row;
  // What is put away is shown only when it is asked for.
  if (filters.need === '' ? need === 'away' : need !== filters.need) return false;
  if (filters.kind && item.kind !== filters.kind) return false;
  if (filters.owner && item.owner !== filters.owner) return false;
  if (filters.due) {
    const days = DUE_DAYS[filters.due] ?? 0;
    const soon = need === 'due' || need === 'urgent' || (Date.parse(on) - Date.parse(now)) / 86_400_000 <= days;
    if (!soon) return false;
  }
  if (words.length === 0) return true;
  const text = textOf(row);
  return words.every((word) => text.includes(word));
}

/** Saved ways of looking at the kit: each is the address's own search under a name. */
function Views({ query, onPick }: { query: string; onPick: (query: string) => void }) {
  const views = useLiveQuery(() => db.views.toArray(), []) ?? [];
  const [naming, setNaming] = useState(false);
  const [name, setName] = useState('');
  const here = views.find((v) => v.query === query);
  const save = async (): Promise<void> => {
    const undo = await saveView({ id: newId('view'), name: name.trim(), query });
    tell(`“${name.trim()}” is saved.`, undo);
    setNaming(false);
    setName('');
  };
  const forget = async (): Promise<void> => {
    if (here) tell(`“${here.name}” is forgotten.`, await deleteView(here.id));
  };
  if (views.length === 0 && query === '') return null;
  return (
    <Row $wrap $gap={8}>
      {views.map((view) => (
        <Button
          key={view.id}
          $quiet={view.query !== query}
          aria-pressed={view.query === query}
          onClick={() => onPick(view.query)}
        >
          {view.name}
        </Button>
      ))}
      {query !== '' && !here && <TextButton onClick={() => setNaming(true)}>Save this view</TextButton>}
      {here && <TextButton onClick={() => void forget()}>Forget this view</TextButton>}
      {naming && (
        <Sheet title="What do you call this view?" open onClose={() => setNaming(false)}>
          <Field>
            Name
            <input autoFocus value={name} maxLength={60} onChange={(e) => setName(e.target.value)} />
          </Field>
          <Row>
            <Button disabled={name.trim() === ''} onClick={() => void save()}>
              Save it
            </Button>
          </Row>
        </Sheet>
      )}
    </Row>
  );
}

/** What have I, and in what state? */
export function KitList() {
  const kit = useKit();
  const planning = usePlanning(kit);
  const [params, setParams] = useSearchParams();
  const [search, setSearch] = useState(params.get('q') ?? '');
  const [chosen, setChosen] = useState<ReadonlySet<string>>(new Set());
  const filters = Object.fromEntries(FILTERS.map((f) => [f, params.get(f) ?? ''])) as Record<Filter, string>;
  const { need, kind, owner, due } = filters;
  const ranked = useRanked(kit, planning.programmes);
  const rows = useMemo(() => {
    const words = search.toLowerCase().split(/\s+/).filter(Boolean);
    return (ranked ?? []).filter((row) => matches(row, words, { need, kind, owner, due }, today()));
  }, [ranked, search, need, kind, owner, due]);
  if (!kit || !ranked) return <Page aria-busy="true" />;
  const set = (key: string, value: string): void => {
    const next = new URLSearchParams(params);
    if (value) next.set(key, value);
    else next.delete(key);
    setParams(next, { replace: true });
  };
  const pick = (query: string): void => {
    const next = new URLSearchParams(query);
    setSearch(next.get('q') ?? '');
    setParams(next, { replace: true });
  };
  const dueCount = rows.filter(needsCare).length;
  const options = (values: readonly (string | undefined)[]): string[] =>
    [...new Set(values.filter((x): x is string => !!x))].sort((a, b) => a.localeCompare(b));
  const select = (filter: Filter, label: string, all: string, choices: readonly (readonly [string, string])[]) => (
    <label>
      <Hidden>{label}</Hidden>
      <select value={filters[filter]} onChange={(e) => set(filter, e.target.value)}>
        <option value="">{all}</option>
        {choices.map(([id, name]) => (
          <option key={id} value={id}>
            {name}
          </option>
        ))}
      </select>
    </label>
  );
  return (
    <Page>
      <Row $between $wrap $top>
        <div>
          <h1>
            {kit.items.length} things{kit.title ? `, ${kit.title}` : ''}
          </h1>
          <Line>
            {!(planning.state === 'busy' && planning.first) && (
              <Quiet>
                {rows.length === kit.items.length ? '' : `${rows.length} shown, `}
                {dueCount} of those shown need care
              </Quiet>
            )}
            {planning.state === 'busy' && (
              <Progress what="Looking through them" done={planning.done} of={planning.of} onStop={planning.stop} />
            )}
            {planning.state === 'stopped' && (
              <Quiet>
                Stopped: not all were looked through. <TextButton onClick={planning.again}>Look through the rest</TextButton>
              </Quiet>
            )}
          </Line>
        </div>
        <ButtonLink to="/kit/new" data-main-action>
          Add a thing
        </ButtonLink>
      </Row>
      {kit.items.length === 0 ? (
        <Empty title="Your kit is empty.">
          <p>Add a thing, or import a kit under Record.</p>
          <Csv items={kit.items} shown={[]} />
        </Empty>
      ) : (
        <>
          <Tools>
            <label>
              <Hidden>Search the kit</Hidden>
              <input
                data-search
                type="search"
                placeholder="Search name, owner, tag, layer"
                value={search}
                onKeyDown={(e) => {
                  if (e.key !== 'ArrowDown') return;
                  e.preventDefault();
                  document.querySelector<HTMLElement>('tbody a')?.focus();
                }}
                onChange={(e) => {
                  setSearch(e.target.value);
                  set('q', e.target.value);
                }}
              />
            </label>
            {select('need', 'Show only this state', 'Every state', Object.entries(NEED_WORDS))}
            {select(
              'kind',
              'Show only this kind',
              'Every kind',
              options(kit.items.map((i) => i.kind)).map((k) => [k, KIND_WORDS[k as keyof typeof KIND_WORDS]] as const),
            )}
            {select(
              'owner',
              'Show only this owner',
              'Every owner',
              options(kit.items.map((i) => i.owner)).map((o) => [o, o] as const),
            )}
            {select('due', 'Show only what is due', 'Due any time', [
              ['0', 'Due now'],
              ['7', 'Due in 7 days'],
              ['30', 'Due in 30 days'],
            ])}
            <Csv items={kit.items} shown={rows.map((r) => r.item)} />
          </Tools>
          <Views query={params.toString()} onPick={pick} />
          <Bulk rows={(ranked ?? []).filter((r) => chosen.has(r.item.id))} onDone={() => setChosen(new Set())} />
          <KitTable rows={rows} chosen={chosen} onChoose={setChosen} />
          {rows.length === 0 && <p>Nothing matches. Try fewer words, or every state.</p>}
        </>
      )}
    </Page>
  );
}
