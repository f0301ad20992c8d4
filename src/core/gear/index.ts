/**
 * What things are: the vocabulary and the record types of a kit. The classes in `formats/kit` are their one declaration; here they are
 * plain types, so that the engine never depends on a validator. Refuses: any decision.
 */
export * from './vocabulary';
export type {
  AttributesDoc as Attributes,
  CareLabelDoc as CareLabel,
  ComponentDoc as Component,
  FillMapDoc as FillMap,
  ItemDoc as Item,
  LearnedDoc as Learned,
  OwnFiguresDoc as OwnFigures,
  MakerNoteDoc as MakerNote,
} from '../formats/kit/item';
export type { DamageDoc as DamageSeen, InspectionDoc as Inspection, StainDoc as Stain } from '../formats/kit/inspection';
export type {
  CycleDoc as Cycle,
  DryerDoc as Dryer,
  EquipmentDoc as Equipment,
  IronDoc as Iron,
  RackDoc as Rack,
  RoomDoc as Room,
  StandingDoc as Standing,
  SupplyDoc as Supply,
  WasherDoc as Washer,
} from '../formats/kit/equipment';
export type { KitDoc as Kit, WeighInDoc as WeighIn } from '../formats/kit/kit';
export type { LogEntryDoc as LogEntry, DoneStepDoc as DoneStep, RinseSeenDoc as RinseSeen } from '../formats/kit/log';
export type { PreferencesDoc as Preferences, PricesDoc as Prices, ThresholdsDoc as Thresholds } from '../formats/kit/preferences';
