import { lazy, Suspense } from 'react';
import { rinseBench, rinseFrom, RINSE_FIELDS } from '../../core/bench';
import type { Item, Kit } from '../../core/gear';
import { Note, Quiet } from '../../ui/basics';
import { Instrument, useInputs, type GiveBack } from './Instrument';
import { Figures, num, Sum } from './parts';

const RinseChart = lazy(async () => ({ default: (await import('./RinseChart')).RinseChart }));
const percent = (share: number): string => `${num(share * 100)} %`;

/** How many rinses, as a curve, and what a count that was seen teaches. */
export function RinseBench({ kit }: { kit: Kit }) {
  const inputs = useInputs(kit, rinseFrom);
  const { read, answer } = rinseBench(inputs.get);
  const { item, plan } = inputs;
  const by = answer?.input.by;
  const rinsed = plan?.rinse?.by === by && plan?.facts.has('aim:wash');
  const next = (thing: Item): Item => {
    if (!answer) return thing;
    if (answer.learned !== null)
      return {
        ...thing,
        learned: {
          ...thing.learned,
          [by === 'hand' ? 'handRelease' : 'drumRelease']: answer.learned,
          rinseRuns: (thing.learned?.rinseRuns ?? 0) + 1,
        },
      };
    return { ...thing, own: { ...thing.own, [by === 'hand' ? 'bathRinses' : 'drumRinses']: Math.min(20, answer.count.fills) } };
  };
  const giveBack: GiveBack | null =
    item && answer && rinsed && answer.count.status === 'clear'
      ? {
          label: answer.learned === null ? `Use ${answer.count.fills} rinses in its programme` : 'Let it learn from this',
          next: next(item),
        }
      : null;
  const said =
    answer === null
      ? null
      : answer.count.status === 'never'
        ? `Not clear after ${answer.count.fills}: ${percent(answer.count.left)} would still be there.`
        : `Clear after ${answer.count.fills === 1 ? 'one rinse' : `${answer.count.fills} rinses`}.`;
  return (
    <Instrument
      fields={RINSE_FIELDS}
      main={['by', 'mass', 'fresh']}
      read={read}
      inputs={inputs}
      kit={kit}
      answer={said}
      giveBack={giveBack}
      why="Its programme as it stands has no such rinse."
    >
      {answer && (
        <>
          <div style={{ minHeight: 300 }}>
            <Suspense fallback={null}>
              <RinseChart curve={answer.curve} target={answer.target} />
            </Suspense>
          </div>
          <Sum>
            each rinse keeps {num(answer.input.dryKg)} kg × {num(answer.input.heldKgPerKg)} ÷ ({num(answer.input.dryKg)} kg ×{' '}
            {num(answer.input.heldKgPerKg)} + {num(answer.input.freshL)} L) ={' '}
            {percent(
              (answer.input.dryKg * answer.input.heldKgPerKg) /
                (answer.input.dryKg * answer.input.heldKgPerKg + answer.input.freshL),
            )}{' '}
            of what is loose
          </Sum>
          <Figures
            lines={[
              ['Of what clings, a rinse lets go', percent(answer.input.release ?? 0)],
              ['Ideal mixing alone would say', String(answer.ideal)],
            ]}
          />
          {answer.learned !== null && (
            <Note tone="good">That explains what you saw: a rinse lets go {percent(answer.learned)} of what clings.</Note>
          )}
          <Quiet>
            Mixed-tank dilution with a part that clings; its shares are from memory and reproduce common practice: a quilt pressed
            in a bath 4 to 5 fills, a front loader at low spin 2. Suds and clear water decide.
          </Quiet>
        </>
      )}
    </Instrument>
  );
}
