import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import type { Programme, ProgrammeStep } from '../../src/core/document';
import { planItem } from '../../src/core/programme';
import { current, finishStep, startRun, stepBack } from '../../src/core/run';
import { tickAll, tickStep } from '../../src/core/run/load';
import { inPieces, isBare, pieceOf } from '../../src/core/run/ticks';
import { changeText } from '../../src/core/telling/choice';
import { dropsText } from '../../src/core/words';

/* What makes a thing ready is one piece of the work, ticked in any order. */
const T0 = Date.parse('2027-01-03T08:00:00Z');
const { kit } = makeDemoKit(T0);
const programmes: readonly Programme[] = kit.items.map((item) => planItem(kit, item));
const always = (p: Programme): readonly ProgrammeStep[] => p.steps.filter((s) => s.when === 'always');
const parka = planItem(
  kit,
  kit.items.find((i) => i.id === 'itm-parka')!,
);
const readyOf = (p: Programme): readonly ProgrammeStep[] => inPieces(always(p)).find((piece) => piece.length > 1) ?? [];

describe('a programme in pieces', () => {
  test('no step is lost, moved or doubled', () => {
    for (const p of programmes) expect(inPieces(always(p)).flat()).toEqual(always(p));
  });
  test('only what is done in a moment, with nothing to wait for, look at, pour or beware of, stands with others', () => {
    const together = programmes.flatMap((p) => inPieces(always(p)).filter((piece) => piece.length > 1)).flat();
    expect(together.length).toBeGreaterThan(20);
    for (const s of together) {
      expect(isBare(s), s.key).toBe(true);
      expect([s.unattendedMin, s.check, s.cautions.length], s.key).toEqual([0, undefined, 0]);
    }
  });
  test('what leads out of the house or is mended is never ticked in passing', () => {
    const sent = programmes.flatMap((p) => p.steps).filter((s) => ['refer', 'refer-repair', 'mend', 'weigh'].includes(s.do));
    expect(sent.length).toBeGreaterThan(3);
    for (const s of sent) expect(isBare(s), s.key).toBe(false);
  });
  test('the parka is made ready in one piece of four', () => {
    expect(readyOf(parka).map((s) => s.key)).toEqual(['empty-pockets', 'fur-off', 'inside-out', 'close-up']);
    expect(pieceOf(always(parka), readyOf(parka)[2]!.id)).toEqual(readyOf(parka));
    expect(pieceOf(always(parka), 'no such step')).toEqual([]);
  });
});

describe('ticks in a run', () => {
  const start = startRun(parka, 'Parka', 'run-1', T0);
  const ids = readyOf(parka).map((s) => s.id);
  const there = (() => {
    let run = start;
    while (!ids.includes(run.currentId!)) run = finishStep(run, T0);
    return run;
  })();
  test('all with one press leave it where one after the other would, and are gone back over as one', () => {
    const one = ids.reduce((r) => finishStep(r, T0 + 1000), there);
    const all = tickAll(there, ids, T0 + 1000);
    expect(all.currentId).toBe(one.currentId);
    for (const id of ids) expect(all.steps[id]).toMatchObject({ state: 'done', times: 1, finishedAtMs: T0 + 1000 });
    const back = stepBack(all, T0 + 2000);
    expect(back.currentId).toBe(there.currentId);
    for (const id of ids) expect(back.steps[id]?.state).toBe('waiting');
  });
  test('ticked in any order, it goes on when the last is', () => {
    let run = there;
    for (const id of [...ids].reverse()) {
      expect(ids).toContain(run.currentId);
      run = tickStep(run, id, true, T0 + 1000);
    }
    expect(current(run)?.key).toBe('treat-oil-down');
  });
  test('what was ticked before it began is done when it stands there', () => {
    const begun = tickAll(start, ids.slice(0, 2), T0);
    expect(begun.currentId).toBe(start.currentId);
    let run = begun;
    while (!ids.includes(run.currentId!)) run = finishStep(run, T0);
    expect(run.currentId).toBe(ids[2]);
  });
  test('nothing to tick changes nothing', () => {
    expect(tickAll(there, [], T0)).toBe(there);
  });
});

describe('what decided, in words', () => {
  const name = (zone: string): string => zone;
  test('the worst two groups of places with their grade, and the rest', () => {
    expect(dropsText({ shoulders: 1, hood: 3, sleeves: 3, back: 5 }, name)).toBe(
      'water soaks in at the shoulders (1 of 5), drops leave wet spots at the hood and sleeves (3 of 5), the rest beads',
    );
    expect(dropsText({ shoulders: 5, hood: 4 }, name)).toBeUndefined();
    expect(dropsText({}, name)).toBeUndefined();
  });
  test('the verdict of a thing says its own grades', () => {
    const smock = planItem(
      kit,
      kit.items.find((i) => i.id === 'itm-smock')!,
    );
    expect(smock.because[0]).toBe(
      'drops spread at the shoulders (2 of 5), drops leave wet spots at the hood, back and sleeves (3 of 5), the rest beads',
    );
    for (const p of programmes) expect(p.because.join(' '), p.itemId).not.toMatch(/[{}]/);
  });
  test('a choice says where it was made what it changed', () => {
    const none = { allMin: 0, handsMin: 0, kWh: 0, litres: 0, money: null, comes: [], goes: [], risks: [] };
    expect(changeText(none, '')).toBe('Settings changed; time and cost stay.');
    expect(changeText({ ...none, allMin: 40, comes: ['Hang it up'], risks: ['It may shrink.'] }, '')).toBe(
      'Now 40 min more in all. Adds: hang it up. It may shrink.',
    );
  });
});
