import { DRUM_RINSE_L, linesOf, priced, worthOf, type WorkOn } from '../energy/takes';
import { DRYER_KINDS, type Kit, type Took } from '../gear';
import { KNOWLEDGE } from '../knowledge';
import { inForce } from './events';
import type { Run } from './state';

const round = (x: number, digits: number): number => Math.round(x * 10 ** digits) / 10 ** digits;

/**
 * Energy, water and money that a run took: every step as often as it was carried through and as long as it really ran, with what was really
 * used. Water that a drying drove off counts once a wash.
 */
export function tookOf(run: Run, kit: Pick<Kit, 'equipment' | 'supplies' | 'preferences'>): Took {
  const prices = kit.preferences?.prices ?? {};
  const { equipment = {}, supplies = [] } = kit;
  const events = inForce(run.events);
  const wash = run.programme.steps.find((s) => s.phase === 'wash');
  const washes = wash ? (run.steps[wash.id]?.times ?? 0) : 0;
  const lines = run.programme.steps.flatMap((step) => {
    const state = run.steps[step.id];
    if (!state || state.times + state.spells.length + state.before.length === 0) return [];
    const { cleaner: _c, proofer: _p, ...planned } = step.settings;
    const filled = events.findLast((e) => e.type === 'filled' && e.stepId === step.id);
    const settings = filled?.type === 'filled' ? { ...planned, litresPerFill: filled.litres } : planned;
    const washer = equipment.washers?.find((w) => w.id === settings.washerId);
    const cycle = washer?.cycles?.find((c) => c.name === settings.cycle);
    const model = settings.dryModel;
    const spells = [...state.before, ...state.spells];
    const on: WorkOn = {
      equipment,
      supplies,
      fillL: cycle?.litres ? cycle.litres / ((settings.rinses ?? 0) + 1) : DRUM_RINSE_L,
      bathL: settings.litresPerFill ?? settings.rinseModel?.freshL ?? 0,
      waterKg: model ? (model.dryG / 1000) * model.heldKgPerKg * Math.max(1, washes) : 0,
      dryer: equipment.dryers?.find((d) => d.id === settings.dryerId)?.kind ?? DRYER_KINDS[0],
      cycleMinutes: cycle?.minutes ?? KNOWLEDGE.settings.cycleMinutes.gentle,
    };
    // A drying is one however many rounds it had; everything else is done anew each time.
    const drying = step.phase === 'dry' || model !== undefined;
    const ran = spells.reduce((sum, m) => sum + m, 0);
    const times = drying ? 1 : Math.max(1, state.times);
    const each = {
      do: step.do,
      settings,
      attendedMin: step.attendedMin,
      unattendedMin: spells.length > 0 ? (drying ? ran : ran / times) : step.unattendedMin,
    };
    return Array.from({ length: times }, () => linesOf(each, on)).flat();
  });
  let money = 0;
  let unpriced = false;
  const cost = (of: number | null): void => {
    money += of ?? 0;
    unpriced ||= of === null;
  };
  for (const line of lines) cost(priced(line, prices));
  for (const e of events)
    if (e.type === 'used')
      cost(
        worthOf(
          supplies.find((s) => s.id === e.supplyId),
          e.ml,
        ),
      );
  return {
    kWh: round(
      lines.reduce((sum, l) => sum + l.kWh, 0),
      2,
    ),
    litres: round(
      lines.reduce((sum, l) => sum + l.litres, 0),
      0,
    ),
    ...(money > 0 ? { money: round(money, 2) } : {}),
    ...(unpriced ? { unpriced: true } : {}),
  };
}
