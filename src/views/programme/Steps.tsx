import { useMemo } from 'react';
import type { Programme } from '../../core/document';
import { inPieces } from '../../core/run/ticks';
import { Note } from '../../ui/basics';
import { Disclosure } from '../../ui/Disclosure';
import { Ready, Step } from './Step';

interface StepsProps {
  readonly programme: Programme;
  readonly dose: React.ComponentProps<typeof Step>['dose'];
  readonly ticked: ReadonlySet<string>;
  readonly onTick?: ((id: string, has: boolean) => void) | undefined;
}
/** The steps of a programme, a line each; what makes the thing ready is one of them. */
export function Steps({ programme, dose, ticked, onTick }: StepsProps) {
  const pieces = useMemo(() => inPieces(programme.steps.filter((s) => s.when === 'always')), [programme]);
  const later = programme.steps.filter((s) => s.when === 'if-failed');
  // A caution stands open where it first bites; further down it is in the step.
  const newly = useMemo(() => {
    const said = new Set<string>();
    return new Map(
      programme.steps.map((s) => {
        const fresh = s.cautions.filter((c) => !said.has(c));
        for (const c of fresh) said.add(c);
        return [s.id, fresh];
      }),
    );
  }, [programme]);
  if (pieces.length === 0) return <Note tone="good">Nothing to do. {programme.wouldChange.slice(0, 3).join(' ')}</Note>;
  const line = (step: Programme['steps'][number], number: number) => (
    <Step key={step.id} step={step} number={number} itemId={programme.itemId} dose={dose} newly={newly.get(step.id) ?? []} />
  );
  return (
    <>
      <ol>
        {pieces.map((piece, n) => {
          const [first] = piece;
          if (!first) return null;
          return piece.length > 1 ? (
            <Ready key={first.id} steps={piece} number={n + 1} ticked={ticked} onTick={onTick} />
          ) : (
            line(first, n + 1)
          );
        })}
      </ol>
      {later.length > 0 && (
        <Disclosure title={`Only if a check fails: ${later.map((s) => s.title.toLowerCase()).join('; ')}`}>
          <ol>{later.map((step, n) => line(step, pieces.length + n + 1))}</ol>
        </Disclosure>
      )}
    </>
  );
}
