import { minutesOf, type Programme, type ProgrammeStep } from '../document';
import { minutesText } from '../units';
import { HEAT_WORDS, SUPPLY_WORDS } from '../words';
import { capsText } from '../words/dose';
import { uncapital } from '../words/text';

/** What is wanted first of a programme, in one figure each. */
export interface Glance {
  readonly id: 'cleaner' | 'water' | 'rinses' | 'spray' | 'dry' | 'warm' | 'hands';
  readonly label: string;
  readonly value: string;
  /** What the figure is of. */
  readonly more: string;
  /** The step that it stands in, for its reasons; null for what is of all of them. */
  readonly step: ProgrammeStep | null;
}

const isWash = (step: ProgrammeStep): boolean => step.phase === 'wash' && step.do !== 'spot-clean';
const waited = (step: ProgrammeStep): number => step.attendedMin + step.unattendedMin;

/**
 * Cleaner and dose, water, rinses, drying, hands; only those that the programme has. Empty when nothing of it is washed, dried or warmed.
 */
export function glanceOf(programme: Pick<Programme, 'steps'>): Glance[] {
  const steps = programme.steps.filter((s) => s.when === 'always');
  const out: Glance[] = [];
  const wash = steps.find((s) => isWash(s) && (s.settings.tempC !== undefined || s.settings.cleaner !== undefined));
  if (wash) {
    const { cleaner, doseMl, caps, tempC, cycle } = wash.settings;
    const ml = doseMl === undefined ? 'a little' : `${doseMl} mL`;
    out.push(
      cleaner
        ? {
            id: 'cleaner',
            label: 'Cleaner',
            value: ml,
            more: [SUPPLY_WORDS[cleaner], caps ? capsText(caps) : ''].filter(Boolean).join(', '),
            step: wash,
          }
        : { id: 'cleaner', label: 'Cleaner', value: 'none', more: 'water only', step: wash },
    );
    if (tempC !== undefined)
      out.push({
        id: 'water',
        label: 'Water',
        value: `${tempC} °C`,
        more: cycle ? `on “${cycle}”` : wash.do === 'machine-wash' ? 'in the machine' : 'by hand',
        step: wash,
      });
  }
  const rinsing = steps.filter((s) => s.settings.rinses !== undefined && s.settings.rinses > 0);
  const rinses = rinsing.reduce((sum, s) => sum + (s.settings.rinses ?? 0), 0);
  if (rinses > 0)
    out.push({
      id: 'rinses',
      label: 'Rinses',
      value: String(rinses),
      more: rinsing.some((s) => s.check) ? 'at least, until clear' : 'in all',
      step: rinsing.at(-1) ?? null,
    });
  const renewing = steps.find((s) => s.settings.proofer !== undefined && s.settings.prooferMl !== undefined);
  if (renewing?.settings.proofer && renewing.settings.prooferMl !== undefined) {
    const { proofer, prooferMl } = renewing.settings;
    out.push({
      id: 'spray',
      label: proofer === 'spray-proofer' ? 'Spray' : 'New finish',
      value: `${prooferMl} mL`,
      more: SUPPLY_WORDS[proofer],
      step: renewing,
    });
  }
  const drying = steps.filter((s) => s.phase === 'dry' && s.unattendedMin > 0);
  const longest = drying.reduce<ProgrammeStep | null>((a, b) => (a && waited(a) >= waited(b) ? a : b), null);
  if (longest)
    out.push({
      id: 'dry',
      label: 'Drying',
      value: minutesText(drying.reduce((sum, s) => sum + waited(s), 0)),
      more: uncapital(longest.title),
      step: longest,
    });
  const warm = steps.find((s) => s.phase !== 'dry' && s.settings.heat !== undefined);
  if (!longest && warm?.settings.heat)
    out.push({
      id: 'warm',
      label: 'Dryer',
      value: HEAT_WORDS[warm.settings.heat],
      more: minutesText(warm.unattendedMin || warm.attendedMin),
      step: warm,
    });
  if (out.length === 0) return [];
  const { all, hands } = minutesOf(steps);
  return [
    ...out,
    { id: 'hands', label: 'Your hands', value: minutesText(hands), more: `of ${minutesText(all)} in all`, step: null },
  ];
}
