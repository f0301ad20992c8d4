import { describe, expect, test } from 'vitest';
import { rankAll } from '../../src/core/due/rank';
import type { Kit } from '../../src/core/gear';
import { rhythmOf } from '../../src/core/due';
import { allLimits, envelopeOf, isTakenOut, looseness, rowFor } from '../../src/core/envelope';
import { nextLook } from '../../src/core/due';
import { holds } from '../../src/core/facts';
import { KNOWLEDGE } from '../../src/core/knowledge';
import { planItem } from '../../src/core/programme';
import { minutesText } from '../../src/core/units';
import { waterWord } from '../../src/core/words/water';
import { boundText, causeText, limitText } from '../../src/core/words';
import { bandOf, bandsOf } from '../../src/ui/strata';
import { countdown } from '../../src/ui/countdown';
import { kitOfTexts, kitTexts } from '../../src/workers/kitTexts';
import { copyJobs } from '../../src/workers/copy.job';
import { emptyMemory, planAll, plannerJobs, whoUses } from '../../src/workers/planner.job';
import type { ProgrammeOutline } from '../../src/core/outline';
import { makeDemoKit } from '../../demo/kit';
import { canvas, CLEAN, comp, down, invented, item, label, programme, shell } from '../make';

const demo = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;

describe('conditions', () => {
  const facts = new Set(['a', 'b']);
  test.each([
    [{}, true],
    [{ all: ['a', 'b'] }, true],
    [{ all: ['a', 'c'] }, false],
    [{ any: ['c', 'b'] }, true],
    [{ any: ['c'] }, false],
    [{ any: [] }, false],
    [{ none: ['c'] }, true],
    [{ none: ['b'] }, false],
    [{ all: ['a'], any: ['b'], none: ['c'] }, true],
  ])('%j is %s', (when, expected) => expect(holds(invented(when), invented(facts))).toBe(expected));
  test('no condition holds', () => expect(holds(undefined, invented(facts))).toBe(true));
});

describe('whose word counts', () => {
  const bounds = (thing: Parameters<typeof allLimits>[0]) => envelopeOf(thing, allLimits(thing, KNOWLEDGE));
  const fleece = (rest: object) => item('mid-layer', [comp('face', 'polyester-knit')], rest);
  test('the label is stricter: it binds', () =>
    expect(bounds(fleece({ label: label(30, 'mild') })).bounds.washMaxC).toMatchObject({
      value: 30,
      by: { component: 'label' },
    }));
  test('the label allows more than a soft limit: it is passed, and listed', () => {
    const envelope = bounds(fleece({ label: label(60, 'normal') }));
    expect(envelope.bounds.washMaxC.value).toBe(60);
    expect(envelope.waived).toContainEqual(expect.objectContaining({ dimension: 'washMaxC', from: 40, to: 60, by: 'label' }));
  });
  test('the label allows more than a hard limit: it does not pass', () =>
    expect(
      bounds(item('tent', [comp('coating', 'pu-coating')], { label: label(40, 'normal', { tumble: 'normal' }) })).bounds.tumble
        .value,
    ).toBe('none'));
  test('no label, nothing is passed', () => expect(bounds(shell({ label: null })).bounds.tumble.value).toBe('none'));
  test('the maker forbids: hard, whatever the label', () =>
    expect(bounds(shell({ makerSays: [{ about: 'tumble', says: 'forbids' }] })).bounds.tumble).toMatchObject({
      value: 'none',
      by: { component: 'maker', hard: true },
    }));
  test('the maker allows, the label is silent: a soft limit is passed', () =>
    expect(bounds(shell({ label: {}, makerSays: [{ about: 'tumble', says: 'allows' }] })).bounds.tumble.value).toBe('low'));
  test('a part that comes out does not bind; one that nobody knows about does', () => {
    expect(isTakenOut(canvas(), comp('insole', 'eva-foam', { removable: true }))).toBe(true);
    expect(bounds(canvas()).bounds.action.value).toBe('mild');
    expect(bounds(item('shoe', [comp('upper', 'cotton-canvas'), comp('insole', 'eva-foam')])).bounds.action.value).toBe('hand');
    expect(
      bounds(item('shoe', [comp('upper', 'cotton-canvas'), comp('insole', 'eva-foam', { bonded: 'cemented' })])).bounds.action
        .value,
    ).toBe('mild');
  });
  test('the most specific row speaks', () => {
    expect(rowFor(canvas(), comp('upper', 'cotton-canvas'), KNOWLEDGE.materials)?.id).toBe('canvas-shoe');
    expect(rowFor(item('pack', []), comp('face', 'cotton-canvas'), KNOWLEDGE.materials)?.id).toBe('canvas');
    expect(rowFor(canvas(), comp('trim', 'suede'), KNOWLEDGE.materials)?.id).toBe('suede-trim');
  });
  test('a word that is not on its scale is the caller’s mistake', () =>
    expect(() => looseness('action', 'violent')).toThrow(RangeError));
});

describe('words and figures', () => {
  test.each([
    [15, 'cold'],
    [20, 'cold'],
    [25, 'cool'],
    [30, 'lukewarm'],
    [40, 'warm'],
    [60, 'hot'],
  ])('%i °C is %s', (c, word) => expect(waterWord(c)).toBe(word));
  test.each([
    [5, '5 min'],
    [60, '1 h'],
    [125, '2 h 05'],
    [1440, '1 day'],
    [2000, '1 day 9 h'],
    [4320, '3 days'],
  ])('%i minutes: %s', (m, text) => expect(minutesText(m)).toBe(text));
  test.each([
    [0, '0:00'],
    [1, '0:01'],
    [61_000, '1:01'],
    [3_725_000, '1:02:05'],
  ])('%i ms left: %s', (ms, text) => expect(countdown(ms)).toBe(text));
  test('limits are said with their unit and who sets them', () => {
    expect(limitText('washMaxC', 30)).toBe('30 °C');
    expect(limitText('washMaxC', 0)).toBe('no water');
    expect(limitText('spinMaxRpm', null)).toBe('no limit');
    expect(boundText('spinMaxRpm', 600, causeText('fill', 'down'))).toBe('The fill (down) bears a spin of 600 rpm at most.');
    expect(causeText('label')).toBe('the label');
  });
});

describe('the strip', () => {
  const p = programme(down({ repellency: 'finish' }), { soil: 2, odour: 0 });
  test('runs of one kind become one band; steps behind a failed check are not in it', () => {
    const bands = bandsOf(p.steps);
    expect(bands.map((b) => b.name)).toEqual([
      'Prepare',
      'Wash',
      'Rinse',
      'Lift',
      'Tumble',
      'Hang',
      'Check',
      'Warm',
      'Check',
      'Store',
    ]);
    expect(bands.flatMap((b) => b.ids)).toEqual(p.steps.filter((s) => s.when === 'always').map((s) => s.id));
  });
  test('heat is heat only when there is heat', () => {
    const air = programme(down(), { soil: 2 }, { preferences: { schools: { 'DOWN-HEAT': 'air' } } });
    expect(bandOf(air.steps.find((s) => s.do === 'tumble')!)).toBe('air');
    expect(bandOf(p.steps.find((s) => s.do === 'tumble')!)).toBe('heat');
  });
});

describe('when to look again', () => {
  test('pale things come sooner, bags later (common practice, no source)', () => {
    expect(nextLook(down(), '2027-01-01').days).toBe(120);
    expect(nextLook(down({ colour: { class: 'white' } }), '2027-01-01').days).toBe(90);
    expect(nextLook(down({ kind: 'quilt' }), '2027-01-01')).toMatchObject({ days: 365, on: '2028-01-01' });
  });
  test('what a thing shows comes before the calendar', () => {
    const thing = shell({ id: 'a' });
    const kit = { ...demo, items: [thing], log: [] };
    const seen = (soil: number, at: string) => ({
      ...kit,
      inspections: [{ id: 'i', itemId: 'a', at, ...CLEAN, soil, droplet: { hood: 5 } }],
    });
    const rank = (k: typeof kit) => {
      const programme = planItem(k, thing);
      const outlines = { [thing.id]: { ...programme, needs: [], lookDays: rhythmOf(thing).days } };
      return rankAll({ ...k, items: [thing] }, outlines, '2027-01-03', new Set())[0]?.need;
    };
    expect(rank(seen(4, '2027-01-02T08:00:00Z'))).toBe('urgent');
    expect(rank(seen(0, '2027-01-02T08:00:00Z'))).toBe('fresh');
    expect(rank(seen(0, '2026-08-02T08:00:00Z'))).toBe('look');
    expect(rank({ ...seen(0, '2026-08-02T08:00:00Z'), preferences: { schools: { WHEN: 'calendar' } } })).toBe('due');
    expect(rank({ ...kit, inspections: [] })).toBe('look');
  });
});

const wholly = async (kit: Kit): Promise<[string, ProgrammeOutline][]> => {
  const all: Record<string, ProgrammeOutline> = {};
  await planAll(kit, (piece) => void Object.assign(all, piece));
  return Object.entries(all);
};

describe('the planning worker’s job', () => {
  test('plans every item as the page would, and reports how far it is', async () => {
    const progress: number[] = [];
    const programmes: Record<string, ProgrammeOutline> = {};
    const end = await planAll(demo, (piece, done) => {
      Object.assign(programmes, piece);
      progress.push(done);
    });
    expect(end).toBe('done');
    expect(Object.keys(programmes)).toHaveLength(demo.items.length);
    for (const thing of demo.items) expect(programmes[thing.id]?.verdict).toBe(planItem(demo, thing).verdict);
    expect(progress.at(-1)).toBe(demo.items.length);
  });
  test('stops between pieces and keeps what was done', async () => {
    const many = { ...demo, items: Array.from({ length: 320 }, (_, n) => ({ ...demo.items[0]!, id: `m${n}` })) };
    let asked = 0;
    let count = 0;
    const end = await planAll(many, (piece) => (count += Object.keys(piece).length), { stopped: () => ++asked > 2 });
    expect(end).toBe('stopped');
    expect(count).toBeGreaterThan(25);
    expect(count).toBeLessThan(320);
  });
  test('a kit that is handed over in texts is the kit it was, in pieces that let a hand be heard in between', async () => {
    const { log: _log, ...without } = demo;
    const large = {
      ...demo,
      items: Array.from({ length: 2500 }, (_, n) => ({ ...demo.items[n % demo.items.length]!, id: `t${n}` })),
    };
    expect(kitOfTexts(await kitTexts(demo))).toEqual(JSON.parse(JSON.stringify(demo)));
    expect(kitOfTexts(await kitTexts(without))).toEqual({ ...(JSON.parse(JSON.stringify(without)) as Kit), log: [] });
    let heard = 0;
    const hand = setInterval(() => heard++, 0);
    const texts = await kitTexts(large);
    clearInterval(hand);
    expect(kitOfTexts(texts)).toEqual(JSON.parse(JSON.stringify(large)));
    expect(texts.items).toHaveLength(3);
    expect(heard).toBeGreaterThan(0);
  });
  test('a newer job stops the older one', async () => {
    const many = { ...demo, items: Array.from({ length: 120 }, (_, n) => ({ ...demo.items[0]!, id: `m${n}` })) };
    const texts = await kitTexts(many);
    const older = plannerJobs.planAll(texts, () => undefined);
    const newer = plannerJobs.planAll(texts, () => undefined);
    expect(await older).toBe('stopped');
    expect(await newer).toBe('done');
  });
  test('what did not change is not planned anew; what did, or all after a change of machines, is', async () => {
    const memory = emptyMemory();
    const made = async (kit: Kit): Promise<Record<string, ProgrammeOutline>> => {
      const all: Record<string, ProgrammeOutline> = {};
      await planAll(kit, (piece) => void Object.assign(all, piece), {}, memory);
      return all;
    };
    const first = await made(demo);
    const [one, two] = [demo.items[0]!, demo.items[1]!];
    const renamed = await made({ ...demo, items: demo.items.map((i) => (i === one ? { ...i, notes: 'patched' } : i)) });
    expect(renamed[one.id]).not.toBe(first[one.id]);
    expect(renamed[two.id]).toBe(first[two.id]);
    const seen = { id: 'new', itemId: two.id, at: '2031-01-01T00:00:00Z', soil: 4 } as const;
    expect((await made({ ...demo, inspections: [...demo.inspections, seen] }))[two.id]).not.toBe(first[two.id]);
    const bare = await made({ ...demo, equipment: {} });
    expect(bare).toEqual(Object.fromEntries(await wholly({ ...demo, equipment: {} })));
  });
  test('a job that was overtaken forgets nothing that its follower made', async () => {
    const memory = emptyMemory();
    const many = { ...demo, items: Array.from({ length: 120 }, (_, n) => ({ ...demo.items[0]!, id: `old${n}` })) };
    await planAll(demo, () => undefined, {}, memory);
    await planAll(many, () => undefined, { stopped: () => true }, memory);
    expect(demo.items.every((i) => memory.made.has(i.id))).toBe(true);
    await planAll(many, () => undefined, {}, memory);
    expect(demo.items.some((i) => memory.made.has(i.id))).toBe(false);
  });
  test('stopped by hand it stays stopped when the kit is read again, until the rest is asked for', async () => {
    const many = { ...demo, items: Array.from({ length: 400 }, (_, n) => ({ ...demo.items[0]!, id: `stop${n}` })) };
    let stopped = false;
    const end = await plannerJobs.planAll(await kitTexts(many), () => {
      if (!stopped) void plannerJobs.stop();
      stopped = true;
    });
    expect(end).toBe('stopped');
    let again = 0;
    expect(await plannerJobs.planAll(await kitTexts(many), (piece) => (again += Object.keys(piece).length))).toBe('stopped');
    expect(again).toBeLessThan(400);
    let all = 0;
    expect(await plannerJobs.planAll(await kitTexts(many), (piece) => (all += Object.keys(piece).length), true)).toBe('done');
    expect(all).toBe(400);
  });
  test('finds which items rest on an entry', async () => {
    const users = await whoUses(demo);
    expect(users['material/down']).toContain('itm-parka');
    expect(users['reason/maker-only']).toContain('itm-rope');
    expect(users['material/down']).not.toContain('itm-rope');
  });
  test('reads a file without throwing', async () => {
    expect((await copyJobs.readKit('nonsense')).status).toBe('faulty');
    expect((await copyJobs.readKit(JSON.stringify(demo))).status).toBe('read');
  });
});
