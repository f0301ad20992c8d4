import { describe, expect, test } from 'vitest';
import { changeOf, type ColourReading } from '../../src/core/colour';
import type { Inspection, Item, LogEntry } from '../../src/core/gear';
import { saleMarkdown, saleSheet, type SaleSheet } from '../../src/core/telling/sale';
import { canvas } from '../make';

const ITEM: Item = {
  ...canvas({
    boughtOn: '2026-03-01',
    price: { amount: 12, currency: 'EUR' },
    worth: { listed: { on: '2026-11-02', amount: 45 } },
  }),
  id: 'itm-shoes',
  name: 'Pale shoes',
};
const seen = (rest: Partial<Inspection>): Inspection => ({ id: 'i', itemId: ITEM.id, at: '2026-11-01T09:00:00Z', ...rest });
const sheetOf = (inspections: Inspection[], log: LogEntry[] = [], colours: Parameters<typeof saleSheet>[2] = []): SaleSheet =>
  saleSheet({ inspections, log }, ITEM, colours, (day) => day);
const all = (sheet: SaleSheet): string => saleMarkdown(sheet, []);
const care = (at: string, did: ('washed' | 'mended')[]): LogEntry => ({ type: 'care', id: at, at, itemId: ITEM.id, did });
const reading = (b: number): ColourReading => ({
  id: 's1',
  lab: { L: 85, a: 0, b },
  sd: { L: 0.2, a: 0.2, b: 0.2 },
  light: { level: 0.01, tint: 0.003 },
  yellow: { value: 2 * b, sd: 1 },
});

describe('a sale sheet', () => {
  test('nobody has looked: nothing is said of its condition', () => {
    const sheet = sheetOf([]);
    expect(sheet.unseen).toEqual(['Nobody has looked it over yet: nothing is said of its condition.']);
    expect(sheet.seen).toEqual([]);
    expect(all(sheet)).not.toMatch(/clean|nothing found|no smell/i);
  });
  test('what the last look did not see is named, and “nothing found” needs a look for marks and damage', () => {
    const part = sheetOf([seen({ soil: 0 })]);
    expect(part.unseen).toEqual(['Nobody looked for marks, damage and smell.']);
    expect(part.seen).toEqual(['Looked over 2026-11-01: clean.']);
    const whole = sheetOf([seen({ soil: 0, odour: 0, stains: [], damage: [] })]);
    expect(whole.seen).toEqual(['Looked over 2026-11-01: clean, nothing found.']);
    expect(whole.unseen).toEqual([]);
  });
  test('every mark, damage and wear that is still there stands on it, and what would not come out says so', () => {
    const sheet = sheetOf([
      seen({
        soil: 1,
        odour: 2,
        discoloured: true,
        stains: [{ soil: 'scuff', part: 'outsole', place: 'toe', set: true }, { soil: 'blood' }],
        damage: [{ kind: 'crack', place: 'heel', cosmetic: true }],
        wear: ['thin-heel'],
      }),
    ]);
    expect(sheet.flaws).toHaveLength(6);
    expect(sheet.flaws[0]).toMatch(/toe\), set in\.$/);
    expect(sheet.flaws.join(' ')).toContain('only to be seen');
    expect(sheet.flaws.join(' ')).toContain('A clear smell.');
    expect(sheet.seen.join()).not.toContain('nothing found');
  });
  test('an older look is not taken for how it is now: uses since are counted', () => {
    const use = (at: string): LogEntry => ({ type: 'use', id: at, at, itemId: ITEM.id });
    const log = [use('2026-10-01T00:00:00Z'), use('2026-11-05T00:00:00Z'), use('2026-11-09T00:00:00Z')];
    expect(sheetOf([seen({ soil: 0, odour: 0, stains: [], damage: [] })], log).unseen).toEqual([
      'Used twice since it was looked over.',
    ]);
  });
  test('what was done stands newest first, of others and of what was only begun nothing', () => {
    const log = [
      care('2026-09-01T10:00:00Z', ['washed']),
      care('2026-10-20T10:00:00Z', ['washed', 'mended']),
      care('2026-10-25T10:00:00Z', []),
    ];
    expect(sheetOf([], [...log, { ...care('2026-10-01T10:00:00Z', ['washed']), itemId: 'other' }]).done).toEqual([
      { on: '2026-10-20', text: 'Washed and mended.' },
      { on: '2026-09-01', text: 'Washed.' },
    ]);
  });
  test('a measured colour is told with its bounds and grade; a price only when it is offered', () => {
    const sheet = sheetOf([], [], [{ name: 'Toe cap', change: changeOf(reading(14), reading(4)) }]);
    expect(sheet.measured[0]).toMatch(/^Toe cap is \d+ to \d+ less yellow; anyone sees it\. Grey scale \d/);
    expect(sheet.price).toBe('45.00 EUR');
    // What has not changed is no news.
    expect(sheetOf([], [], [{ name: 'Rim', change: changeOf(reading(14), reading(14)) }]).measured).toEqual([]);
    const { worth: _none, ...bare } = ITEM;
    expect(saleSheet({ inspections: [], log: [] }, bare, [], (d) => d).price).toBeNull();
  });
  test('Markdown: pictures with what stands under them, and no name breaks it', () => {
    const text = saleMarkdown({ ...sheetOf([]), title: 'Shoes *with* [stars]' }, [
      { file: 'picture-1.jpg', caption: 'As found' },
    ]);
    expect(text.startsWith('# Shoes \\*with\\* \\[stars\\]\n')).toBe(true);
    expect(text).toContain('![As found](picture-1.jpg)');
    expect(text).toContain('**45.00 EUR**');
  });
});
