import { readFileSync } from 'node:fs';
import { describe, expect, test } from 'vitest';
import { edges, roomsPage } from '../../scripts/rooms-page';
import { TABLE_NAMES } from '../../src/data/tables';

describe('the drawing of the rooms', () => {
  test('is that of the code as it is: npm run rooms makes it anew', () =>
    expect(readFileSync('docs/rooms.md', 'utf8')).toBe(roomsPage()));
  test('nothing below imports what is above it', () => {
    const all = edges();
    expect(all.length).toBeGreaterThan(50);
    expect(all.filter(([from, to]) => from.startsWith('core/') && !to.startsWith('core/'))).toEqual([]);
    expect(all.filter(([from, to]) => ['ui', 'data'].includes(from) && ['app', 'views'].includes(to))).toEqual([]);
  });
});

test('the page of the data model names every table, and no other', () => {
  const page = readFileSync('docs/data-model.md', 'utf8');
  const told = [...page.slice(0, page.indexOf('## Documents')).matchAll(/^\| `(\w+)`/gm)].map(([, name]) => name);
  expect(told.sort()).toEqual([...TABLE_NAMES].sort());
});
