import type { Node } from '../src/core/washday/shapes';
import type { Problem } from '../src/core/washday/place';

/* A day's schedule as an integer programme over the five-minute grid, written down apart from ours, for a solver from the registry. */
type Gap = readonly [number, number] | null;

/** The same day as an integer programme: x_i_t = piece i begins at slot t. */
export function asProgramme(
  problem: Problem,
  { slots, quiet, away, people }: { slots: number; quiet: Gap; away: Gap; people: number },
): string {
  const { nodes, links } = problem;
  const may = nodes.map((node) =>
    Array.from({ length: slots - node.slots }, (_, t) => t).filter((t) => {
      const end = t + node.slots;
      if (node.noisy && quiet && t < quiet[1] && quiet[0] < end) return false;
      return node.stretches.every((s) => !away || t + s.at >= away[1] || t + s.at + s.slots <= away[0]);
    }),
  );
  const rows: string[] = [];
  const start = (i: number, sign: string): string => (may[i] ?? []).map((t) => `${sign} ${t} x_${i}_${t}`).join(' ');
  nodes.forEach((node, i) => {
    rows.push(` one_${i}: ${(may[i] ?? []).map((t) => `x_${i}_${t}`).join(' + ')} = 1`);
    rows.push(` end_${i}: z ${start(i, '-')} >= ${node.slots}`);
  });
  links.forEach(({ from, to, most }, k) => {
    const slots = nodes[from]?.slots ?? 0;
    rows.push(` after_${k}: ${start(to, '+')} ${start(from, '-')} >= ${slots}`);
    if (most !== undefined) rows.push(` soon_${k}: ${start(to, '+')} ${start(from, '-')} <= ${slots + most}`);
  });
  const limit = (name: string, most: number, uses: (node: Node, offset: number) => number): void => {
    for (let t = 0; t < slots; t++) {
      const terms = nodes.flatMap((node, i) =>
        (may[i] ?? []).flatMap((s) => {
          const use = t >= s && t < s + node.slots ? uses(node, t - s) : 0;
          return use > 0 ? [`${use} x_${i}_${s}`] : [];
        }),
      );
      if (terms.length > 0) rows.push(` ${name}_${t}: ${terms.join(' + ')} <= ${most}`);
    }
  };
  for (const machine of new Set(nodes.filter((n) => n.noisy).map((n) => n.on)))
    limit(machine, 1, (node) => (node.on === machine ? 1 : 0));
  limit('line', 3, (node) => node.metres ?? 0);
  limit('hands', people, (node, offset) => node.stretches.filter((s) => offset >= s.at && offset < s.at + s.slots).length);
  const names = nodes.flatMap((_, i) => (may[i] ?? []).map((t) => `x_${i}_${t}`));
  return `Minimize\n obj: z\nSubject To\n${rows.join('\n')}\nBinary\n ${names.join(' ')}\nEnd`;
}
