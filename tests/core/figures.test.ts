import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import type { Figure } from '../../src/core/knowledge';
import { FIGURES } from '../../src/core/knowledge/all-figures';
import { handbook } from '../../src/core/handbook';
import { FIGURE_WORDS } from '../../src/core/words/figures';

/** Every number in a value, however it is nested. */
const numbersIn = (value: unknown): number[] =>
  typeof value === 'number' ? [value] : Object.values(value as object).flatMap(numbersIn);
const files = (dir: string): string[] =>
  readdirSync(dir, { recursive: true, encoding: 'utf8' })
    .filter((file) => /\.tsx?$/.test(file))
    .map((file) => join(dir, file));
const SOURCES = [...files('src'), ...files('server')].map((file) => ({ file, text: readFileSync(file, 'utf8') }));

/** Numbers with a unit that may stand where they are used. */
const NOT_FROM_MEMORY = Object.values({
  published: ['dilution/index.ts MOLAR_VOLUME_L', 'drying/air.ts PRESSURE_KPA', 'energy/index.ts WATER_KJ_PER_KG_K'],
  byDefinition: [
    'energy/index.ts KJ_PER_KWH',
    'loft/fill.ts CLO_M2K_PER_W',
    'loft/fill.ts CM3_PER_IN3',
    'worth/index.ts MONTH_YEARS',
  ],
  // ISO 3758, and the speed and the damp at which a table of the knowledge is stated.
  ofATable: [
    'drying/sorption.ts ANCHOR_RH',
    'gear/vocabulary.ts LABEL_IRON_C',
    'gear/vocabulary.ts LABEL_WASH_C',
    'rinsing/index.ts STATED_RPM',
  ],
  offered: [
    'rehearse/choices.ts DELAYS_MIN',
    'rehearse/choices.ts ROUND_MIN',
    'rehearse/choices.ts SPINS_RPM',
    'washday/why-not.ts EARLIER_HOURS',
  ],
  // How finely and how far something is worked out, and what machines and hands of this program take.
  ofComputing: [
    'colour/sheet.ts LEAST_SHARE',
    'devices/heard.ts SILENT_MS',
    'drying/body.ts LIMIT_S',
    'due/backwards.ts STEP_MIN',
    'facts/used.ts YEAR_MS',
    'formats/fields.ts LAST_MS',
    'loft/edit.ts SNAP_MM',
    'picture/reduce.ts REDUCED_PX',
    'run/clock.ts ALIKE_MS',
    'run/clock.ts CLOCK_STEP_MS',
    'run/clock.ts LATE_MS',
    'washday/calendar.ts AHEAD_DAYS',
    'washday/shapes.ts SLOT_MIN',
  ],
}).flat();

describe('figures from memory', () => {
  test.each(Object.entries(FIGURES) as [string, Figure][])('%s lies in its range, has a unit and a name', (id, figure) => {
    for (const n of numbersIn(figure.value)) {
      expect(n).toBeGreaterThanOrEqual(figure.least);
      expect(n).toBeLessThanOrEqual(figure.most);
    }
    expect(figure.unit).not.toBe('');
    expect(FIGURE_WORDS[id as keyof typeof FIGURE_WORDS]).toMatch(/^[A-Z]/);
  });
  test('each is used by a model', () => {
    const all = SOURCES.filter(({ file }) => !/knowledge\/figures|words\/figures/.test(file))
      .map(({ text }) => text)
      .join('\n');
    expect(Object.keys(FIGURES).filter((id) => !all.includes(`_FIGURES.${id}.value`))).toEqual([]);
  });
  test('none stands outside the knowledge: a starting layout is a drawing, and the normal quantile a published approximation', () => {
    const outside = SOURCES.filter(({ file }) => file.startsWith('src/core') && !/core\/(knowledge|words)\//.test(file)).flatMap(
      ({ file, text }) => text.split('\n').flatMap((line) => (/from memory[\])]/.test(line) ? [`${file}: ${line.trim()}`] : [])),
    );
    expect(outside.map((line) => line.split(':')[0])).toEqual(['src/core/drying/estimate.ts', 'src/core/loft/layout.ts']);
  });
  test('a number with a unit that stands elsewhere is a definition, a published constant or a matter of computing', () => {
    const NUMBER = /^(?:export )?const ([A-Z][A-Z0-9_]*)(?:: [^=\n]+)? = [-[({]?[^\n'"`a-z(]*\d/gm;
    const WITH_UNIT = /_(MIN|S|MS|G|KG|L|ML|C|K|KPA|RPM|M|MM|PX|SD|SHARE|DAYS|HOURS|YEARS)$|_PER_|_RH$/;
    const outside = SOURCES.filter(({ file }) => /^src\/core\/(?!knowledge|units|words)/.test(file)).flatMap(({ file, text }) =>
      [...text.matchAll(NUMBER)]
        .map(([, name = '']) => name)
        .filter((name) => WITH_UNIT.test(name))
        .map((name) => `${file.slice(9)} ${name}`),
    );
    expect(outside.sort()).toEqual(NOT_FROM_MEMORY.toSorted());
  });
  test('how long a minute, an hour, a day and a year are is written once', () => {
    const LENGTHS = /\b(60_000|3_600_000|86_400_000|365\.2\d*|1440)\b/;
    // What a step takes may be a day; an older store is read as it was written.
    const others = SOURCES.filter(({ file }) => !/core\/units\/time|core\/knowledge\/|data\/migrations\//.test(file));
    expect(others.filter(({ text }) => LENGTHS.test(text)).map(({ file }) => file)).toEqual([]);
  });
  test('the handbook tells each with its range and basis', () => {
    const told = handbook().filter((entry) => entry.section === 'figure');
    expect(told).toHaveLength(Object.keys(FIGURES).length);
    expect(told.find((entry) => entry.id === 'figure/hangExchangeMin')).toMatchObject({
      text: '75 (min). Anything from 30 to 180 would be reasonable.',
      basis: 'memory',
    });
  });
});
