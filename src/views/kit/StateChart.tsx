import { Said } from '../../ui/said';
import { useMemo, useRef } from 'react';
import { Link, useNavigate } from 'react-router';
import { ChartOut } from '../../app/ChartOut';
import { toLook, toRecord } from '../../app/routes';
import type { CareEntry, Item, Kit } from '../../core/gear';
import { didText } from '../../core/telling/run';
import { AIM_WORDS } from '../../core/words';
import { statesOf, type StatePoint } from '../../core/year/effects';
import { Quiet, Row } from '../../ui/basics';
import { axisDay, STATE_PX } from '../../ui/chart';
import { Disclosure } from '../../ui/Disclosure';
import { FigureTable } from '../../ui/FigureTable';
import { ShareLines } from '../../ui/ShareLines';
import { color } from '../../ui/theme';

/** Everything as a share of as good as new, so that one scale serves; signs of wear are counted on a scale of their own. */
const LINES = [
  { key: 'clean', name: 'clean', stroke: color.ink, dash: '0', how: 'solid' },
  { key: 'smell', name: 'free of smell', stroke: color.heat, dash: '10 3', how: 'long dashes' },
  { key: 'loft', name: 'loft', stroke: color.finish, dash: '6 4', how: 'dashed' },
  { key: 'drops', name: 'drops', stroke: color.water, dash: '2 3', how: 'dotted' },
  { key: 'weight', name: 'weight', stroke: color.air, dash: '8 3 2 3', how: 'dash and dot' },
] as const;
const WEAR = { key: 'wear', name: 'signs of wear', stroke: color.alarm, dash: '0' } as const;
const figure = (value: number | null): string => (value === null ? '' : String(Math.round(value)));

/** Its points as rows for other software. */
const rowsOf = (points: readonly StatePoint[]): string[][] => [
  ['at', 'clean_percent', 'smell_free_percent', 'loft_percent', 'drops_index', 'dry_weight_percent', 'signs_of_wear'],
  ...points.map((p) => [new Date(p.at).toISOString(), ...[p.clean, p.smell, p.loft, p.drops, p.weight, p.wear].map(figure)]),
];

/** A thing's state over its looks and weights, with care as verticals; a point opens its look, a vertical its care. */
export function StateChart({ kit, item, care }: { kit: Kit; item: Item; care: readonly CareEntry[] }) {
  const chart = useRef<HTMLElement>(null);
  const navigate = useNavigate();
  const data = useMemo(() => statesOf(kit, item), [kit, item]);
  const lines = LINES.filter((line) => data.some((p) => p[line.key] !== null));
  const worn = data.some((p) => p.wear !== null);
  const first = data[0];
  const last = data.at(-1);
  const cares = care.filter((e) => first && last && Date.parse(e.at) >= first.at && Date.parse(e.at) <= last.at);
  const said = lines
    .map((line) => {
      const known = data.filter((p) => p[line.key] !== null);
      return `${line.name} ${figure(known[0]?.[line.key] ?? null)} to ${figure(known.at(-1)?.[line.key] ?? null)} %`;
    })
    .join(', ');
  const open = (n: number): void => {
    const lookId = data[n]?.lookId;
    if (lookId) void navigate(toLook(lookId));
  };
  return (
    <figure ref={chart} style={{ margin: 0, minHeight: STATE_PX }}>
      <ShareLines
        points={data}
        lines={lines}
        count={worn ? WEAR : null}
        marks={[...cares]
          .reverse()
          .map((e) => ({ id: e.id, at: Date.parse(e.at), name: AIM_WORDS[(e.aims ?? ['wash'])[0] ?? 'wash'] }))}
        label={`From ${first ? axisDay(first.at) : ''} to ${last ? axisDay(last.at) : ''}: ${said}`}
        onOpen={open}
      />
      <figcaption>
        <Quiet>
          {lines.map((l) => `${l.name}: ${l.how}`).join(' · ')}
          {worn ? ` · ${WEAR.name}: steps, counted on the right` : ''}. 100 % is as new. Press a point for its look.
        </Quiet>
        <Row $wrap className="no-print">
          <ChartOut within={chart} name={`state-${item.id}`} rows={() => rowsOf(data)} />
        </Row>
        <div className="no-print">
          <Disclosure title="Its figures">
            <FigureTable
              label="How it stood, look by look"
              rows={[...data].reverse()}
              rowKey={(p) => `${p.at} ${p.lookId ?? 'weight'}`}
              columns={[
                {
                  id: 'at',
                  head: 'Day',
                  cell: (p) => (p.lookId ? <Link to={toLook(p.lookId)}>{axisDay(p.at)}</Link> : `${axisDay(p.at)}, weighed`),
                },
                ...LINES.filter((l) => lines.includes(l)).map((l) => ({
                  id: l.key,
                  head: `${l.name}, %`,
                  figure: true,
                  cell: (p: StatePoint) => figure(p[l.key]) || '–',
                })),
                ...(worn ? [{ id: 'wear', head: WEAR.name, figure: true, cell: (p: StatePoint) => figure(p.wear) || '–' }] : []),
              ]}
            />
            {cares.length > 0 && (
              <p>
                Care:{' '}
                {cares.map((e, n) => (
                  <span key={e.id}>
                    {n > 0 ? ', ' : ''}
                    <Link to={toRecord(e.id)}>
                      {axisDay(Date.parse(e.at))} <Said>{didText(e)}</Said>
                    </Link>
                  </span>
                ))}
              </p>
            )}
          </Disclosure>
        </div>
      </figcaption>
    </figure>
  );
}
