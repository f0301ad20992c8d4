/**
 * A pair, surface by surface: its panels, what a mark on one is, its ladder there with the tool, the strokes and the guard of its neighbours, and
 * where the work on it stands. Refuses: which rungs there are (knowledge), sentences (telling), drawing.
 */
import { componentAt } from '../facts';
import {
  latestInspection,
  type Component,
  type Did,
  type Inspection,
  type Item,
  type Kit,
  type Side,
  type Stain,
  type SupplyClass,
  seenAnew,
} from '../gear';
import {
  agentOf,
  cautionsAt,
  DEEP_MARK,
  DEEP_ON_CANVAS,
  EDGES,
  isShoe,
  MARK_TESTS,
  PANELS,
  RUBBER_SURFACES,
  RUNGS,
  surfaceOf,
  toolFor,
  type CautionId,
  type MarkTestId,
  type PanelId,
  type RungId,
  type RungRecord,
  type Surface,
  type Tool,
} from '../knowledge';
import { sameMark, type Climb, type Climbed } from '../marks';
import { dropOf, plan } from '../programme';

/** One piece of the outline that is worked on in one way. */
export interface Panel {
  readonly id: PanelId;
  readonly sides: readonly Side[];
  readonly component: Component;
  readonly surface: Surface;
  /** What a mark on it says of its place. */
  readonly place: string;
}
const SIDE_PARTS: readonly string[] = PANELS.find((p) => 'second' in p)?.parts ?? [];
/** Materials by the word that a place says of them. */
const MATERIAL_PLACES: Partial<Record<Component['material'], string>> = {
  'cotton-canvas': 'canvas',
  'polyester-mesh': 'mesh',
  'elastane-mesh': 'mesh',
};
/** The panels that a pair of shoes or boots has, by its parts; none for other things. */
export function panelsOf(item: Pick<Item, 'kind' | 'components'>): Panel[] {
  if (!isShoe(item.kind)) return [];
  const outside = item.components.filter(
    (c) => SIDE_PARTS.includes(c.part) && !RUBBER_SURFACES.has(surfaceOf(c.part, c.material, item.kind)),
  );
  return PANELS.flatMap((record): Panel[] => {
    const { id, sides, place } = record;
    const parts: readonly string[] = record.parts;
    const on = (c: Component): Surface => surfaceOf(c.part, c.material, item.kind);
    const made = parts.flatMap((part) => item.components.filter((c) => c.part === part));
    const soft = made.filter((c) => !RUBBER_SURFACES.has(on(c)));
    // A cap is of rubber; other trim lies beside the upper.
    const component = 'second' in record ? soft[1] : id === 'toe' ? made.find((c) => !soft.includes(c)) : made[0];
    if (!component) return [];
    const beside = place === 'side' && outside.length > 1;
    return [
      {
        id,
        sides,
        component,
        surface: on(component),
        place: beside ? `${MATERIAL_PLACES[component.material] ?? component.material} ${place}` : place,
      },
    ];
  });
}
/** The panel that a mark lies on: the one it was pinned to, else the first of its part. */
export function panelOf(item: Item, mark: Stain, panels = panelsOf(item)): Panel | null {
  const at = componentAt(item, mark);
  const fits = panels.filter((p) => p.component.part === at?.part && p.component.material === at.material);
  const here = mark.spot ? fits.filter((p) => p.sides.includes(mark.spot?.side as Side)) : fits;
  return here.find((p) => p.place === mark.place) ?? here[0] ?? fits[0] ?? null;
}

/** What a mark is, by what was seen and tried: a mark with its soil, or damage that no cleaning brings back. Null = nothing was answered. */
export type WhatItIs = { readonly soil: Stain['soil'] } | { readonly damage: 'crack' };
/** What a mark is likely to be, by what was tried on it and where it lies. */
export function whatIsIt(
  answers: Readonly<Partial<Record<MarkTestId, boolean>>>,
  panel: Pick<Panel, 'component' | 'surface'>,
): WhatItIs | null {
  for (const test of MARK_TESTS) if (answers[test.id]) return 'soil' in test ? { soil: test.soil } : { damage: test.damage };
  const all = MARK_TESTS.every(({ id }) => answers[id] === false);
  if (!all) return null;
  return { soil: panel.component.material === 'cotton-canvas' && panel.surface === 'cloth' ? DEEP_ON_CANVAS : DEEP_MARK };
}

/** A neighbour that a rung may not touch. */
export interface Guard {
  readonly component: Component;
  /** Taped over, where what is used would mark it at once; else kept dry. */
  readonly tape: boolean;
}
/** Everything that a hand needs at one rung. */
export interface RungAt extends Climbed {
  readonly on: Surface;
  readonly tool: Tool | null;
  readonly strokes: RungRecord['strokes'] | null;
  readonly end: RungRecord['end'] | null;
  readonly agent: SupplyClass | 'warm-water' | null;
  readonly amount: number | null;
  readonly cautions: readonly CautionId[];
  readonly guards: readonly Guard[];
}
const same = (a: Component, b: Component): boolean => a.part === b.part && a.material === b.material;
function guardsOf(rung: RungId, panel: Panel, panels: readonly Panel[]): Guard[] {
  const { agent, on, test, end }: RungRecord = RUNGS[rung];
  if ((agent === null && end === undefined) || test === 'never') return [];
  const beside = EDGES.flatMap((edge): PanelId[] => {
    const [a, b]: readonly PanelId[] = edge;
    return a === panel.id ? [b as PanelId] : b === panel.id ? [a as PanelId] : [];
  });
  const guards: Guard[] = [];
  for (const { id, component, surface } of panels)
    if (beside.includes(id) && on && !on.includes(surface) && !guards.some((g) => same(g.component, component)))
      guards.push({ component, tape: test === 'always' });
  return guards;
}
/** Products that have no business on a surface, whatever the mark. */
export const keptFrom = (on: Surface): SupplyClass[] => {
  const all = Object.values(RUNGS) as readonly RungRecord[];
  const agents = [...new Set(all.flatMap(({ agent }) => (agent === null || agent === 'the cleaner' ? [] : [agent])))];
  return agents.filter((agent) => all.every((r) => r.agent !== agent || (r.on !== undefined && !r.on.includes(on))));
};

/** A mark on its panel, and where the work on it stands. */
export interface MarkAt {
  readonly stain: Stain;
  readonly panel: Panel | null;
  readonly surface: Surface;
  readonly end: Climb['end'];
  readonly rungs: readonly RungAt[];
  readonly next: RungAt | null;
}
function marksAt(kit: Kit, item: Item, seen: Inspection): MarkAt[] {
  const made = plan({ item, inspection: seen, kit });
  const panels = panelsOf(item);
  return made.marks.map(({ stain, surface, climb }) => {
    const panel = panelOf(item, stain, panels);
    const rungs = climb.rungs.map((r): RungAt => {
      const record: RungRecord = RUNGS[r.rung];
      return {
        ...r,
        on: surface,
        tool: toolFor(r.rung, surface),
        strokes: record.strokes ?? null,
        end: record.end ?? null,
        agent: agentOf(r.rung, dropOf(made)),
        amount: record.amount ?? null,
        cautions: cautionsAt(r.rung, stain.soil),
        guards: panel ? guardsOf(r.rung, panel, panels) : [],
      };
    });
    return { stain, panel, surface, end: climb.end, rungs, next: rungs.find((r) => r.state === 'next') ?? null };
  });
}
/** A pair as it was last seen: its panels, and every mark in the order in which it was written down. */
export interface Surfaces {
  readonly panels: readonly Panel[];
  readonly seen: Inspection | null;
  readonly marks: readonly MarkAt[];
  /** Marks that a rung took off. */
  readonly gone: readonly { readonly soil: Stain['soil']; readonly place?: string; readonly rung: string; readonly at: string }[];
}
/** A pair panel by panel: its marks as the newest look has them, what was tried on each, and what is off. */
export function surfacesOf(kit: Kit, item: Item): Surfaces {
  const seen = latestInspection(kit.inspections, item.id);
  const stains = seen?.stains ?? [];
  const made = seen ? marksAt(kit, item, seen) : [];
  const order = (m: MarkAt): number => stains.indexOf(m.stain);
  const gone = (kit.log ?? []).flatMap((e) =>
    e.type === 'treatment' && e.itemId === item.id && e.result === 'gone' && !stains.some((s) => sameMark(s, e))
      ? [{ soil: e.soil, rung: e.rung, at: e.at, ...(e.place === undefined ? {} : { place: e.place }) }]
      : [],
  );
  return { panels: panelsOf(item), seen, marks: made.sort((a, b) => order(a) - order(b)), gone };
}
/** The ladder of a mark of unknown kind on a panel: what may be done there at all. */
export function ladderOfPanel(kit: Kit, item: Item, panel: Panel): MarkAt | null {
  const seen = latestInspection(kit.inspections, item.id) ?? { id: 'panel', itemId: item.id, at: '1970-01-01T00:00:00Z' };
  const stain: Stain = { soil: 'unknown', place: panel.place, part: panel.component.part };
  return marksAt(kit, item, { ...seen, stains: [stain] })[0] ?? null;
}

/**
 * The look of a thing with its marks changed: what else was seen stands as it was, with the day it is from.
 * @param id of the new look. @param at its instant, ISO 8601.
 */
export function withMarks(
  seen: Inspection | null,
  itemId: string,
  stains: Stain[],
  damage: Inspection['damage'],
  id: string,
  at: string,
): Inspection {
  return seenAnew(seen, { id, itemId, at, stains, ...(damage === undefined ? {} : { damage }) });
}
/** The marks after a rung: one that is gone is left out, one that was worked on has shown that it is set. */
export const marksAfter = (stains: readonly Stain[], mark: Stain, did: Did): Stain[] =>
  stains.flatMap((s) => (s !== mark && !sameMark(s, mark) ? [s] : did === 'gone' ? [] : [{ ...s, set: true }]));
