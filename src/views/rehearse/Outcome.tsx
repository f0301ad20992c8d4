import { useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { lazy, Suspense } from 'react';
import styled from 'styled-components';
import { type Setup } from '../../core/rehearse';
import { minutesText } from '../../core/units';
import { happenedText } from '../../core/telling/rehearse';
import { Figure } from '../../ui/basics';
import { Scrub } from './Scrub';
import type { useRehearsal } from './useRehearsal';
import { FigureTable } from '../../ui/FigureTable';

import type { Rehearsing } from './useRehearse';

const SimulationChart = lazy(async () => ({ default: (await import('./SimulationChart')).SimulationChart }));
const Timetable = styled.ol`
  li {
    display: grid;
    grid-template-columns: 72px minmax(0, 1fr);
    gap: 12px;
    padding: 3px 0;
  }
`;
/** What comes of it over time, minute by minute and in words. */
export function Outcome({ rehearsing, setup }: { rehearsing: Rehearsing; setup: Setup }) {
  const says = useOfThing();
  const { yours, both, differs, cursor, startMs, clock, setMoved } = rehearsing;
  if (!yours) return null;
  return (
    <>
      <div style={{ minHeight: 480 }}>
        <Suspense fallback={null}>
          <SimulationChart
            setup={setup}
            yours={yours}
            plans={differs ? (both?.plans ?? null) : null}
            cursor={cursor}
            toHour={60 - new Date(startMs).getMinutes()}
            clock={clock}
          />
        </Suspense>
      </div>
      <Scrub setup={setup} rehearsal={yours} at={cursor} onMove={setMoved} />
      {differs && both && <SideBySide plans={both.plans} yours={yours} clock={clock} filled={setup.filled} />}
      <section aria-labelledby="story">
        <h2 id="story">What happens</h2>
        <Timetable>
          {yours.happened.map((h, n) => (
            <li key={n}>
              <Figure>{clock(h.minutes)}</Figure>
              <span>
                <Said>{says(happenedText(h))}</Said>
              </span>
            </li>
          ))}
        </Timetable>
      </section>
    </>
  );
}

function SideBySide({
  plans,
  yours,
  clock,
  filled,
}: {
  plans: NonNullable<ReturnType<typeof useRehearsal>>['plans'];
  yours: NonNullable<ReturnType<typeof useRehearsal>>['yours'];
  clock: (minutes: number) => string;
  filled: boolean;
}) {
  type R = typeof plans;
  const rows: readonly (readonly [string, (r: R) => string])[] = [
    [
      'Dry after',
      (r) => (r.balance.startG === 0 ? 'was never wet' : r.dryAtMin === null ? 'not at all' : minutesText(r.dryAtMin)),
    ],
    ['Put away', (r) => clock(r.endMin)],
    ['Water put away', (r) => `${Math.round(r.end.shellG + r.end.coreG)} g`],
    ['Hottest', (r) => `${Math.round(r.hottestC)} °C`],
    ...(filled ? [['Clumped', (r: R) => `${Math.round(r.end.clumps * 100)} %`] as const] : []),
    ['Cleaner left', (r) => `${Math.round(r.end.residue * 1000) / 10} %`],
    ['Your hands', (r) => minutesText(r.handsMin)],
  ];
  return (
    <section aria-labelledby="beside">
      <h2 id="beside">Side by side</h2>
      <FigureTable
        label="As planned and as you would"
        rows={rows}
        rowKey={([what]) => what}
        columns={[
          { id: 'what', head: 'What', cell: ([what]) => what },
          { id: 'plan', head: 'as planned', cell: ([, say]) => <Figure>{say(plans)}</Figure> },
          {
            id: 'yours',
            head: 'as you would',
            cell: ([, say]) => <Figure style={say(plans) === say(yours) ? {} : { fontWeight: 700 }}>{say(yours)}</Figure>,
          },
        ]}
      />
    </section>
  );
}
