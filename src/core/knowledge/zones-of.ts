import type { DropletZone, Kind } from '../gear';
import type { Knowledge, ZoneRow } from './types';

const rowOf = (kind: Kind, { zones }: Pick<Knowledge, 'zones'>): ZoneRow | undefined =>
  zones.find((row) => row.kinds?.includes(kind)) ?? zones.find((row) => !row.kinds);

/** The zones of a kind that drops are tried on, in the order a hand goes over it. */
export const zonesOf = (kind: Kind, knowledge: Pick<Knowledge, 'zones'>): readonly DropletZone[] =>
  rowOf(kind, knowledge)?.zones ?? [];
/** Those that rain, straps, kneeling and sitting reach first. */
export const exposedZones = (kind: Kind, knowledge: Pick<Knowledge, 'zones'>): readonly DropletZone[] =>
  rowOf(kind, knowledge)?.exposed ?? [];
/** How a sprayed finish is spread over a kind: shares, where more of it goes, and what is forgotten. */
export const sprayRowOf = (kind: Kind, knowledge: Pick<Knowledge, 'zones'>): ZoneRow | undefined => rowOf(kind, knowledge);
