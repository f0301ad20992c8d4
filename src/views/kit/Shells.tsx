import { useMemo } from 'react';
import { Link } from 'react-router';
import { useKit } from '../../app/kit';
import { nowMs } from '../../app/now';
import { toThing } from '../../app/routes';
import { dayText } from '../../app/time';
import { hasFinish, latestInspection } from '../../core/gear';
import { leaks, leastThatHelps, MARK, repellencyOf } from '../../core/repellency';
import { indexText, TREATMENT_WORDS } from '../../core/telling/repellency';
import { dayOf } from '../../core/units/day';
import { counted } from '../../core/words/text';
import { thingName } from '../../core/words';
import { Empty, Figure, Page } from '../../ui/basics';
import { Crumbs } from '../../ui/Crumbs';
import { FigureTable } from '../../ui/FigureTable';

/** All that sheds rain by a finish, the most tired first. */
export function Shells() {
  const kit = useKit();
  const rows = useMemo(
    () =>
      (kit?.items ?? [])
        .filter((item) => hasFinish(item) && !item.archivedOn && !item.retiredOn)
        .map((item) => ({
          item,
          of: repellencyOf(item, kit?.inspections ?? [], kit?.log ?? [], nowMs()),
          leaking: leaks(latestInspection(kit?.inspections ?? [], item.id)),
        }))
        .sort((a, b) => (a.of?.now.value ?? -1) - (b.of?.now.value ?? -1)),
    [kit],
  );
  if (!kit) return <Page aria-busy="true" />;
  const below = rows.filter((r) => r.of && r.of.now.value < MARK).length;
  const untested = rows.filter((r) => !r.of).length;
  const crumbs = <Crumbs trail={[{ to: '/kit', name: 'Kit' }]} here="What sheds rain" />;
  if (rows.length === 0)
    return (
      <Page>
        {crumbs}
        <Empty title="Nothing here sheds rain by a finish.">
          <Link to="/kit/new">Add a shell</Link>
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
      <FigureTable
        label="What sheds rain"
        rows={rows}
        rowKey={(r) => r.item.id}
        columns={[
          { id: 'name', head: 'Thing', cell: (r) => <Link to={toThing(r.item.id)}>{thingName(r.item)}</Link> },
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
              r.of?.below
                ? dayText(dayOf(new Date(r.of.below.value).toISOString()))
                : r.of && r.of.now.value < MARK
                  ? 'now'
                  : '–',
          },
          {
            id: 'does',
            head: 'What is likely to do',
            cell: (r) => {
              const least = r.of && leastThatHelps(r.of);
              return r.of === null ? (
                <Link to={toThing(r.item.id, 'look-over')}>Test it with drops</Link>
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
    </Page>
  );
}
