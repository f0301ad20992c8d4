import type { Reach, Reached } from '../core/energy/choice';
import type { Kit } from '../core/gear';
import type { ProgrammeOutline } from '../core/outline';
import type { UsualCare } from '../core/season';
import type { KitTexts } from './kitTexts';

/** Outlines as they are made, by item id, and how far the work is. */
export type OnPiece = (piece: Readonly<Record<string, ProgrammeOutline>>, done: number, of: number) => void;
/** `stopped`: the user stopped it, or a newer job overtook it; what was done until then has been handed over. */
export type PlanningEnd = 'done' | 'stopped';

/** What the planning worker can be asked. A newer job of a kind stops the older one. */
export interface PlannerApi {
  /**
   * Outlines of the programmes of every item of a kit, in order, in pieces: one large answer would stop the page. What did not change is not
   * planned anew. What was left out when planning was stopped stays left out until it is asked for with `again`.
   */
  planAll(kit: KitTexts, onPiece: OnPiece, again?: boolean): Promise<PlanningEnd>;
  /** Which items' programmes rest on which entries of the handbook: entry id → item ids. */
  whoUses(kit: Kit): Promise<Readonly<Record<string, readonly string[]>>>;
  /** What one option of a question would change in the other things of a kit. */
  reach(kit: Kit, itemId: string, school: string, option: string, reach: Reach): Promise<readonly Reached[]>;
  /** What each thing takes the next time it is washed, soiled as it usually is by then; those that no wash is for are left out. */
  usual(kit: Kit): Promise<Readonly<Record<string, UsualCare>>>;
  /** Stops planning, by hand; what is under way returns what it has, the rest waits to be asked for. */
  stop(): Promise<void>;
}
