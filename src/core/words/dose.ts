import type { Dose } from '../dosing';

const n = (x: number): string => String(Math.round(x * 100) / 100);

/** The sum behind a dose, with the numbers in it. */
export function doseWorking({ ml, baseMl, factors, freeMl, rangeMl, basis, capped }: Dose): string {
  if (basis === 'label') return `${n(baseMl)} mL on the label = ${n(ml)} mL${capped ? ', held at our ceiling' : ''}`;
  if (basis === 'own') return `${n(ml)} mL, your own figure`;
  const { load, soil, hardness, machine } = factors;
  const sum = `${n(baseMl)} mL × ${n(load)} load × ${n(soil)} soil × ${n(hardness)} hardness × ${n(machine)} machine = ${n(freeMl)} mL`;
  const [low, high] = rangeMl;
  const range = `${basis === 'guess' ? 'the usual' : 'the label’s'} ${n(low)} to ${n(high)} mL`;
  const moved = freeMl < low || freeMl > high;
  return `${sum}, ${moved ? 'brought into' : 'inside'} ${range}${capped ? ', held at our ceiling' : ''} → ${n(ml)} mL`;
}
