import type { Evening, LoftVerdict, Move } from '../loft';
import { minutesText } from '../units';

export const LOFT_VERDICTS: Record<LoftVerdict, string> = {
  leave: 'leave it alone',
  fluff: 'fluff it without water',
  wash: 'wash it: dirt and grease hold the down together',
  mend: 'so much is gone that washing alone will not bring it back: look for lost or moved fill, and have it mended',
};
/** "2 pinches from b7 into b8". */
export const moveText = ({ from, to, pinches }: Move): string =>
  `${pinches === 1 ? 'One pinch' : `${pinches} pinches`} from ${from} into ${to}`;

/** Less than this gain in warmth is not worth an evening. */
const WORTH = 0.01;
/** The answer of a fill map. */
export function eveningText({ moves, minutes, now, then }: Evening): string {
  const pinches = moves.reduce((sum, m) => sum + m.pinches, 0);
  const gain = then / now - 1;
  if (moves.length === 0) return 'The down lies evenly: leave it where it is.';
  if (gain < WORTH) return `Nearly even: ${pinches} pinches would move, and you would hardly feel it. Leave it.`;
  return `${pinches === 1 ? 'One pinch' : `${pinches} pinches`} in ${moves.length === 1 ? 'one move' : `${moves.length} moves`}: about ${minutesText(minutes)} of handwork, and it is ${Math.round(gain * 100)} % warmer.`;
}
/** Baffles that nothing reaches. */
export function apartText({ baffles, off }: Evening['plan']['apart'][number]): string {
  const names = baffles.length > 4 ? `${baffles.slice(0, 3).join(', ')} and ${baffles.length - 3} more` : baffles.join(', ');
  return `${names}: ${Math.round(Math.abs(off) * 100)} % ${off > 0 ? 'more' : 'less'} down than the rest, and no open way in or out. Only an opening that is untied, or a mender, changes that.`;
}
