import { saidFaults } from '../core/explaining';
import { readJson, readKit, soundPart } from '../core/formats';
import { packCopy, readCopy } from '../core/formats/copy';
import { foldRun, type RunRecord } from '../core/run';
import type { CopyApi } from './copy.protocol';

const bytesOf = async (blob: Blob): Promise<Uint8Array> => new Uint8Array(await blob.arrayBuffer());
/** True when the lines of a stored run can be followed. */
function follows(record: object): boolean {
  try {
    return foldRun(record as RunRecord).status.length > 0;
  } catch {
    return false;
  }
}

export const copyJobs: CopyApi = {
  pack: async (kit, rest, photos, madeAt) => {
    const pictures = new Map<string, Uint8Array>();
    for (const { row, blob } of photos) pictures.set(row.file, await bytesOf(blob));
    const copy = await packCopy({ kit, rest: { ...rest, photos: photos.map((p) => p.row) }, pictures }, madeAt);
    return new Blob([copy as Uint8Array<ArrayBuffer>], { type: 'application/zip' });
  },
  read: async (file) => {
    const read = await readCopy(await bytesOf(file));
    if (read.status !== 'read') return read;
    const lost = read.rest.runs.flatMap((run, n) => (follows(run) ? [] : [n]));
    const left = lost.map((n) => ({
      name: 'A programme under way',
      path: `runs[${n}]`,
      message: 'cannot be followed from its beginning',
    }));
    return { ...read, rest: { ...read.rest, runs: read.rest.runs.filter(follows) }, left: [...read.left, ...left] };
  },
  readKit: async (text) => {
    const read = readKit(text);
    if (read.status === 'read') return read;
    const json = read.status === 'faulty' ? readJson(text) : { document: null };
    return { ...read, faults: saidFaults(read.faults, text), sound: 'document' in json ? soundPart(json.document) : null };
  },
};
