import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useKit, usePlanning } from '../../app/kit';
import { useRanked } from '../../app/ranked';
import { hasFinish } from '../../core/gear';
import { needsCare, type Ranked } from '../../core/due/rank';
import { NEED_WORDS } from '../../core/telling/due';
import { newId, today } from '../../app/now';
import { notify } from '../../app/session';
import { KIND_ALSO, KIND_WORDS, madeOf } from '../../core/words';
import { db } from '../../data/db';
import { deleteView, saveView } from '../../data/repo';
import { Empty, Page, Quiet, Row } from '../../ui/basics';
import { Button, LinkButton, TextButton } from '../../ui/Button';
import { Progress } from '../../ui/Progress';
import { Sheet } from '../../ui/Sheet';
import { phone } from '../../ui/theme';
import { Bulk } from './Bulk';
import { Csv } from './Csv';
import { KitTable, THINGS } from './KitTable';
import { SearchField, TextField } from '../../ui/TextField';
import { Form } from '../../ui/Form';
import { Select } from '../../ui/Select';
import { enterTable } from '../../ui/ThingTable';

const Tools = styled.div`
  display: flex;
  gap: 12px;
  flex-wrap: wrap;
  align-items: center;
  ${phone} {
    display: grid;
    grid-template-columns: repeat(2, minmax(0, 1fr));
    gap: 8px;
    > * {
      width: 100% !important;
    }
    > :first-child,
    > :last-child {
      grid-column: 1 / -1;
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

const texts = new WeakMap<Ranked, string>();
/** What a row is found by; worked out once for each. */
function textOf(row: Ranked): string {
  const { item } = row;
  const known = texts.get(row);
  if (known !== undefined) return known;
  const text = [
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
  texts.set(row, text);
  return text;
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
  const views = useLiveQuery(() => db.savedViews.toArray(), []) ?? [];
  const [naming, setNaming] = useState(false);
  const [name, setName] = useState('');
  const here = views.find((v) => v.query === query);
  const save = async (): Promise<void> => {
    const undo = await saveView({ id: newId('view'), name: name.trim(), query });
    notify(`“${name.trim()}” is saved.`, undo);
    setNaming(false);
    setName('');
  };
  const forget = async (): Promise<void> => {
    if (here) notify(`“${here.name}” is forgotten.`, await deleteView(here.id));
  };
  if (views.length === 0 && query === '') return null;
  return (
    <Row $wrap $gap={8}>
      {views.map((view) => (
        <Button
          key={view.id}
          look={view.query !== query ? 'quiet' : 'main'}
          aria-pressed={view.query === query}
          onPress={() => onPick(view.query)}
        >
          {view.name}
        </Button>
      ))}
      {query !== '' && !here && <TextButton onPress={() => setNaming(true)}>Save this view</TextButton>}
      {here && <TextButton onPress={() => void forget()}>Forget this view</TextButton>}
      {naming && (
        <Sheet title="What do you call this view?" open onClose={() => setNaming(false)}>
          <Form onSubmit={() => name.trim() !== '' && void save()}>
            <TextField label="Name" autoFocus value={name} maxLength={60} onChange={setName} />
            <Row>
              <Button type="submit" isDisabled={name.trim() === ''}>
                Save it
              </Button>
            </Row>
          </Form>
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
    <Select
      label={label}
      hideLabel
      width={168}
      value={filters[filter] || undefined}
      options={choices.map(([id]) => id)}
      words={Object.fromEntries(choices)}
      blank={all}
      onChange={(id) => set(filter, id ?? '')}
    />
  );
  const count = (
    <Quiet>
      {rows.length === kit.items.length ? '' : `${rows.length} shown, `}
      {dueCount} of those shown need care
    </Quiet>
  );
  return (
    <Page>
      <Row $between $wrap $top>
        <div>
          <h1>
            {kit.items.length} things{kit.title ? `, ${kit.title}` : ''}
          </h1>
          <Line>
            {planning.state === 'busy' ? (
              <Progress
                what="Looking through them"
                done={planning.done}
                of={planning.of}
                onStop={planning.stop}
                meanwhile={!planning.first && count}
              />
            ) : (
              planning.state !== 'failed' && count
            )}
            {planning.state === 'failed' && (
              <Quiet>
                They could not be looked through. <TextButton onPress={planning.again}>Look through them again</TextButton>
              </Quiet>
            )}
            {planning.state === 'stopped' && (
              <Quiet>
                Stopped: not all were looked through. <TextButton onPress={planning.again}>Look through the rest</TextButton>
              </Quiet>
            )}
          </Line>
        </div>
        <Row $wrap>
          {kit.items.some(hasFinish) && (
            <LinkButton to="/kit/shells" look="quiet">
              What sheds rain
            </LinkButton>
          )}
          {kit.items.some((item) => item.worth !== undefined) && (
            <LinkButton to="/kit/worth" look="quiet">
              What the work brings
            </LinkButton>
          )}
          <LinkButton to="/kit/new" data-main-action>
            Add a thing
          </LinkButton>
        </Row>
      </Row>
      {kit.items.length === 0 ? (
        <Empty title="Your kit is empty.">
          <p>Add a thing, or import a kit under Record.</p>
          <Csv items={kit.items} shown={[]} />
        </Empty>
      ) : (
        <>
          <Tools>
            <SearchField
              label="Search the kit"
              placeholder="Name, owner, tag, layer"
              width={290}
              value={search}
              onDown={() => enterTable(THINGS)}
              onChange={(text) => {
                setSearch(text);
                set('q', text);
              }}
            />
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
