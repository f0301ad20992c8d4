/** What is written for a light of 0 to 1 [IEC 61966-2-1, sRGB]. */
export const encode = (light: number): number => (light <= 0.0031308 ? 12.92 * light : 1.055 * light ** (1 / 2.4) - 0.055);
/** Grain of a standard deviation of one, from two chances [Box & Muller 1958, Annals of Mathematical Statistics 29(2)]. */
export const grainOf = (random: () => number): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** How many places of the table there are from no light to full light. */
const BINS = 4096;
const FULL = 255;

/**
 * A camera's curve as it is written, eight bits a channel: to each light the level of 0 to 255 that is nearest to 255 times what the curve gives.
 * The curve is asked once for each level, not for each of the millions of pixels.
 * @param curve from light to a share of full scale; never falls, gives 0 or less for none, and 1 or more for all light from some light on.
 */
export function eightBits(curve: (light: number) => number): (light: number) => number {
  const written = new Uint8ClampedArray(1);
  const levelOf = (light: number): number => {
    written[0] = FULL * curve(light);
    return written[0];
  };
  let most = 1;
  while (levelOf(most) < FULL) most *= 2;
  /** The least light of each level. */
  const from = Float64Array.from({ length: FULL + 1 }, (_, level) => {
    if (level === 0) return -Infinity;
    let [below, reached] = [-1, most];
    for (let middle = (below + reached) / 2; middle > below && middle < reached; middle = (below + reached) / 2)
      if (levelOf(middle) >= level) reached = middle;
      else below = middle;
    return reached;
  });
  let level = 0;
  const atBin = Uint8Array.from({ length: BINS + 1 }, (_, bin) => {
    while (level < FULL && (from[level + 1] as number) <= (bin * most) / BINS) level++;
    return level;
  });
  const perLight = BINS / most;
  return (light) => {
    if (!(light > 0)) return levelOf(light);
    if (light >= most) return FULL;
    let at = atBin[Math.floor(light * perLight)] as number;
    while (at < FULL && light >= (from[at + 1] as number)) at++;
    return at;
  };
}
