import { doseBench, doseFrom, DOSE_FIELDS } from '../../core/bench';
import type { Kit } from '../../core/gear';
import { SUPPLY_WORDS } from '../../core/words';
import { doseWorking } from '../../core/words/dose';
import { Note, Quiet } from '../../ui/basics';
import { Said } from '../../ui/said';
import { Instrument, useInputs, type GiveBack } from './Instrument';
import { Figures, num, Sum } from './parts';

/** How much cleaner, with the sum. */
export function DoseBench({ kit }: { kit: Kit }) {
  const inputs = useInputs(kit, doseFrom);
  const { read, answer } = doseBench(inputs.get);
  const { item, plan } = inputs;
  const cleaner = read.values?.cleaner;
  const uses = plan?.steps.some((s) => s.settings.cleaner === cleaner && s.settings.doseMl !== undefined) ?? false;
  const giveBack: GiveBack | null =
    item && answer && cleaner && uses
      ? {
          label: `Use ${answer.dose.ml} mL in its programme`,
          next: { ...item, own: { ...item.own, dosesMl: { ...item.own?.dosesMl, [cleaner]: answer.dose.ml } } },
        }
      : null;
  const m = answer?.measures;
  const said =
    answer && cleaner
      ? `${answer.dose.basis === 'guess' ? 'About ' : ''}${answer.dose.ml} mL of ${SUPPLY_WORDS[cleaner]}${m?.caps ? `, ${num(m.caps)} of this bottle’s caps` : ''}.`
      : null;
  return (
    <Instrument
      fields={DOSE_FIELDS}
      main={['cleaner', 'label', 'load']}
      read={read}
      inputs={inputs}
      kit={kit}
      answer={said}
      giveBack={giveBack}
      why={cleaner ? `Its programme takes no measured ${SUPPLY_WORDS[cleaner]}.` : ''}
    >
      {answer && m && (
        <>
          <Sum>
            <Said>{doseWorking(answer.dose)}</Said>
          </Sum>
          {answer.dose.basis === 'guess' && (
            <Note tone="alarm">
              A guess: no label dose is written. Concentrates differ three- to five-fold, so read the bottle. More cleaner is not
              cleaner; it is more rinsing.
            </Note>
          )}
          {answer.dose.basis === 'label' && <Note>The bottle gives one exact dose, so load, soil and water do not move it.</Note>}
          <Figures
            lines={[
              ['US fluid ounces', `${num(m.usFlOz)} fl oz`],
              ['Caps', m.caps === null ? 'the cap was not measured' : String(num(m.caps))],
              ['Washes left in the bottle', String(m.washes ?? 'not known')],
              [
                'This wash costs',
                m.cost === null ? 'not known' : `${m.cost.amount.toFixed(2)} ${kit.preferences?.currency ?? ''}`,
              ],
            ]}
          />
          <Quiet>
            Label doses are the label’s own; the factors and the guessed ranges are from memory. Hardness classes: USGS.
          </Quiet>
        </>
      )}
    </Instrument>
  );
}
