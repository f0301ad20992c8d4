import type { PlannedStep, Washed } from './state';

/** Lists the user's own figures that a limit kept out of the plan, each with its rule. */
export function refuseOwn(state: Washed, steps: readonly PlannedStep[]): void {
  const { own } = state.request.item;
  if (!own) return;
  const refuse = (option: string, rule: string): void => void state.refusals.push({ option, rule });
  if (steps.some(({ settings: s }) => s.cleaner && s.doseMl !== undefined && (own.dosesMl?.[s.cleaner] ?? s.doseMl) !== s.doseMl))
    refuse('own-dose', 'own-dose-refused');
  const washing = state.facts.has('aim:wash');
  const least = state.family.minRinses;
  if (
    washing &&
    state.method === 'machine' &&
    own.drumRinses !== undefined &&
    own.drumRinses < Math.max(least, state.cycleRinses)
  )
    refuse('own-rinses', 'own-rinses-refused');
  if (washing && (state.method === 'tub' || state.method === 'hand') && own.bathRinses !== undefined && own.bathRinses < least)
    refuse('own-rinses', 'own-rinses-refused');
  if (washing && own.tempC !== undefined && own.tempC > state.tempC) refuse('own-temp', 'own-temp-refused');
}
