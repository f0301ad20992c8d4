import { WATER_FIGURES } from '../knowledge';

/** "cold", "cool", "lukewarm", "warm" or "hot". */
export function waterWord(celsius: number): string {
  return Object.entries(WATER_FIGURES.waterEndsC.value).find(([, endC]) => celsius <= endC)?.[0] ?? 'hot';
}
