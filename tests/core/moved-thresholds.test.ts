import { describe, expect, test } from 'vitest';
import type { Programme } from '../../src/core/document';
import type { Item } from '../../src/core/gear';
import { handbook } from '../../src/core/handbook';
import { KNOWLEDGE, type Thresholds } from '../../src/core/knowledge';
import { dropsFailText } from '../../src/core/telling/run';
import { assessText, usualGaps } from '../../src/core/words';
import { ASSESS_WORDS } from '../../src/core/words/assess';
import { stripOf } from '../../src/core/telling/strip';
import { finishRun } from '../../src/core/run/finish';
import { answerCheck, current, finishStep, gradeDrops, failingZones, startRun, type Run } from '../../src/core/run';
import { CLEAN, down, KIT, programme, shell, type Seen } from '../make';

/* What the user moved is heard everywhere: in each sentence that speaks of a grade, and in the run that looks for it. */

type Moved = Partial<Thresholds>;
const plan = (thing: Item, seen: Seen, thresholds: Moved): Programme => programme(thing, seen, { preferences: { thresholds } });

/** A sentence, read as its owner would: what would have to be seen, and what would be done then; beside it, what just would not. */
interface Reading {
  readonly says: RegExp;
  readonly seen: (found: string, of: Seen) => Seen;
  readonly does: (aims: readonly string[]) => boolean;
  readonly but?: (found: string, of: Seen) => Seen;
}
const OURS: Thresholds = { soilWash: 2, odourWash: 2, dropFine: 4, dropPoor: 2, loftWash: 0.85, loftFluff: 0.95 };
const washes = (aims: readonly string[]): boolean => aims.includes('wash');
const only = (aim: string) => (aims: readonly string[]) => aims.includes(aim) && !washes(aims);
const nothing = (aims: readonly string[]): boolean => aims.length === 0;
const warms = (aims: readonly string[]): boolean => aims.includes('reactivate');
const SOIL = ['', 'marked at all', 'dirty all over', 'more than slightly dirty', 'very dirty'];
const SMELL = ['', 'at all', 'clearly', 'strongly'];
const MOST = ['', 'soak in', 'spread', 'wet spots', 'rolled off', 'nothing'];
const LEFT = ['', 'soaked in', 'spread', 'left wet spots', 'left a few specks'];
const share = (found: string): number => Number(found) / 100;
const zoneOf = ({ droplet }: Seen): string => Object.keys(droplet ?? {})[0] ?? '';
const drop = (of: Seen, grade: number): Seen => ({ ...of, droplet: { [zoneOf(of)]: grade } });

const READINGS: readonly Reading[] = [
  {
    says: /(?:[Ii]f it were|leave it alone;) (marked at all|dirty all over|more than slightly dirty|very dirty),? I would wash it/,
    seen: (found, of) => ({ ...of, soil: SOIL.indexOf(found) }),
    does: washes,
    but: (found, of) => ({ ...of, soil: SOIL.indexOf(found) - 1 }),
  },
  { says: /^(Quite clean), I would leave it alone/, seen: (_, of) => ({ ...of, soil: 0 }), does: nothing },
  {
    says: /(a few marks|no more than slightly dirty|less than very dirty) I would only wipe it/,
    seen: (found, of) => ({
      ...of,
      soil: ['', 'a few marks', 'no more than slightly dirty', 'less than very dirty'].indexOf(found),
    }),
    does: only('spot-clean'),
  },
  { says: /^(A few marks) I would wipe off/, seen: (_, of) => ({ ...of, soil: 1 }), does: only('spot-clean') },
  {
    says: /smelled (at all|clearly|strongly) I would wash it/,
    seen: (found, of) => ({ ...of, odour: SMELL.indexOf(found) }),
    does: washes,
    but: (found, of) => ({ ...of, odour: SMELL.indexOf(found) - 1 }),
  },
  { says: /^(Without any smell) I would leave it/, seen: (_, of) => ({ ...of, odour: 0 }), does: nothing },
  {
    says: /^With (only a faint|no more than a clear) smell I would air it/,
    seen: (found, of) => ({ ...of, odour: found === 'only a faint' ? 1 : 2 }),
    does: only('air'),
  },
  { says: /^(A faint) smell I would air out/, seen: (_, of) => ({ ...of, odour: 1 }), does: only('air') },
  {
    says: /[Aa]bove (\d+) %(?: of new)?(?: I would)? leave it alone/,
    seen: (found, of) => ({ ...of, loftRatio: share(found) + 0.005 }),
    does: nothing,
    but: (found, of) => ({ ...of, loftRatio: share(found) - 0.005 }),
  },
  {
    says: /[Bb]elow (\d+) %(?: of its new loft)? I would wash it/,
    seen: (found, of) => ({ ...of, loftRatio: share(found) - 0.005 }),
    does: washes,
    but: (found, of) => ({ ...of, loftRatio: share(found) + 0.005 }),
  },
  {
    says: /Above (\d+) % of new I would only fluff it/,
    seen: (found, of) => ({ ...of, loftRatio: share(found) + 0.005 }),
    does: only('fluff'),
  },
  {
    says: /^If drops (?:did no more than|left no more than|beaded and left|beaded and) (soak in|spread|wet spots|rolled off|nothing)\b.*leave the finish alone/,
    seen: (found, of) => drop(of, MOST.indexOf(found)),
    does: nothing,
    but: (found, of) => drop(of, MOST.indexOf(found) - 1),
  },
  {
    says: /^If drops (beaded) I would leave the finish/,
    seen: (_, of) => drop(of, 4),
    does: nothing,
    but: (_, of) => drop(of, 3),
  },
  {
    says: /^If drops (soaked in|spread|left wet spots|left a few specks) (?:on|I would warm)/,
    seen: (found) => ({ ...CLEAN, droplet: { hood: LEFT.indexOf(found) } }),
    does: warms,
    but: (found) => ({ ...CLEAN, droplet: { hood: LEFT.indexOf(found) + 1 } }),
  },
];
/** Reads every sentence of what would change it that is understood here. @returns the readings that were met. */
function read(thing: Item, of: Seen, moved: Moved): RegExp[] {
  return plan(thing, of, moved).wouldChange.flatMap((sentence) =>
    READINGS.flatMap(({ says, seen, does, but }) => {
      const found = says.exec(sentence)?.[1];
      if (found === undefined) return [];
      const then = plan(thing, seen(found, of), moved).aims;
      expect(does(then), `${sentence} With ${JSON.stringify(moved)} it is: ${then.join(', ') || 'nothing'}`).toBe(true);
      const not = but && plan(thing, but(found, of), moved).aims;
      if (not) expect(does(not), `${sentence} With ${JSON.stringify(moved)} and less it is: ${not.join(', ')}`).toBe(false);
      return [says];
    }),
  );
}
const grades = (most: number): number[] => Array.from({ length: most + 1 }, (_, n) => n);
const LOFTS = [0.7, 0.75, 0.8, 0.85, 0.9, 0.95, 0.97, 1];

describe('what would change the verdict is true, wherever the thresholds are', () => {
  const met = new Set<RegExp>();
  const note = (readings: readonly RegExp[]): void => readings.forEach((r) => met.add(r));
  test.each([1, 2, 3, 4])('washed from soil %i', (soilWash) => {
    for (const soil of grades(4)) note(read(down(), { ...CLEAN, loftRatio: 1, soil }, { soilWash, loftFluff: 0.95 }));
  });
  test.each([1, 2, 3])('washed from smell %i', (odourWash) => {
    for (const odour of grades(3)) note(read(down(), { ...CLEAN, loftRatio: 1, odour }, { odourWash }));
  });
  test.each(LOFTS.slice(0, -1).flatMap((w) => LOFTS.slice(0, -1).flatMap((f) => (w <= f ? [[w, f] as const] : []))))(
    'washed below loft %f, fluffed up to %f',
    (loftWash, loftFluff) => {
      for (const loftRatio of [0.62, 0.72, 0.78, 0.82, 0.87, 0.92, 0.96, 0.99])
        note(read(down(), { ...CLEAN, loftRatio }, { loftWash, loftFluff }));
    },
  );
  test.each([1, 2, 3, 4, 5].flatMap((f) => [0, 1, 2, 3, 4].flatMap((p) => (p < f ? [[f, p] as const] : []))))(
    'a finish fine from grade %i, poor up to %i',
    (dropFine, dropPoor) => {
      for (const grade of grades(5)) note(read(shell(), { ...CLEAN, droplet: { hood: grade } }, { dropFine, dropPoor }));
    },
  );
  test('and every reading was met', () => {
    expect(READINGS.filter(({ says }) => !met.has(says))).toEqual([]);
  });
});

describe('why it is so says what was seen', () => {
  const why = (thing: Item, seen: Seen, moved: Moved): string => plan(thing, { ...CLEAN, ...seen }, moved).because.join('; ');
  test('soil and smell that are left for longer', () => {
    expect(why(down(), { soil: 1 }, { soilWash: 1 })).toBe('it has a few marks');
    expect(why(down(), { soil: 1 }, {})).toBe('there are only marks');
    expect(why(down(), { soil: 2 }, { soilWash: 3 })).toBe(
      'it is slightly dirty, and you wash only what is more than slightly dirty',
    );
    expect(why(down(), { soil: 3 }, { soilWash: 4 })).toBe('it is dirty, and you wash only what is very dirty');
    expect(why(down(), { odour: 1 }, { odourWash: 3 })).toBe('it has a faint smell');
    expect(why(down(), { odour: 2 }, { odourWash: 3 })).toBe('it has a clear smell, and you wash only what smells strongly');
  });
  test('loft that only the user minds, or minds less', () => {
    expect(why(down(), { loftRatio: 0.8 }, {})).toBe('the loft is well below new');
    expect(why(down(), { loftRatio: 0.9 }, { loftWash: 0.95 })).toBe('the loft is a little down');
    expect(why(down(), { loftRatio: 0.98 }, { loftFluff: 1 })).toBe('the loft is at 98 % of new');
    expect(why(down(), { loftRatio: 0.72 }, { loftWash: 0.7 })).toBe('the loft is well below new');
  });
  test('drops', () => {
    const drops = (droplet: Exclude<Seen['droplet'], undefined>, moved: Moved): string => why(shell(), { droplet }, moved);
    expect(drops({ hood: 4 }, {})).toBe('drops still bead');
    expect(drops({ hood: 3, back: 5 }, { dropFine: 3 })).toBe(
      'drops leave wet spots at the hood (3 of 5), the rest beads: fine by your own threshold',
    );
    expect(drops({ hood: 4, back: 5 }, { dropFine: 5 })).toBe('drops leave a few specks at the hood (4 of 5), the rest beads');
    expect(drops({ hood: 1, back: 3 }, { dropFine: 3 })).toBe(
      'water soaks in at the hood (1 of 5), drops leave wet spots at the back (3 of 5)',
    );
    expect(drops({ hem: 2 }, { dropPoor: 1 })).toBe('drops spread only where it is sheltered');
  });
});

describe('a run looks for the grade that is fine for its owner', () => {
  const T0 = Date.parse('2027-01-03T10:00:00Z');
  const tested = (thresholds: Moved): Run => {
    const planned = plan(shell(), { ...CLEAN, droplet: { hood: 0 } }, thresholds);
    let run = startRun(planned, 'it', 'r', T0);
    for (let n = 0; n < 50 && current(run)?.key !== 'droplet-test'; n++)
      run = current(run)?.check ? answerCheck(run, true, T0) : finishStep(run, T0);
    expect(current(run)?.key).toBe('droplet-test');
    return run;
  };
  const passes = (thresholds: Moved, grade: number): boolean => {
    const run = tested(thresholds);
    return gradeDrops(run, { hood: grade }, T0).steps[run.currentId ?? '']?.state === 'passed';
  };
  test.each([
    [{ dropFine: 3 }, 3],
    [{}, 4],
    [{ dropFine: 5 }, 5],
  ])('%o: from grade %i', (thresholds, from) => {
    expect([1, 2, 3, 4, 5].filter((grade) => passes(thresholds, grade))).toEqual([1, 2, 3, 4, 5].filter((g) => g >= from));
    const look = current(tested(thresholds));
    expect(failingZones({ hood: from - 1, back: from }, look)).toEqual(['hood']);
    expect(look?.check?.pass).toContain(`grade ${from}`);
  });
  test.each([1, 2, 3, 4, 5])('what was answered by eye is fine for its owner afterwards: from %i', (dropFine) => {
    const thresholds = { dropFine, dropPoor: 0 };
    let run = tested(thresholds);
    for (let n = 0; n < 50 && current(run); n++) run = current(run)?.check ? answerCheck(run, true, T0) : finishStep(run, T0);
    const { inspection } = finishRun(run, shell(), null, KIT, {
      iso: '2027-01-03T12:00:00Z',
      today: '2027-01-03',
      logId: 'l',
      inspectionId: 'i',
    });
    const droplet = inspection?.droplet;
    expect(Math.min(...Object.values(droplet ?? {}).filter((g) => g !== undefined))).toBe(dropFine);
    expect(plan(shell(), { ...CLEAN, ...(droplet ? { droplet } : {}) }, thresholds).aims).toEqual([]);
  });
});

test('the handbook says the thresholds as they are', () => {
  const said = (thresholds: Thresholds): string =>
    handbook({ ...KNOWLEDGE, thresholds })
      .filter(({ section }) => section === 'seen')
      .map(({ text }) => text)
      .join(' ');
  expect(said(OURS)).toContain('Above 85 % of new I would only fluff it');
  expect(said({ ...OURS, loftWash: 0.7 })).toContain('Above 70 % of new I would only fluff it');
  expect(said({ ...OURS, soilWash: 1 })).toContain('Quite clean, I would leave it alone.');
});

describe('what a look at drops asks for', () => {
  test('where they fail, by our grade and by the user’s', () => {
    expect(dropsFailText([], ['Hood'], undefined)).toBe('Drops soak in on Hood: go on to the remedy');
    expect(dropsFailText([], ['Hood', 'Back'], 5)).toBe('Not yet grade 5 on Hood, Back: go on to the remedy');
    expect(dropsFailText(['Hood'], ['Back'], undefined)).toBe('Try Hood again: it soaked in there');
    expect(dropsFailText(['Hood'], [], 3)).toBe('Try Hood again: it was not yet grade 3 there');
    expect(dropsFailText([], [], 5)).toBeNull();
  });
});

describe('the strip of a thing', () => {
  test('tells what is washed for from what is left', () => {
    const levels = (moved: Moved): unknown =>
      [1, 2, 3].map((grade) =>
        stripOf(
          down(),
          { id: 'i', itemId: 'itm', at: '2027-01-03T10:00:00Z', soil: grade, odour: grade, loftRatio: 0.8 },
          { ...OURS, ...moved },
        )
          .map(({ level }) => level)
          .join(' '),
      );
    expect(levels({})).toEqual(['1 1 2', '2 2 2', '2 2 2']);
    expect(levels({ soilWash: 3, odourWash: 1, loftWash: 0.75 })).toEqual(['1 2 1', '1 2 1', '2 2 1']);
  });
  const strip = (hood: number, moved: Moved) =>
    stripOf(
      shell(),
      { id: 'i', itemId: 'itm', at: '2027-01-03T10:00:00Z', ...CLEAN, droplet: { hood } },
      { ...OURS, ...moved },
    ).at(-1);
  test('says what the drops did, and by its tone what their owner makes of it', () => {
    expect([0, 1, 2, 3, 4, 5].map((grade) => strip(grade, {}))).toEqual([
      { word: 'soaks through', level: 2 },
      { word: 'soaks in', level: 2 },
      { word: 'wets around', level: 2 },
      { word: 'wet spots', level: 1 },
      { word: 'beads', level: 0 },
      { word: 'beads', level: 0 },
    ]);
    expect(strip(3, { dropFine: 3 })).toEqual({ word: 'wet spots', level: 0 });
    expect(strip(4, { dropFine: 5 })).toEqual({ word: 'a few specks', level: 1 });
    expect(strip(3, { dropPoor: 3 })).toEqual({ word: 'wet spots', level: 2 });
  });
});

test('every gap of a sentence is filled', () => {
  const gaps = usualGaps(OURS, ['hood']);
  const open = Object.values(ASSESS_WORDS)
    .flatMap(({ because, reverse, otherwise }) => [because, reverse ?? '', otherwise])
    .filter((text) => /[{}]/.test(assessText(text, gaps)));
  expect(open).toEqual([]);
});
