import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { dryBandG } from '../../src/core/drying';
import { DRYING_FIGURES, ENERGY_FIGURES, KNOWLEDGE, REPELLENCY_FIGURES } from '../../src/core/knowledge';
import { planItem } from '../../src/core/programme';
import { ASSUMPTION_WORDS } from '../../src/core/words/assess';
import { PURGE_WORDS, UPKEEP_WORDS } from '../../src/core/words/upkeep';
import { CLEAN, DIRTY, down, KIT, programme, shell, step } from '../make';

/* A figure that a sentence names has its one home in the knowledge: moved there, it is said as it stands. */

describe('minutes of a step', () => {
  const { kit } = makeDemoKit(Date.parse('2027-01-03T10:00:00Z'));
  const LONGER_MIN = 60;
  const longer = {
    ...KNOWLEDGE,
    steps: KNOWLEDGE.steps.map((s) => (typeof s.unattended === 'number' ? { ...s, unattended: s.unattended + LONGER_MIN } : s)),
  };
  test('a sentence that names how long a step takes by itself follows the record of the step', () => {
    const stays: string[] = [];
    const follows = new Set<string>();
    for (const item of kit.items) {
      const [before, after] = [planItem(kit, item), planItem(kit, item, longer)];
      for (const { key, text, unattendedMin } of before.steps) {
        const own = KNOWLEDGE.steps.find(({ id }) => id === key)?.unattended;
        if (typeof own !== 'number' || own < 10 || own !== unattendedMin) continue;
        const said = [`${own} min`, `${own / 60} h`].find((time) => new RegExp(`\\b${time}\\b`).test(text));
        if (said === undefined) continue;
        const now = step(after, key)?.text ?? '';
        if (now === text) stays.push(`${key}: ${text}`);
        else follows.add(key);
      }
    }
    expect([...new Set(stays)]).toEqual([]);
    expect(follows.size).toBeGreaterThanOrEqual(3);
  });
});

describe('figures in sentences', () => {
  test('the band in which a thing counts as dry', () => {
    for (const massG of [120, 450, 2600])
      expect(step(programme(down({ massG }), DIRTY), 'weigh-loft')?.text).toContain(
        `back within ${Math.round(dryBandG(massG))} g of its dry weight (${massG} g)`,
      );
    const { massG: _, ...unweighed } = down();
    expect(step(programme(unweighed, DIRTY), 'weigh-loft')?.text).toContain(
      `within ${100 * DRYING_FIGURES.dryBandShare.value} %, or ${DRYING_FIGURES.dryBandG.value} g, of the dry weight`,
    );
  });
  test('the room where none is recorded', () => {
    const { room: _, ...equipment } = KIT.equipment ?? {};
    expect(programme(down(), DIRTY, { equipment }).assumptions).toContain(ASSUMPTION_WORDS['room-assumed']);
    expect(ASSUMPTION_WORDS['room-assumed']).toContain(
      `${DRYING_FIGURES.roomC.value} °C and ${DRYING_FIGURES.roomRh.value} % humidity`,
    );
  });
  test('the empty hot cycle', () => {
    const hot = `${ENERGY_FIGURES.hotEmptyC.value} °C`;
    for (const text of [PURGE_WORDS.hot.text, UPKEEP_WORDS['hot-empty'].how]) expect(text).toContain(hot);
  });
  test('how drops fall, and how often a finish that tumbles is looked at', () => {
    const p = programme(shell(), { ...CLEAN, droplet: { hood: 2 } });
    expect(step(p, 'droplet-test')?.text).toContain(`from about ${REPELLENCY_FIGURES.dropHeightMm.value / 10} cm, wait a minute`);
    expect(step(p, 'heat-tumble')?.text).toContain(`look after ${DRYING_FIGURES.finishLookMin.value}.`);
  });
});
