import { useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import { lazy, Suspense, type ReactNode } from 'react';
import type { Damp } from '../../core/run/damp';
import { minutesText } from '../../core/units';
import { missingText } from '../../core/telling/drying';
import { Quiet } from '../../ui/basics';

const DampChart = lazy(async () => ({ default: (await import('./DampChart')).DampChart }));
function core(probability: number): string {
  if (probability < 0.05) return ', the core hardly damp any more';
  return probability > 0.95
    ? ', the core surely still damp'
    : `, the core still damp with a chance of ${Math.round(probability * 100)} %`;
}
const round = (minutes: number): number => (minutes < 60 ? Math.round(minutes / 5) * 5 : Math.round(minutes / 10) * 10);

/** What is missing to call it dry, the looks of the hands left out. */
export const missingOf = ({ judged }: Damp, loose: boolean): string =>
  judged.status === 'dry'
    ? ''
    : judged.missing
        .filter((m) => m !== 'look')
        .map((m) => missingText(m, loose))
        .join('; ');

/** "About 1 h 40 of drying yet, 35 min to 3 h 40." */
export const stillText = ({ low, middle, high }: Damp['estimate']['left']): string =>
  high < 5
    ? 'By its weights the water is out.'
    : `About ${minutesText(round(middle))} of drying yet, ${minutesText(round(low))} to ${minutesText(round(high))}.`;
/** How long yet, in a sentence with its interval, what is missing to be dry, and the damp curve. */
export function DampPanel({
  damp,
  loose,
  next,
  children,
}: {
  damp: Damp;
  loose: boolean;
  next: string;
  /** The field for a weight: it stands between what is known and the curve. */
  children: ReactNode;
}) {
  const says = useOfThing();
  const { left, waterG } = damp.estimate;
  const weighed = damp.weighed.length;
  return (
    <section aria-label="How dry it is" style={{ display: 'flex', flexDirection: 'column', gap: 8 }}>
      <p style={{ fontSize: 19 }}>
        <strong>
          <Said>{stillText(left)}</Said>
        </strong>{' '}
        <Quiet style={{ fontSize: 16 }}>
          {Math.round(waterG.middle / 5) * 5} g of water left
          {core(damp.estimate.coreDamp)}.{' '}
          {weighed === 0
            ? says('From its kind, from memory: weigh it, and this becomes surer.')
            : `From ${weighed === 1 ? 'one weight' : `${weighed} weights`}.`}{' '}
          {damp.judged.status === 'dry' ? '' : says(`Weigh it ${weighed === 0 ? '' : 'again '}${next}.`)}
        </Quiet>
      </p>
      {children}
      <div style={{ minHeight: 190 }}>
        <Suspense fallback={null}>
          <DampChart damp={damp} />
        </Suspense>
      </div>
      {damp.judged.status === 'dry' ? (
        <p>
          <strong>Dry</strong>, by weight, by the last hour and by hand.
        </p>
      ) : (
        damp.minutes > 0 && (
          <p>
            <Quiet>Not proved dry yet: {damp.judged.missing.map((m) => missingText(m, loose)).join('; ')}.</Quiet>
          </p>
        )
      )}
    </section>
  );
}
