import 'reflect-metadata';
import {
  Const,
  Counts,
  Finite,
  Id,
  Instant,
  Maybe,
  Millis,
  Nested,
  NestedList,
  NotNegative,
  NotNegatives,
  OneOf,
  Points,
  Positive,
  Text,
  Texts,
  Whole,
} from './fields';
import { LIGHT_KINDS, type LightKind } from '../knowledge';
import { PREFERENCES, type Prefer } from '../washday/types';
import { type Fault } from './read-kit';
import { MAX_COPY_BYTES } from './limits';
import 'reflect-metadata';

/*
 * A whole copy of what a browser holds: a ZIP of a kit document, which other software reads as it is, of what belongs to this browser only, and
 * of the photographs. `manifest.json` says which files there are, how long each is, and its SHA-256, so that a copy that lost something says so.
 * Refuses: storing.
 */
export const COPY_FORMAT = 'umbrastic/copy';
/** A fault of a file within a copy, with the file before its path. */
export const under =
  (file: string) =>
  ({ path, message }: Fault): Fault => ({ path: path === '' ? file : `${file}: ${path}`, message });

class FileDoc {
  @Text(300) name!: string;
  @Whole(0, MAX_COPY_BYTES) bytes!: number;
  @Text(64) sha256!: string;
}
export class ManifestDoc {
  @Const(COPY_FORMAT) format!: string;
  @Whole(1, 1000) version!: number;
  @Instant() madeAt!: string;
  @NestedList(() => FileDoc) files!: FileDoc[];
}
class SpreadDoc {
  @Text(60) baffle!: string;
  @NotNegative() grams!: number;
  @NotNegative() sd!: number;
}
class MarksDoc {
  @Points() corners!: [number, number][];
}
class LightDoc {
  @Nested(() => MarksDoc) marks!: MarksDoc;
  @NestedList(() => SpreadDoc) spread!: SpreadDoc[];
}
class SpotDoc {
  @Text(40) id!: string;
  @Text(60) name!: string;
  @NotNegatives() at!: [number, number];
}
class ColourMarksDoc {
  @NestedList(() => SpotDoc) spots!: SpotDoc[];
  @Maybe() @Points() sheet?: [number, number][];
  @Maybe() @Points() corners?: [number, number][];
}
class LabDoc {
  @Finite() L!: number;
  @Finite() a!: number;
  @Finite() b!: number;
}
class LightDoubtDoc {
  @NotNegative() level!: number;
  @NotNegative() tint!: number;
}
class EstimateDoc {
  @Finite() value!: number;
  @NotNegative() sd!: number;
}
class ColourReadingDoc {
  @Text(40) id!: string;
  @Nested(() => LabDoc) lab!: LabDoc;
  @Nested(() => LabDoc) sd!: LabDoc;
  @Nested(() => LightDoubtDoc) light!: LightDoubtDoc;
  @Nested(() => EstimateDoc) yellow!: EstimateDoc;
}
class SessionDoc {
  @NotNegative() hours!: number;
  @OneOf(LIGHT_KINDS) light!: LightKind;
}
class ColourDoc {
  @Nested(() => ColourMarksDoc) marks!: ColourMarksDoc;
  @NestedList(() => ColourReadingDoc) readings!: ColourReadingDoc[];
  @Maybe() @Nested(() => SessionDoc) session?: SessionDoc;
}
class PhotoDoc {
  @Id() id!: string;
  @Id() itemId!: string;
  @Instant() at!: string;
  @Positive() width!: number;
  @Positive() height!: number;
  @Positive() bytes!: number;
  @Text(300) file!: string;
  @Text(60) type!: string;
  @Maybe() @Text(300) step?: string;
  @Maybe() @Nested(() => LightDoc) light?: LightDoc;
  @Maybe() @Nested(() => ColourDoc) colour?: ColourDoc;
}
class ReasonDoc {
  @Id() rule!: string;
  @Text() text!: string;
}
class SettingsDoc {}
class StepDoc {
  @Id() id!: string;
  @Id() key!: string;
  @Text(200) title!: string;
  @Text() text!: string;
  @Text(40) when!: string;
  @Text(40) phase!: string;
  @Text(60) do!: string;
  @NotNegative() attendedMin!: number;
  @NotNegative() unattendedMin!: number;
  @Nested(() => SettingsDoc) settings!: SettingsDoc;
  @NestedList(() => ReasonDoc) why!: ReasonDoc[];
  @Texts(4000) cautions!: string[];
}
class ProgrammeDoc {
  @NestedList(() => StepDoc) steps!: StepDoc[];
}
class EventDoc {
  @Text(40) type!: string;
  @Millis() at!: number;
  @Text(200) stepId!: string;
}
const STATES = ['live', 'finished', 'stopped', 'written', 'dropped'];
class RunDoc {
  @Id() id!: string;
  @Id() itemId!: string;
  @Text(300) itemName!: string;
  @Nested(() => ProgrammeDoc) programme!: ProgrammeDoc;
  @Millis() startedAtMs!: number;
  @OneOf(STATES) status!: string;
  @NestedList(() => EventDoc) events!: EventDoc[];
}
class DraftDoc {
  @Id() itemId!: string;
  @Text(60) card!: string;
}
class SheetDoc {
  @Text(300) key!: string;
}
class ViewDoc {
  @Id() id!: string;
  @Text(200) name!: string;
  @Text(2000) query!: string;
}
class PersonDoc {
  @Text(200) name!: string;
}
export class WishDoc {
  @Texts(200) items!: string[];
  @Instant() from!: string;
  @NestedList(() => PersonDoc) people!: PersonDoc[];
  @OneOf(PREFERENCES) prefer!: Prefer;
}
export class EveningDoc {
  @Text(20_000) of!: string;
  @Texts(400) moves!: string[];
}
class RegisterDoc {
  @Text(400) key!: string;
  @Counts() v!: Record<string, number>;
  @Millis() at!: number;
  @Maybe() @Millis() goneAt?: number;
}
export const ROWS = {
  runs: RunDoc,
  drafts: DraftDoc,
  sheets: SheetDoc,
  views: ViewDoc,
  registers: RegisterDoc,
  photos: PhotoDoc,
} as const;
export type RowsOf = keyof typeof ROWS;
/** What a row is called to the person whose copy it is. */
export const ROW_WORDS: Readonly<Record<RowsOf, string>> = {
  runs: 'A programme under way',
  drafts: 'A look that was not finished',
  sheets: 'A change that was not saved',
  views: 'A saved view',
  registers: 'A note of who changed something when',
  photos: 'A photograph',
};
