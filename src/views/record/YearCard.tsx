import { Said } from '../../ui/said';
import { lazy, Suspense, useMemo, useRef, useState, type RefObject } from 'react';
import { Link } from 'react-router';
import { ChartOut } from '../../app/ChartOut';
import { toThing } from '../../app/routes';
import { currencyOf } from '../../app/worth';
import type { Kit } from '../../core/gear';
import {
  barsText,
  MONTH_MEASURES,
  MONTH_WORDS,
  monthFigures,
  monthText,
  yearRows,
  yearTookText,
  type MonthMeasure,
} from '../../core/telling/year';
import { moneyText } from '../../core/units/money';
import { thingName, WEAR_WORDS } from '../../core/words';
import { listed } from '../../core/words/text';
import { wornIn, type YearRecord } from '../../core/year';
import { Column, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Disclosure } from '../../ui/Disclosure';
import { Paper } from '../../ui/Paper';
import { FigureTable } from '../../ui/FigureTable';
import { OneSelect } from '../../ui/Select';
import { color } from '../../ui/theme';

const Chart = lazy(async () => ({ default: (await import('../../ui/MonthBars')).MonthBars }));
const MOST = 8;
const MOST_ON_PAPER = 25;

/** A year on one sheet. */
export function YearOnPaper({ kit, of, title }: { kit: Kit; of: YearRecord; title: string }) {
  const currency = currencyOf(kit);
  return (
    <Paper>
      <h1>
        {kit.title ? `${kit.title}, ` : ''}
        {of.year}
      </h1>
      <p>{title}</p>
      <p>
        <Said>{yearTookText(of)}</Said>
      </p>
      <h2>By month</h2>
      <FigureTable
        label={`${of.year} by month`}
        rows={of.months.filter((m) => m.washes + m.without > 0)}
        rowKey={(m) => m.month}
        columns={[
          { id: 'month', head: 'Month', cell: (m) => monthText(m.month) },
          { id: 'washes', head: 'Washes', figure: true, cell: (m) => m.washes },
          { id: 'without', head: 'Without a wash', figure: true, cell: (m) => m.without },
          { id: 'litres', head: 'Water, L', figure: true, cell: (m) => Math.round(m.litres) },
          { id: 'money', head: `Money, ${currency}`, figure: true, cell: (m) => m.money.toFixed(2) },
        ]}
      />
      <h2>By thing</h2>
      <FigureTable
        label={`Things in ${of.year}, on paper`}
        rows={of.things.slice(0, MOST_ON_PAPER)}
        rowKey={(t) => t.item.id}
        columns={[
          { id: 'name', head: 'Thing', cell: (t) => thingName(t.item) },
          { id: 'cares', head: 'Cares', figure: true, cell: (t) => t.cares },
          { id: 'uses', head: 'Uses', figure: true, cell: (t) => t.uses },
          { id: 'money', head: 'Care took', figure: true, cell: (t) => (t.money > 0 ? moneyText(t.money, currency) : '–') },
        ]}
      />
    </Paper>
  );
}

/** The chart in words. */
function chartLabel(of: YearRecord, measure: MonthMeasure, currency: string): string {
  const [lower, upper] = barsText(measure, currency);
  const sum = (key: 'lower' | 'upper'): number =>
    Math.round(of.months.reduce((all, m) => all + monthFigures(m, measure)[key], 0) * 10) / 10;
  const parts = [`${sum('lower')} ${lower}`, ...(upper === null ? [] : [`${sum('upper')} ${upper}`])];
  return `${MONTH_WORDS[measure]} by month in ${of.year}: ${parts.join(', ')}`;
}
/** A year of the record in figures: by month, by thing, what wears out; each out as CSV, the chart as a picture. */
export function YearCard({
  kit,
  of,
  years,
  onYear,
  onMonth,
}: {
  kit: Kit;
  of: YearRecord;
  years: readonly number[];
  onYear: (year: number) => void;
  onMonth: (month: string) => void;
}) {
  const chart = useRef<HTMLDivElement>(null);
  const [measure, setMeasure] = useState<MonthMeasure>('cares');
  const worn = useMemo(() => wornIn(kit), [kit]);
  const [all, setAll] = useState(false);
  const currency = currencyOf(kit);
  const rows = yearRows(of, currency);
  const [lower, upper] = barsText(measure, currency);
  const took = yearTookText(of);
  const things = all ? of.things : of.things.slice(0, MOST);
  return (
    <section aria-label={`The year ${of.year}`}>
      <Column $gap={12}>
        {took && (
          <p style={{ margin: 0 }}>
            <Said>{took}</Said>
          </p>
        )}
        {years.length > 1 && (
          <OneSelect
            label="Year"
            width={140}
            value={String(of.year)}
            options={years.map(String)}
            onChange={(year) => onYear(Number(year))}
          />
        )}
        {of.cares > 0 && (
          <ByMonth
            measure={measure}
            setMeasure={setMeasure}
            chart={chart}
            of={of}
            currency={currency}
            onMonth={onMonth}
            lower={lower}
            upper={upper}
            rows={rows}
          />
        )}
        <ByThing of={of} things={things} currency={currency} setAll={setAll} />
        <WornOut worn={worn} />
      </Column>
    </section>
  );
}

/** A year month by month: drawn, as CSV, and as figures. */
function ByMonth({
  measure,
  setMeasure,
  chart,
  of,
  currency,
  onMonth,
  lower,
  upper,
  rows,
}: {
  measure: MonthMeasure;
  setMeasure: (next: MonthMeasure) => void;
  chart: RefObject<HTMLDivElement | null>;
  of: YearRecord;
  currency: string;
  onMonth: (month: string) => void;
  lower: string;
  upper: string | null;
  rows: (string | number)[][];
}) {
  return (
    <>
      <OneOf
        label="Drawn by"
        hideLabel
        value={measure}
        options={MONTH_MEASURES.map((id) => ({ id, name: MONTH_WORDS[id] }))}
        onChange={(id) => setMeasure(MONTH_MEASURES.find((m) => m === id) ?? 'cares')}
      />
      <div ref={chart} style={{ minHeight: 190, maxWidth: 760 }}>
        <Suspense fallback={null}>
          <Chart
            apart={measure === 'hours'}
            months={of.months.map((m) => ({
              id: m.month,
              name: monthText(m.month).slice(0, 3),
              ...monthFigures(m, measure),
            }))}
            label={chartLabel(of, measure, currency)}
            onMonth={onMonth}
          />
        </Suspense>
      </div>
      <Row $wrap>
        <Quiet>
          <span aria-hidden="true" style={{ color: color.water }}>
            ■
          </span>{' '}
          {lower}
          {upper !== null && (
            <>
              ,{' '}
              <span aria-hidden="true" style={{ color: color.finish }}>
                ■
              </span>{' '}
              {upper}
            </>
          )}
          . Press a month for its lines.
        </Quiet>
        <ChartOut within={chart} name={`care-${of.year}`} rows={() => rows} />
        <TextButton onPress={() => window.print()}>Print the year</TextButton>
      </Row>
      <MonthTable of={of} onMonth={onMonth} currency={currency} />
    </>
  );
}

/** The same months as figures. */
function MonthTable({ of, onMonth, currency }: { of: YearRecord; onMonth: (month: string) => void; currency: string }) {
  return (
    <Disclosure title="Month by month">
      <FigureTable
        label={`Cares of ${of.year} by month`}
        rows={of.months}
        rowKey={(m) => m.month}
        columns={[
          {
            id: 'month',
            head: 'Month',
            cell: (m) => <TextButton onPress={() => onMonth(m.month)}>{monthText(m.month)}</TextButton>,
          },
          { id: 'washes', head: 'Washes', figure: true, cell: (m) => m.washes },
          { id: 'without', head: 'Without a wash', figure: true, cell: (m) => m.without },
          { id: 'litres', head: 'Water, L', figure: true, cell: (m) => Math.round(m.litres) },
          { id: 'kWh', head: 'Energy, kWh', figure: true, cell: (m) => m.kWh.toFixed(1) },
          { id: 'money', head: `Money, ${currency}`, figure: true, cell: (m) => m.money.toFixed(2) },
          { id: 'took', head: 'Hours taken', figure: true, cell: (m) => (m.tookMin / 60).toFixed(1) },
          { id: 'planned', head: 'Hours planned', figure: true, cell: (m) => (m.plannedMin / 60).toFixed(1) },
        ]}
      />
    </Disclosure>
  );
}

/** A year thing by thing. */
function ByThing({
  of,
  things,
  currency,
  setAll,
}: {
  of: YearRecord;
  things: YearRecord['things'];
  currency: string;
  setAll: (next: boolean) => void;
}) {
  return (
    <>
      {of.things.length > 0 && (
        <Disclosure title="Thing by thing">
          <FigureTable
            label={`Things in ${of.year}`}
            rows={things}
            rowKey={(t) => t.item.id}
            columns={[
              { id: 'name', head: 'Thing', cell: (t) => <Link to={toThing(t.item.id)}>{thingName(t.item)}</Link> },
              { id: 'cares', head: 'Cares', figure: true, cell: (t) => t.cares },
              { id: 'uses', head: 'Uses', figure: true, cell: (t) => t.uses },
              { id: 'money', head: 'Care took', figure: true, cell: (t) => (t.money > 0 ? moneyText(t.money, currency) : '–') },
              {
                id: 'use',
                head: 'A use',
                figure: true,
                cell: (t) => (t.money > 0 && t.uses > 0 ? moneyText(t.money / t.uses, currency) : '–'),
              },
            ]}
          />
          {of.things.length > things.length && <TextButton onPress={() => setAll(true)}>All {of.things.length}</TextButton>}
        </Disclosure>
      )}
    </>
  );
}

/** What wears out, by the last look. */
function WornOut({ worn }: { worn: ReturnType<typeof wornIn> }) {
  return (
    <>
      {worn.length > 0 && (
        <Disclosure title={`What wears out: ${worn.length}`}>
          <ul>
            {worn.map(({ item, wear }) => (
              <li key={item.id}>
                <Link to={toThing(item.id)}>{thingName(item)}</Link>: {listed(wear.map((w) => WEAR_WORDS[w].toLowerCase()))}.
              </li>
            ))}
          </ul>
        </Disclosure>
      )}
    </>
  );
}
