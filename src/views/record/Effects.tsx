import { Said } from '../../ui/said';
import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { Link } from 'react-router';
import { ChartOut } from '../../app/ChartOut';
import { toRecord } from '../../app/routes';
import { dayText } from '../../app/time';
import type { Kit } from '../../core/gear';
import { didWords, effectRows, MEASURE_WORDS } from '../../core/telling/year';
import { dayOf } from '../../core/units/day';
import { thingName } from '../../core/words';
import { capital, howMany } from '../../core/words/text';
import { effectsOf, MEASURES, type Effect, type Measure } from '../../core/year/effects';
import { Column, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { FigureTable } from '../../ui/FigureTable';
import { color } from '../../ui/theme';

const Chart = lazy(async () => ({ default: (await import('../../ui/PairBars')).PairBars }));
const key = (e: Effect): string => e.did.join();

/** What each kind of care did: before beside after, by what was looked at; each opens the cares that it is the mean of. */
export function Effects({ kit }: { kit: Kit }) {
  const chart = useRef<HTMLDivElement>(null);
  const all = useMemo(() => MEASURES.map((measure) => ({ measure, effects: effectsOf(kit, measure) })), [kit]);
  const known = all.filter(({ effects }) => effects.length > 0);
  const [chosen, setChosen] = useState<Measure | null>(null);
  const [open, setOpen] = useState<string | null>(null);
  const here = known.find(({ measure }) => measure === chosen) ?? known[0];
  if (!here) return null;
  const { measure, effects } = here;
  const opened = effects.find((e) => key(e) === open);
  return (
    <section aria-labelledby="effects">
      <h2 id="effects" style={{ marginBottom: 8 }}>
        What care did
      </h2>
      <Column $gap={12}>
        <OneOf
          label="By what was looked at before and after"
          hideLabel
          value={measure}
          options={known.map((k) => ({ id: k.measure, name: MEASURE_WORDS[k.measure] }))}
          onChange={(id) => {
            setChosen(MEASURES.find((m) => m === id) ?? null);
            setOpen(null);
          }}
        />
        <div ref={chart} style={{ minHeight: 54 * effects.length + 40, maxWidth: 760 }}>
          <Suspense fallback={null}>
            <Chart
              pairs={effects.map((e) => ({ id: key(e), name: capital(e.did.join(', ')), before: e.before, after: e.after }))}
              label={`${MEASURE_WORDS[measure]}, before and after: ${effects.map((e) => `${didWords(e.did)} ${Math.round(e.before)} to ${Math.round(e.after)} %`).join(', ')}`}
              onOpen={setOpen}
            />
          </Suspense>
        </div>
        <Row $wrap>
          <Quiet>
            <span aria-hidden="true" style={{ color: color.air }}>
              ■
            </span>{' '}
            before,{' '}
            <span aria-hidden="true" style={{ color: color.finish }}>
              ■
            </span>{' '}
            after, in all of the record; 100 % is as good as new. Press one for its cares.
          </Quiet>
          <ChartOut
            within={chart}
            name={`before-after-${measure}`}
            rows={() => effectRows(effects, measure)}
            words={['Save this chart', 'Save these figures']}
          />
        </Row>
        <FigureTable
          label={`${MEASURE_WORDS[measure]} before and after each kind of care`}
          rows={effects}
          rowKey={key}
          columns={[
            {
              id: 'did',
              head: 'Care',
              cell: (e) => <TextButton onPress={() => setOpen(key(e))}>{capital(didWords(e.did))}</TextButton>,
            },
            { id: 'n', head: 'Times', figure: true, cell: (e) => e.lines.length },
            { id: 'before', head: 'Before, %', figure: true, cell: (e) => Math.round(e.before) },
            { id: 'after', head: 'After, %', figure: true, cell: (e) => Math.round(e.after) },
          ]}
        />
        <Opened opened={opened} />
      </Column>
    </section>
  );
}

/** The cares that one figure is the mean of. */
function Opened({ opened }: { opened: Effect | undefined }) {
  return (
    <>
      {opened && (
        <div aria-live="polite">
          <strong>
            <Said>{capital(didWords(opened.did))}</Said>: {howMany(opened.lines.length, 'care')}
          </strong>
          <ul>
            {opened.lines.map((l) => (
              <li key={l.entry.id} style={{ padding: '4px 0' }}>
                <Link to={toRecord(l.entry.id)}>
                  {thingName(l.item)}, {dayText(dayOf(l.entry.at))}
                </Link>{' '}
                <Quiet>
                  {Math.round(l.before)} to {Math.round(l.after)} %
                </Quiet>
              </li>
            ))}
          </ul>
        </div>
      )}
    </>
  );
}
