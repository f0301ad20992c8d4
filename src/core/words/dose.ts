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
/** "a quarter of a cap", "4½ caps". */
export function capsText(caps: number): string {
  const parts: readonly (readonly [number, string, string])[] = [
    [0.2, 'a fifth', ''],
    [0.25, 'a quarter', '¼'],
    [1 / 3, 'a third', '⅓'],
    [0.5, 'half', '½'],
    [0.75, 'three quarters', '¾'],
    [1, '', ''],
  ];
  const nearest = (x: number, most: readonly (typeof parts)[number][]): (typeof parts)[number] =>
    most.reduce((a, b) => (Math.abs(b[0] - x) < Math.abs(a[0] - x) ? b : a));
  if (caps < 0.9) return `about ${nearest(caps, parts.slice(0, 5))[1]} of its cap`;
  const whole = Math.floor(caps + 0.125);
  const left = caps - whole;
  const part = left < 0.125 ? '' : nearest(left, parts.slice(1, 5))[2];
  return `${whole}${part} ${whole === 1 && part === '' ? 'cap' : 'caps'}`;
}
