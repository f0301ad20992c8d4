/** Quantities and conversion. Factors: NIST Handbook 44 appendix C and SP 811. Refuses: rounding for display. */

export const ML_PER_US_FL_OZ = 29.5735295625;
export const ML_PER_IMP_FL_OZ = 28.4130625;
export const G_PER_OZ = 28.349523125;
export const MM_PER_IN = 25.4;

/** °C to °F: °F = 1.8 °C + 32. */
export const fahrenheit = (celsius: number): number => 1.8 * celsius + 32;

/** Words people use for water and their upper ends, °C [from memory]. */
export const WATER_WORDS = [
  { word: 'cold', maxC: 20 },
  { word: 'cool', maxC: 25 },
  { word: 'lukewarm', maxC: 35 },
  { word: 'warm', maxC: 59 },
  { word: 'hot', maxC: Infinity },
] as const;

/** "cold", "cool", "lukewarm", "warm" or "hot". */
export function waterWord(celsius: number): string {
  return (WATER_WORDS.find((w) => celsius <= w.maxC) ?? WATER_WORDS[4]).word;
}

/** "45 min", "2 h", "2 h 15", "1 day 4 h". */
export function minutesText(minutes: number): string {
  const total = Math.round(minutes);
  if (total < 60) return `${total} min`;
  if (total < 1440)
    return total % 60 === 0 ? `${total / 60} h` : `${Math.floor(total / 60)} h ${String(total % 60).padStart(2, '0')}`;
  const hours = Math.round(total / 60);
  const days = Math.floor(hours / 24);
  return `${days} day${days > 1 ? 's' : ''}${hours % 24 ? ` ${hours % 24} h` : ''}`;
}
