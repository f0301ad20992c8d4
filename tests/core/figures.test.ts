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
  test('the handbook tells each with its range and basis', () => {
    const told = handbook().filter((entry) => entry.section === 'figure');
    expect(told).toHaveLength(Object.keys(FIGURES).length);
    expect(told.find((entry) => entry.id === 'figure/hangExchangeMin')).toMatchObject({
      text: '75 (min). Anything from 30 to 180 would be reasonable.',
      basis: 'memory',
    });
  });
});
