import { dilutionBench, DILUTION_FIELDS, DILUTION_SHOWS, type DilutionAnswer, type DilutionMode } from '../../core/bench';
import { SUBSTANCE_OF } from '../../core/dilution';
import type { Kit, SupplyClass } from '../../core/gear';
import type { Plan } from '../../core/programme';
import { ML_PER_US_FL_OZ } from '../../core/units';
import { basisText, SUPPLY_WORDS } from '../../core/words';
import { HAZARD_WORDS, SUBSTANCE_WORDS } from '../../core/words/hazards';
import type { HazardId } from '../../core/knowledge/hazards';
import { Note, Quiet } from '../../ui/basics';
import { Instrument, useInputs, type GiveBack } from './Instrument';
import { Figures, num, Sum } from './parts';

/** The measured supply of a plan that such a mixture would stand for, or null. */
function takenBy(plan: Plan | undefined, answer: DilutionAnswer): SupplyClass | null {
  const measured = (plan?.steps ?? []).flatMap((s) =>
    s.settings.cleaner && s.settings.doseMl !== undefined ? [s.settings.cleaner] : [],
  );
  return measured.find((cls) => (SUBSTANCE_OF[cls] ?? 'other') === answer.substance) ?? null;
}
const from = (made: Plan): Readonly<Record<string, string>> => {
  const litres = made.steps.find((s) => s.settings.litresPerFill !== undefined)?.settings.litresPerFill;
  const strength = made.bottle?.concentrationPercent;
  return {
    ...(strength ? { strong: String(strength) } : {}),
    ...(litres ? { litres: String(litres), total: String(litres * 1000) } : {}),
  };
};

function sentence(a: DilutionAnswer): string {
  if (a.stockMl === null) return `The bath holds ${num(a.toPercent)} % peroxide.`;
  if (a.mode === 'volume')
    return `${num(a.fromPercent)} % in the bottle: ${num(a.stockMl)} mL of it and ${num(a.waterMl ?? 0)} mL of water.`;
  return `${num(a.stockMl)} mL from the bottle and ${num(a.waterMl ?? 0)} mL of water.`;
}

/** Strengths, parts, spray bottles, “volume” and oxygen baths, with what they can do to people. */
export function DilutionBench({ kit }: { kit: Kit }) {
  const inputs = useInputs(kit, from);
  const { read, answer } = dilutionBench(inputs.get);
  const mode = (read.values?.mode ?? inputs.get('mode') ?? 'strength') as DilutionMode;
  const cls = answer && takenBy(inputs.plan, answer);
  const ml = answer?.stockMl === undefined || answer.stockMl === null ? null : Math.round(answer.stockMl);
  const giveBack: GiveBack | null =
    inputs.item && cls && ml
      ? {
          label: `Use ${ml} mL of ${SUPPLY_WORDS[cls]} in its programme`,
          next: { ...inputs.item, own: { ...inputs.item.own, dosesMl: { ...inputs.item.own?.dosesMl, [cls]: ml } } },
        }
      : null;
  const hazards = answer ? [...answer.hazardsTo, ...answer.hazardsFrom.filter((h) => !answer.hazardsTo.includes(h))] : [];
  const v = read.values;
  return (
    <Instrument
      fields={DILUTION_FIELDS}
      shows={['mode', ...(DILUTION_SHOWS[mode] ?? DILUTION_SHOWS.strength)]}
      read={read}
      inputs={inputs}
      kit={kit}
      answer={answer && sentence(answer)}
      giveBack={giveBack}
      why={answer ? `Its programme takes no measured ${SUBSTANCE_WORDS[answer.substance]}.` : ''}
    >
      {answer && v && (
        <>
          <Sum>
            {answer.mode === 'oxygen'
              ? `${num(v.grams)} g × ${num(v.share)} % percarbonate × 32.5 % peroxide in it ÷ ${num(v.litres)} L = ${num(answer.toPercent)} % w/v`
              : `${num(answer.toPercent)} % × ${num(v.total)} mL ÷ ${num(answer.fromPercent)} % = ${num(answer.stockMl ?? 0)} mL`}
          </Sum>
          {hazards.map((hazard) => (
            <Note key={hazard.id} tone="alarm">
              <strong>{answer.hazardsTo.includes(hazard) ? 'Mixed' : 'In the bottle'}:</strong>{' '}
              {HAZARD_WORDS[hazard.id as HazardId]} <Quiet>{basisText(hazard.basis, hazard.source)}</Quiet>
            </Note>
          ))}
          <Figures
            lines={[
              ...(answer.stockMl === null
                ? []
                : ([
                    ['From the bottle, US fluid ounces', `${num(answer.stockMl / ML_PER_US_FL_OZ)} fl oz`],
                    ['One part to', `${num((answer.waterMl ?? 0) / answer.stockMl)} of water`],
                  ] as const)),
              ['Strength of it, mixed', `${num(answer.toPercent)} %`],
              answer.toVolume === null ? null : ['The same as “volume”', `${num(answer.toVolume)} vol`],
            ]}
          />
          <Note>
            Water first, then the strong one. Never into a bottle that held something else: write on it what is in it. The
            product’s own label comes first.
          </Note>
        </>
      )}
    </Instrument>
  );
}
