import type { CopiedPhoto, CopyRest, ReadCopy } from '../core/formats/copy';

/** What the worker that packs and reads copies can be asked. It is stopped by ending it. */
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
}
