import type { Fault, Sound } from '../core/formats';
import type { Kit } from '../core/gear';
import type { CopiedPhoto, CopyRest, ReadCopy } from '../core/formats/copy';

/** What a kit file's text says; of one with faults, what can be read and what cannot. */
export type ReadKitFile =
  | { readonly status: 'read'; readonly kit: Kit }
  | { readonly status: 'newer' | 'faulty'; readonly faults: readonly Fault[]; readonly sound: Sound | null };
/** What the worker that packs and reads copies and kit files can be asked. It is stopped by ending it. */
export interface CopyApi {
  /** A copy as a file. @param photos each with its picture. @param madeAt RFC 3339. */
  pack(
    kit: string,
    rest: Omit<CopyRest, 'photos'>,
    photos: readonly { readonly row: CopiedPhoto; readonly blob: Blob }[],
    madeAt: string,
  ): Promise<Blob>;
  /** Reads and checks one; runs whose lines do not add up are left out and named. */
  read(file: Blob): Promise<ReadCopy>;
  /** Reads and checks a kit file's text. */
  readKit(text: string): Promise<ReadKitFile>;
}
