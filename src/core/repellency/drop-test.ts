/** The drop test of one place: how it is done unless said otherwise, and what of it contradicts itself. */
import type { Droplet, DropTest } from '../gear';
import { REPELLENCY_FIGURES } from '../knowledge';

/** How a test is done: each figure as it was said, else the usual [common practice: from about 10 cm, a minute, shaken off]. */
export interface TestWay {
  readonly water: NonNullable<DropTest['water']>;
  readonly heightMm: number;
  readonly drops: number;
  readonly waitS: number;
}
/** How drops were tried; what was not said is as usual: tap water, height in mm, number, seconds of waiting. */
export const testWay = (said: DropTest = {}): TestWay => ({
  water: said.water ?? 'tap',
  heightMm: said.heightMm ?? REPELLENCY_FIGURES.dropHeightMm.value,
  drops: said.drops ?? REPELLENCY_FIGURES.dropCount.value,
  waitS: said.waitS ?? REPELLENCY_FIGURES.dropWaitS.value,
});
/** Cloth that has drunk a drop is wet there: it cannot be what only pearls leave. */
const PEARLED = 4;
/**
 * Zones whose grade and whose seconds contradict each other: a drop was drunk within the wait, and yet no more than specks are wet.
 * @param way of this test.
 */
export const contradicted = (droplet: Droplet, { drunkS = {} }: DropTest, { waitS }: TestWay): string[] =>
  Object.keys(droplet).filter((zone) => (droplet[zone] ?? 0) >= PEARLED && (drunkS[zone] ?? Infinity) <= waitS);

/** True when two tests were done alike, so that their grades can be held against each other. */
export function alike(one: DropTest | undefined, two: DropTest | undefined): boolean {
  const [a, b] = [testWay(one), testWay(two)];
  return a.water === b.water && a.heightMm === b.heightMm && a.drops === b.drops && a.waitS === b.waitS;
}
