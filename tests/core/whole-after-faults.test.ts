import { existsSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { afterEach, describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import type { UseEntry } from '../../src/core/gear';
import type { Reading } from '../../src/core/devices';
import { believe, hear, nothingHeard, SILENT_MS } from '../../src/core/devices/heard';
import { forecast } from '../../src/core/due/forecast';
import { CLOCK_STEP_MS, type ClockKnown, clockStepped } from '../../src/core/run/clock';
import { dayOf, noonOf } from '../../src/core/units/day';
import { planDay } from '../../src/core/washday';
import { clashesOf, withChanges } from '../../src/data/sheets';
import { planAll } from '../../src/workers/planner.job';
import type { ProgrammeOutline } from '../../src/core/outline';
import { invented } from '../make';

const MIN = 60_000;
const HOUR = 60 * MIN;

describe('a clock that is set', () => {
  /** What several tabs see of true time that passes and of steps of the clock: shifts of the timers, and what is asked. */
  const live = (steps: readonly { readonly by: number; readonly after: number }[], tabs: number) => {
    let known: ClockKnown | undefined;
    let [truth, offset, shifted] = [0, 0, 0];
    for (const { by, after } of steps) {
      truth += after;
      offset += by;
      for (let tab = 0; tab < tabs; tab++) {
        // Each measures it a little differently, and a little later.
        const seen = clockStepped(known, by + tab * 700, truth + offset + tab * 1500);
        known = seen.known;
        shifted += seen.shiftMs;
      }
    }
    return { shifted, asked: known?.askedMs ?? 0, offset };
  };
  test('back: timers move with it, once, however many tabs see it', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.integer({ min: 1, max: 4 }), (minutes, tabs) => {
        const { shifted, asked } = live([{ by: -minutes * MIN, after: HOUR }], tabs);
        expect([shifted, asked]).toEqual([-minutes * MIN, 0]);
      }),
    ));
  test('forward: nothing moves, and it is asked about; there and back again is nothing', () =>
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 600 }), fc.integer({ min: 1, max: 3 }), (minutes, tabs) => {
        const there = live([{ by: minutes * MIN, after: HOUR }], tabs);
        expect([there.shifted, there.asked]).toEqual([0, minutes * MIN]);
        const back = live(
          [
            { by: minutes * MIN, after: HOUR },
            { by: -minutes * MIN, after: 5 * MIN },
          ],
          tabs,
        );
        expect([back.shifted, back.asked]).toEqual([0, 0]);
      }),
    ));
  test('of steps that nearly cancel only the rest counts; long after a sleep a step back is one of its own', () => {
    const minutes = (...steps: [by: number, after: number][]) =>
      live(
        steps.map(([by, after]) => ({ by: by * MIN, after: after * MIN })),
        2,
      );
    expect(minutes([180, 5], [-200, 5])).toMatchObject({ shifted: -20 * MIN, asked: 0 });
    expect(minutes([180, 5], [-60, 5])).toMatchObject({ shifted: 0, asked: 120 * MIN });
    expect(minutes([180, 5], [-60, 120])).toMatchObject({ shifted: -60 * MIN, asked: 0 });
  });
  test('a step smaller than what a busy machine loses is none', () =>
    expect(clockStepped(undefined, -CLOCK_STEP_MS + 1, 0).shiftMs).toBe(0));
});

describe('what is believed of devices', () => {
  const weight = (value: number, unit: 'g' | 'lb' = 'g'): Reading => ({ device: 'scale', minute: 0, value, unit });
  const dryer: Reading = { device: 'dryer', minute: 0, knob: 'high', running: true, airC: 70 };
  const room: Reading = { device: 'room', minute: 0, airC: 20, rhPercent: 50 };
  test('each for as long as it is heard', () => {
    const heard = [weight(800), dryer, room].reduce((h, r) => hear(h, r, 1000), nothingHeard(0));
    expect(believe(heard, 1000 + SILENT_MS)).toMatchObject({ dryer, room, silent: [], scale: { value: 800 } });
    const later = hear(hear(heard, weight(801), 4000), room, 4000);
    expect(believe(later, 1001 + SILENT_MS)).toMatchObject({ dryer: null, room, silent: ['dryer'], scale: { unit: 'g' } });
    expect(believe(later, 4001 + SILENT_MS)).toMatchObject({ scale: null, room: null, silent: ['scale', 'dryer', 'room'] });
  });
  test('one stray reading does not move a weight; a sway is told; another unit begins anew', () => {
    fc.assert(
      fc.property(fc.integer({ min: 100, max: 2000 }), fc.integer({ min: -5000, max: 5000 }), fc.nat(4), (g, stray, at) => {
        const values = Array.from({ length: 5 }, (_, n) => (n === at ? stray : g));
        const heard = values.reduce((h, v) => hear(h, weight(v), 0), nothingHeard(0));
        expect(believe(heard, 0).scale).toEqual({ value: g, unit: 'g', sways: Math.abs(stray - g) });
      }),
    );
    const pounds = hear(
      [800, 801, 802].reduce((h, v) => hear(h, weight(v), 0), nothingHeard(0)),
      weight(1.76, 'lb'),
      0,
    );
    expect(believe(pounds, 0).scale).toEqual({ value: 1.76, unit: 'lb', sways: 0 });
  });
  test('the same weight too often is a stuck scale', () => {
    const heard = Array.from({ length: 12 }).reduce<ReturnType<typeof nothingHeard>>(
      (h) => hear(h, weight(812), 0),
      nothingHeard(0),
    );
    expect(believe(heard, 0).scaleStuck).toBe(true);
    expect(believe(hear(heard, weight(811), 0), 0).scaleStuck).toBe(false);
  });
});

describe('days are days of the place', () => {
  const zone = process.env.TZ;
  afterEach(() => {
    if (zone === undefined) delete process.env.TZ;
    else process.env.TZ = zone;
  });
  /* Against the runtime's own calendar (ECMA-402, IANA time zones), which knows nothing of this function. */
  test.each(['Pacific/Auckland', 'Pacific/Honolulu', 'Asia/Kolkata', 'America/St_Johns', 'UTC', 'Europe/Oslo'])(
    'in %s',
    (timeZone) => {
      process.env.TZ = timeZone;
      const written = new Intl.DateTimeFormat('sv-SE', { timeZone, dateStyle: 'short' });
      fc.assert(
        fc.property(fc.date({ min: new Date('2000-01-01'), max: new Date('2099-12-30'), noInvalidDate: true }), (at) => {
          const iso = at.toISOString();
          expect(dayOf(iso)).toBe(written.format(at));
          expect(dayOf(noonOf(dayOf(iso)))).toBe(dayOf(iso));
        }),
      );
      expect([dayOf('2027-01-03'), dayOf('soon')]).toEqual(['2027-01-03', 'soon']);
    },
  );
  test('a use in Auckland’s morning is of that day: it counts since a wash of the evening before', () => {
    process.env.TZ = 'Pacific/Auckland';
    const use = invented<UseEntry>({ id: 'u', type: 'use', itemId: 'a', at: '2027-01-03T20:30:00Z' }); // 9:30 on the 4th
    const of = (from: string) =>
      forecast(invented({ from, rhythmDays: 60, today: '2027-01-05', log: [use], event: null })).usesSince;
    expect([of('2027-01-04'), of('2027-01-05')]).toEqual([1, 0]);
  });
});

describe('one thing that cannot be planned', () => {
  const { kit } = makeDemoKit(Date.parse('2027-01-03T08:00:00Z'));
  test('is named with its reason, and every other is planned as before', async () => {
    const all = async (items: typeof kit.items): Promise<Record<string, ProgrammeOutline>> => {
      const made: Record<string, ProgrammeOutline> = {};
      expect(await planAll({ ...kit, items }, (piece) => void Object.assign(made, piece))).toBe('done');
      return made;
    };
    const before = await all(kit.items);
    const id = kit.items[2]!.id;
    const broken = await all(kit.items.map((item) => (item.id === id ? invented<typeof item>({ ...item, fittings: {} }) : item)));
    expect(broken[id]).toMatchObject({ failed: expect.stringContaining('not a function') as string, aims: [], steps: [] });
    expect({ ...broken, [id]: null }).toEqual({ ...before, [id]: null });
    expect(Object.values(before).some((o) => o.failed !== undefined)).toBe(false);
  });
  test('keeps no other from its wash day, and is named there', () => {
    const [broken, ...others] = ['itm-bib', 'itm-softshell', 'itm-studs'];
    const day = (items: typeof kit.items, asked: string[]) =>
      planDay({
        format: 'umbrastic/day-request',
        version: 1,
        kit: { ...kit, items },
        from: '2027-01-09T08:00:00Z',
        items: asked,
      });
    const with_ = day(
      kit.items.map((item) => (item.id === broken ? invented<typeof item>({ ...item, fittings: {} }) : item)),
      [broken!, ...others],
    );
    expect(with_.leftOut).toEqual([{ itemId: broken, text: expect.stringContaining('could not be planned') as string }]);
    const without = day(kit.items, others);
    expect(with_.tasks).toEqual(without.tasks);
    expect(without.tasks.length).toBeGreaterThan(0);
    expect(without.leftOut).toEqual([]);
  });
  test('ids that an object has of itself are things like others', async () => {
    const ids = ['__proto__', 'constructor', 'toString'];
    const seen: string[] = [];
    await planAll({ ...kit, items: ids.map((id, n) => ({ ...kit.items[n]!, id })), inspections: [] }, (piece) =>
      seen.push(...Object.keys(piece)),
    );
    expect(seen).toEqual(ids);
  });
});

describe('one thing corrected twice', () => {
  const was = { name: 'Smock', owner: 'Bo', tags: ['a'] };
  test('what both changed is a clash; what one changed is not, nor what both changed alike', () => {
    const draft = { ...was, owner: 'Runa', tags: ['a', 'b'] };
    expect(clashesOf({ ...was, owner: 'Ole', name: 'Grey' }, { was, draft })).toEqual([
      { field: 'owner', mine: 'Runa', theirs: 'Ole' },
    ]);
    expect(clashesOf({ ...was, owner: 'Runa' }, { was, draft })).toEqual([]);
    expect(clashesOf({ name: 'Smock', tags: ['a'] }, { was, draft })).toEqual([
      { field: 'owner', mine: 'Runa', theirs: undefined },
    ]);
    expect(withChanges({ ...was, name: 'Grey' }, { was, draft })).toEqual({ ...draft, name: 'Grey' });
  });
});

describe('docs/faults.md', () => {
  const lines = readFileSync('docs/faults.md', 'utf8')
    .split('\n')
    .filter((l) => l.startsWith('| ') && !/^\| (fault|---)/.test(l));
  test('names for every fault a test that there is', () => {
    expect(lines.length).toBeGreaterThan(40);
    const missing = lines.filter((line) => {
      const [, file = '', name = ''] = /\| `([^`]+)` (.*?) *\|$/.exec(line) ?? [];
      return !existsSync(file) || !readFileSync(file, 'utf8').includes(name.trim());
    });
    expect(missing).toEqual([]);
  });
});
