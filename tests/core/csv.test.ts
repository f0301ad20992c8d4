import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { itemsFromCsv, itemsToCsv } from '../../src/core/formats/csv';

const { items } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const ids = (line: number): string => `new-${line}`;

describe('items as CSV', () => {
  test('RFC 4180: a header, CRLF between lines, quotes doubled, and read back the same', () => {
    const odd = { ...items[0]!, name: 'a "quoted", odd\nname', tags: ['tour', 'hut, small'] };
    const text = itemsToCsv([odd]);
    expect(text.split('\r\n')[0]).toMatch(/^\uFEFFid,name,kind/);
    expect(text).toContain('"a ""quoted"", odd\nname"');
    const back = itemsFromCsv(text, [odd], ids);
    expect(back.rows).toMatchObject([{ state: 'same', item: { name: odd.name, tags: odd.tags } }]);
  });
  test('the whole demo kit reads back unchanged, and as new things elsewhere', () => {
    const text = itemsToCsv(items);
    expect(itemsFromCsv(text, items, ids).rows.every((r) => r.state === 'same')).toBe(true);
    const fresh = itemsFromCsv(text, [], ids);
    expect(fresh.rows.every((r) => r.state === 'new' && r.item !== null)).toBe(true);
    expect(fresh.rows.find((r) => r.item?.id === 'itm-parka')?.item?.components.map((c) => c.material)).toContain('down');
  });
  test('an unclosed quotation mark swallows no row: the file is refused, with the line', () => {
    const text = 'id,name,kind,components\n,"Left open,jacket,face:polyester-woven\n,Second,jacket,face:polyester-woven\n';
    const { rows, fault } = itemsFromCsv(text, items, ids);
    expect(rows).toEqual([]);
    expect(fault).toContain('line 2');
  });
  test('it opens in a spreadsheet as what it is: a byte-order mark first', () => {
    expect(itemsToCsv(items).charCodeAt(0)).toBe(0xfeff);
  });
  test('how far it is, is told', () => {
    const told: number[] = [];
    const rows = Array.from({ length: 450 }, (_, n) => `,Thing ${n},jacket,face:polyester-woven`).join('\n');
    itemsFromCsv(
      `id,name,kind,components\n${rows}`,
      [],
      (n) => `x${n}`,
      (done) => told.push(done),
    );
    expect(told).toEqual([0, 200, 400]);
  });
  test.each(['=1+1', '+1', '-1', '@sum', '\tx', '\n=1', ' =1+1', '\u00a0=1', '＝1+1', '＠sum'])(
    '%j cannot run as a formula, and comes back as it was',
    (name) => {
      const text = itemsToCsv([{ ...items[0]!, name }]);
      const cell = Papa.parse<Record<string, string>>(text, { header: true }).data[0]?.name ?? '';
      expect(cell.startsWith("'")).toBe(true);
      expect(itemsFromCsv(text, items, ids).rows[0]?.item?.name).toBe(name.trim());
    },
  );
  test('every fault names its line and column, and good lines are still offered', () => {
    const text = [
      'id,name,kind,massG,components,shelf',
      ',Good,jacket,400,face:polyester-woven,3',
      ',Heavy,jacket,-4,face:polyester-woven,3',
      ',Odd,spoon,5,face:wood,',
      ',Bare,hat,5,,',
      'itm-parka,Renamed parka,jacket,431,face:polyamide-woven; fill:down,',
      'itm-parka,Again,jacket,431,face:polyamide-woven,',
    ].join('\n');
    const { rows, ignored } = itemsFromCsv(text, items, ids);
    expect(ignored).toEqual(['shelf']);
    expect(rows.map((r) => [r.line, r.state])).toEqual([
      [2, 'new'],
      [3, 'faulty'],
      [4, 'faulty'],
      [5, 'faulty'],
      [6, 'changed'],
      [7, 'faulty'],
    ]);
    expect(rows[1]?.faults.join()).toContain('massG: must be a number greater than 0');
    expect(rows[2]?.faults.join()).toContain('kind: must be one of');
    expect(rows[2]?.faults.join()).toContain('components[0].material: must be one of');
    expect(rows[3]?.faults.join()).toContain('components: must name at least one');
    // What has no column stays: the label was not in the file.
    expect(rows[4]?.item?.label).toEqual(items.find((i) => i.id === 'itm-parka')?.label);
    expect(itemsFromCsv('a,b\n1,2', items, ids).fault).toContain('first line');
  });
  test('never throws, whatever the text', () => {
    fc.assert(
      fc.property(fc.string(), (text) => {
        expect(() => itemsFromCsv(`id,kind,components\n${text}`, items, ids)).not.toThrow();
        expect(() => itemsFromCsv(text, items, ids)).not.toThrow();
      }),
      { numRuns: 100 },
    );
  });
});
