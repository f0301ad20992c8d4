import { Said } from '../../ui/said';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useKit } from '../../app/kit';
import { nowMs, today } from '../../app/now';
import { canFor, takesOf } from '../../app/plan';
import { useWorked } from '../../app/worked';
import { nextEvent } from '../../core/due/forecast';
import { PATHS, toThing } from '../../app/routes';
import { dayText } from '../../app/time';
import { hasFinish, latestInspection, type Item, type Kit, type SupplyClass } from '../../core/gear';
import { leaks, leastThatHelps, MARK, repellencyOf, type Repellency, type Treatment } from '../../core/repellency';
import { indexText, TREATMENT_WORDS } from '../../core/telling/repellency';
import { unread } from '../../core/repellency/halves';
import { pairOf, proofersOf } from '../../core/repellency/proofers';
import { prooferName, proofersText } from '../../core/telling/drops';
import { dayOf } from '../../core/units/day';
import { counted, listed } from '../../core/words/text';
import { SUPPLY_WORDS, thingName } from '../../core/words';
import { Empty, Figure, Page } from '../../ui/basics';
import { Crumbs } from '../../ui/Crumbs';
import { FigureTable } from '../../ui/FigureTable';

interface Row {
  readonly item: Item;
  readonly of: Repellency | null;
  readonly leaking: boolean;
  /** The least that is likely to do; undefined for what was never tested. */
  readonly least: Treatment | 'leave' | null | undefined;
  /** What renewing it takes, where that is what it wants. */
  readonly wants: ReturnType<typeof takesOf>['proofer'] | undefined;
}
const tired = ({ of }: Row): boolean => of !== null && of.now.value < MARK;
/** Whether what goes along on the next outing sheds rain. */
function outingText(kit: Kit, rows: readonly Row[]): string {
  const outing = nextEvent(kit.log ?? [], today());
  if (!outing) return '';
  const along = rows.filter((r) => !outing.itemIds || outing.itemIds.includes(r.item.id));
  if (along.length === 0) return '';
  const not = along.filter((r) => r.of === null || tired(r) || r.leaking);
  const name = outing.name ?? 'the outing';
  return not.length === 0
    ? `All that goes along on ${name} sheds rain.`
    : `For ${name} not yet: ${listed(not.map((r) => thingName(r.item)))}.`;
}
/** Proofer for all that wants renewing, beside what stands in the cupboard, by its kind. */
function prooferText(kit: Kit, rows: readonly Row[]): string {
  const wants = new Map<SupplyClass, number>();
  for (const { wants: proofer } of rows) if (proofer) wants.set(proofer.class, (wants.get(proofer.class) ?? 0) + proofer.ml);
  const said = [...wants].map(([cls, ml]) => {
    const left = (kit.supplies ?? []).filter((s) => s.class === cls).reduce((sum, s) => sum + (s.remainingMl ?? 0), 0);
    return `${Math.round(ml)} mL of ${SUPPLY_WORDS[cls]} (${Math.round(left)} mL in the cupboard)`;
  });
  return said.length === 0 ? '' : `To renew all that wants it takes ${listed(said)}.`;
}

/** All that sheds rain by a finish. */
const shellsOf = (kit: Kit): { kit: Kit; item: Item }[] =>
  kit.items.filter((item) => hasFinish(item) && !item.archivedOn && !item.retiredOn).map((item) => ({ kit, item }));
/** How well one sheds rain, and what would help. */
function rowOf({ kit, item }: { kit: Kit; item: Item }): Row {
  const of = repellencyOf(item, kit.inspections, kit.log ?? [], nowMs());
  const leaking = leaks(latestInspection(kit.inspections, item.id));
  const least = of ? leastThatHelps(of, canFor(kit, item)) : undefined;
  const row: Row = { item, of, leaking, least, wants: undefined };
  const renews = tired(row) && !leaking && !of?.worn && (least === 'renew' || least === null);
  return renews ? { ...row, wants: takesOf(kit, item, 'renew').proofer } : row;
}

/** All that sheds rain by a finish, the most tired first. */
export function Shells() {
  const kit = useKit();
  const worked = useWorked(
    useMemo(() => (kit ? shellsOf(kit) : null), [kit]),
    rowOf,
  );
  const rows = useMemo(() => [...(worked ?? [])].sort((a, b) => (a.of?.now.value ?? -1) - (b.of?.now.value ?? -1)), [worked]);
  if (!kit || !worked) return <Page aria-busy="true" />;
  const below = rows.filter((r) => r.of && r.of.now.value < MARK).length;
  const untested = rows.filter((r) => !r.of).length;
  const halves = unread(kit)
    .map((e) => kit.items.find((i) => i.id === e.itemId))
    .filter((i): i is Item => i !== undefined);
  const read = halves.length > 0 ? `Both halves are still to be read with drops: ${listed(halves.map(thingName))}.` : '';
  const needed = [outingText(kit, rows), prooferText(kit, rows), read].filter((text) => text !== '');
  const crumbs = <Crumbs trail={[{ to: PATHS.kit, name: 'Kit' }]} here="What sheds rain" />;
  if (rows.length === 0)
    return (
      <Page>
        {crumbs}
        <Empty whole title="Nothing here sheds rain by a finish.">
          <Link to={PATHS.newThing}>Add a shell</Link>
        </Empty>
      </Page>
    );
  return (
    <Page>
      {crumbs}
      <h1>
        {below === 0
          ? 'All that was tested sheds rain.'
          : `${counted(below)} of ${rows.length - untested} no longer ${below === 1 ? 'sheds' : 'shed'} rain.`}
        {untested > 0 && ` ${counted(untested)} ${untested === 1 ? 'was' : 'were'} never tested.`}
      </h1>
      {needed.length > 0 && (
        <p>
          <Said>{needed.join(' ')}</Said>
        </p>
      )}
      <ShellTable rows={rows} />
      <Proofers kit={kit} />
    </Page>
  );
}

/** How well each sheds rain, and what is likely to help. */
function ShellTable({ rows }: { rows: readonly Row[] }) {
  return (
    <FigureTable
      label="What sheds rain"
      rows={rows}
      rowKey={(r) => r.item.id}
      columns={[
        { id: 'name', head: 'Thing', cell: (r) => <Link to={toThing(r.item.id, 'drops')}>{thingName(r.item)}</Link> },
        { id: 'owner', head: 'Whose', cell: (r) => r.item.owner ?? '', desk: true },
        {
          id: 'index',
          head: `Index of 100, ${MARK} would do`,
          cell: (r) => (r.of ? <Figure>{indexText(r.of.now)}</Figure> : 'never tested'),
        },
        {
          id: 'below',
          head: `Below ${MARK} about`,
          cell: (r) =>
            r.of?.below ? dayText(dayOf(new Date(r.of.below.value).toISOString())) : r.of && r.of.now.value < MARK ? 'now' : '–',
        },
        {
          id: 'does',
          head: 'What is likely to do as a whole',
          cell: (r) => {
            const { least } = r;
            return r.of === null ? (
              <Link to={toThing(r.item.id, 'drops')}>Test it with drops</Link>
            ) : r.leaking ? (
              'a mender first'
            ) : r.of.worn ? (
              'a repairer'
            ) : least === null ? (
              'renew and test'
            ) : least === 'leave' ? (
              'nothing'
            ) : (
              TREATMENT_WORDS[least ?? 'leave'].toLowerCase()
            );
          },
        },
      ]}
    />
  );
}

/** What each proofer gave back, by the record, and the two most used held against each other. */
function Proofers({ kit }: { kit: Kit }) {
  const all = useMemo(() => proofersOf(kit), [kit]);
  const [one, two] = all;
  if (!one) return null;
  return (
    <section aria-labelledby="proofers">
      <h2 id="proofers">What each proofer gave back</h2>
      {two ? (
        <p style={{ maxWidth: '60em', marginBottom: 12 }}>
          <Said>{proofersText(pairOf(one, two), kit)}</Said>
        </p>
      ) : (
        <p>Only one was used on something whose drops were tried before and after it.</p>
      )}
      <div style={{ maxWidth: 720 }}>
        <FigureTable
          label="Proofers"
          rows={all}
          rowKey={(p) => p.id}
          columns={[
            { id: 'name', head: 'Proofer', cell: (p) => prooferName(p, kit) },
            { id: 'times', head: 'Renewals', cell: (p) => p.renewals.length },
            { id: 'things', head: 'Of things', cell: (p) => p.things },
            { id: 'gain', head: 'Gave back, of 100', cell: (p) => Math.round(p.gain) },
            { id: 'after', head: 'Afterwards', cell: (p) => Math.round(p.after) },
          ]}
        />
      </div>
    </section>
  );
}
