import styled from 'styled-components';
import { hasFinish, type Kit } from '../../core/gear';
import { needsCare } from '../../core/due/rank';
import { NEED_WORDS } from '../../core/telling/due';
import { KIND_WORDS } from '../../core/words';
import { Empty, Page, Quiet, Row } from '../../ui/basics';
import { LinkButton, TextButton } from '../../ui/Button';
import { InTurn } from '../../ui/InTurn';
import { Progress } from '../../ui/Progress';
import { phone } from '../../ui/theme';
import { Bulk } from './Bulk';
import { Csv } from './Csv';
import { KitTable, THINGS } from './KitTable';
import { SearchField } from '../../ui/TextField';
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

/** About what a screen shows of the table, px. */
const TABLE_PX = 800;

/** Counts or progress: it keeps its place, so that the rows below do not move under the hand. */
const Line = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  min-height: 44px;
`;

import { type KitListed, useKitList } from './useKitList';
import type { Filter } from './filters';
import { SavedViews } from './SavedViews';
import { PATHS } from '../../app/routes';
const options = (values: readonly (string | undefined)[]): string[] =>
  [...new Set(values.filter((x): x is string => !!x))].sort((a, b) => a.localeCompare(b));
/** How many there are, and how far they were looked through. */
function Count({ planning, rows, of }: { planning: KitListed['planning']; rows: KitListed['rows']; of: number }) {
  const count = (
    <Quiet>
      {rows.length === of ? '' : `${rows.length} shown, `}
      {rows.filter(needsCare).length} of those shown need care
    </Quiet>
  );
  return (
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
  );
}
function Head({ kit, planning, rows }: { kit: Kit; planning: KitListed['planning']; rows: KitListed['rows'] }) {
  return (
    <Row $between $wrap $top>
      <div>
        <h1>
          {kit.items.length} things{kit.title ? `, ${kit.title}` : ''}
        </h1>
        <Count planning={planning} rows={rows} of={kit.items.length} />
      </div>
      <Row $wrap>
        {kit.items.some(hasFinish) && (
          <LinkButton to={PATHS.shells} look="quiet">
            What sheds rain
          </LinkButton>
        )}
        {kit.items.some((item) => item.worth !== undefined) && (
          <LinkButton to={PATHS.worth} look="quiet">
            What the work brings
          </LinkButton>
        )}
        <LinkButton to={PATHS.newThing} data-main-action>
          Add a thing
        </LinkButton>
      </Row>
    </Row>
  );
}
interface Filtered {
  readonly of: KitListed;
  readonly filter: Filter;
  readonly label: string;
  readonly all: string;
  readonly choices: readonly (readonly [string, string])[];
}
function FilterBy({ of: { filters, set }, filter, label, all, choices }: Filtered) {
  return (
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
}
function ToolsOf({ kit, list }: { kit: Kit; list: KitListed }) {
  const { search, setSearch, set, rows } = list;
  return (
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
      <FilterBy of={list} filter="need" label="Show only this state" all="Every state" choices={Object.entries(NEED_WORDS)} />
      <FilterBy
        of={list}
        filter="kind"
        label="Show only this kind"
        all="Every kind"
        choices={options(kit.items.map((i) => i.kind)).map((k) => [k, KIND_WORDS[k as keyof typeof KIND_WORDS]] as const)}
      />
      <FilterBy
        of={list}
        filter="owner"
        label="Show only this owner"
        all="Every owner"
        choices={options(kit.items.map((i) => i.owner)).map((o) => [o, o] as const)}
      />
      <FilterBy of={list} filter="due" label="Show only what is due" all="Due any time" choices={DUE_CHOICES} />
      <Csv items={kit.items} shown={rows.map((r) => r.item)} />
    </Tools>
  );
}
const DUE_CHOICES = [
  ['0', 'Due now'],
  ['7', 'Due in 7 days'],
  ['30', 'Due in 30 days'],
] as const;

/** What have I, and in what state? */
export function KitList() {
  const list = useKitList();
  const { kit, planning, ranked, rows, params, chosen, setChosen, pick } = list;
  if (!kit || !ranked) return <Page aria-busy="true" />;
  return (
    <Page>
      <Head kit={kit} planning={planning} rows={rows} />
      {kit.items.length === 0 ? (
        <Empty title="Your kit is empty.">
          <p>Add a thing, or import a kit under Record.</p>
          <Csv items={kit.items} shown={[]} />
        </Empty>
      ) : (
        <>
          <ToolsOf kit={kit} list={list} />
          <SavedViews query={params.toString()} onPick={pick} />
          <Bulk rows={(ranked ?? []).filter((r) => chosen.has(r.item.id))} onDone={() => setChosen(new Set())} />
          <InTurn height={TABLE_PX}>
            <KitTable rows={rows} chosen={chosen} onChoose={setChosen} />
          </InTurn>
          {rows.length === 0 && <p>Nothing matches. Try fewer words, or every state.</p>}
        </>
      )}
    </Page>
  );
}
