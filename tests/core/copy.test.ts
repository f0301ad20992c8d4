import { createHash } from 'node:crypto';
import JSZip from 'jszip';
import { afterEach, describe, expect, test, vi } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { packCopy, readCopy, type Copy } from '../../src/core/formats/copy';
import { sumOf } from '../../src/core/formats/sum';
import { planItem } from '../../src/core/programme';
import { finishStep, recordOf, startRun } from '../../src/core/run';
import { copyJobs } from '../../src/workers/copy.job';

/*
 * The whole copy. Outside: the ZIP is read back, and made, by another library of the registry (jszip 3.10), sums by Node's own SHA-256 (FIPS
 * 180-4).
 */
const kit = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const AT = '2027-01-04T08:00:00Z';
const picture = Uint8Array.from({ length: 3000 }, (_, n) => (n * 37) % 256);
const parka = kit.items.find((i) => i.id === 'itm-parka')!;
const NOW_MS = Date.parse(AT);
const run = recordOf(finishStep(startRun(planItem(kit, parka), 'Parka', 'run-1', NOW_MS), NOW_MS + 60_000));
const photo = {
  id: 'pho-1',
  itemId: 'itm-parka',
  at: AT,
  width: 40,
  height: 30,
  bytes: picture.length,
  step: 'Weigh it dry',
  file: 'photos/1.jpg',
  type: 'image/jpeg',
};
const copy: Copy = {
  kit: JSON.stringify(kit),
  rest: {
    runs: [run],
    drafts: [{ itemId: 'itm-quilt', card: 'soil', seen: { soil: 1 } }],
    sheets: [{ key: 'item:itm-parka', was: {}, draft: { name: 'x' } }],
    views: [{ id: 'v', name: 'Due', query: 'due=1' }],
    registers: [
      { key: 'items/itm-parka', v: { a1: 2, b2: 1 }, at: NOW_MS },
      { key: 'items/gone', v: { a1: 1 }, at: 0, goneAt: NOW_MS },
      { key: 'inspections/of-gone', v: { b2: 1 }, at: NOW_MS, row: { id: 'of-gone', itemId: 'gone', at: AT, soil: 2 } },
    ],
    photos: [photo],
    evenings: { 'itm-quilt': { of: 'plan', moves: ['a → b'] } },
    washDay: { items: ['itm-parka'], from: AT, people: [{ name: 'Bo' }], prefer: 'earliest' },
  },
  pictures: new Map([[photo.file, picture]]),
};
const bytes = await packCopy(copy, AT);
/** The copy with something done to its files, packed by the other library. */
async function with_(change: (zip: JSZip) => void | Promise<void>): Promise<Uint8Array> {
  const zip = await JSZip.loadAsync(bytes);
  await change(zip);
  return zip.generateAsync({ type: 'uint8array' });
}
/** The manifest made true again for what the files are now. */
async function resum(zip: JSZip): Promise<void> {
  const manifest = JSON.parse(await zip.file('manifest.json')!.async('string')) as {
    files: { name: string; bytes: number; sha256: string }[];
  };
  for (const file of manifest.files) {
    const data = await zip.file(file.name)!.async('uint8array');
    file.bytes = data.length;
    file.sha256 = createHash('sha256').update(data).digest('hex');
  }
  zip.file('manifest.json', JSON.stringify(manifest));
}
const rest = async (zip: JSZip): Promise<Record<string, unknown[]>> =>
  JSON.parse(await zip.file('browser.json')!.async('string')) as Record<string, unknown[]>;

describe('a whole copy', () => {
  test('is a ZIP that other software opens: the kit as it is, the pictures as they are, true sums', async () => {
    const zip = await JSZip.loadAsync(bytes, { checkCRC32: true });
    expect(Object.keys(zip.files).sort()).toEqual(['browser.json', 'kit.json', 'manifest.json', 'photos/1.jpg']);
    expect(JSON.parse(await zip.file('kit.json')!.async('string'))).toEqual(JSON.parse(JSON.stringify(kit)));
    expect(await zip.file('photos/1.jpg')!.async('uint8array')).toEqual(picture);
    const manifest = JSON.parse(await zip.file('manifest.json')!.async('string')) as {
      format: string;
      madeAt: string;
      files: { name: string; bytes: number; sha256: string }[];
    };
    expect(manifest).toMatchObject({ format: 'umbrastic/copy', version: 1, madeAt: AT });
    for (const { name, bytes: length, sha256 } of manifest.files) {
      const data = await zip.file(name)!.async('nodebuffer');
      expect([name, length, sha256]).toEqual([name, data.length, createHash('sha256').update(data).digest('hex')]);
    }
  });
  describe('a sum', () => {
    afterEach(() => vi.unstubAllGlobals());
    const long = Uint8Array.from({ length: 100_003 }, (_, n) => (n * n) % 251);
    test.each([
      ['where the machine lends its own hand', true],
      ['where it lends none, as over plain HTTP', false],
    ])('%s is Node’s', async (_, lent) => {
      const digest = vi.spyOn(globalThis.crypto.subtle, 'digest');
      if (!lent) vi.stubGlobal('crypto', {});
      for (const data of [new Uint8Array(), picture, long, long.subarray(7, 64)])
        expect(await sumOf(data)).toBe(createHash('sha256').update(data).digest('hex'));
      expect(digest.mock.calls.length > 0).toBe(lent);
      digest.mockRestore();
    });
  });
  test('gives back all that went in, and the same content is the same bytes', async () => {
    const read = await readCopy(bytes);
    if (read.status !== 'read') throw new Error(JSON.stringify(read));
    expect(read.left).toEqual([]);
    expect(read.madeAt).toBe(AT);
    expect(JSON.parse(JSON.stringify(read.kit))).toEqual(JSON.parse(JSON.stringify(kit)));
    expect(read.rest).toEqual(JSON.parse(JSON.stringify(copy.rest)));
    expect(read.pictures.get('photos/1.jpg')).toEqual(picture);
    expect(await packCopy({ kit: copy.kit, rest: read.rest, pictures: read.pictures }, AT)).toEqual(bytes);
  });
  test('made by other software it is read too', async () => {
    expect((await readCopy(await with_(() => undefined))).status).toBe('read');
  });
  test.each<[string, (zip: JSZip) => void | Promise<void>, RegExp]>([
    [
      'a picture that lost a byte',
      (zip) => void zip.file('photos/1.jpg', picture.slice(1)),
      /^photos\/1\.jpg is not what was saved/,
    ],
    [
      'a kit that was changed',
      (zip) => void zip.file('kit.json', copy.kit.replace('parka', 'parkb')),
      /^kit\.json is not what was saved/,
    ],
    ['a picture that is gone', (zip) => void zip.remove('photos/1.jpg'), /^photos\/1\.jpg is missing/],
    ['no manifest', (zip) => void zip.remove('manifest.json'), /^manifest\.json is missing: this is no copy/],
    [
      'a newer version',
      async (zip) => {
        const text = await zip.file('manifest.json')!.async('string');
        zip.file('manifest.json', text.replace('"version": 1', '"version": 2'));
      },
      /newer Umbrastic/,
    ],
    [
      'a kit that breaks its rules',
      async (zip) => {
        zip.file('kit.json', JSON.stringify({ ...kit, items: [{ ...kit.items[0], massG: -1 }] }));
        await resum(zip);
      },
      /^kit\.json: items\[0\]\.massG must/,
    ],
  ])('%s refuses it, with the place', async (_, change, message) => {
    const read = await readCopy(await with_(change));
    if (read.status !== 'refused') throw new Error('it was read');
    expect(read.faults.map((f) => `${f.path} ${f.message}`.trim()).join('\n')).toMatch(message);
  });
  test.each([
    ['nothing', new Uint8Array()],
    ['half of it', bytes.slice(0, bytes.length / 2)],
    ['no ZIP', Uint8Array.from([0x50, 0x4b, 3, 4, 9, 9, 9])],
  ])('%s is said to be none', async (_, data) => {
    const read = await readCopy(data);
    expect(read.status).toBe('refused');
    if (read.status === 'refused') expect(read.faults[0]?.message).toMatch(/ZIP|no copy/);
  });
  test('a faulty kit in it can be opened without what is faulty', async () => {
    const read = await readCopy(
      await with_(async (zip) => {
        zip.file('kit.json', JSON.stringify({ ...kit, supplies: [{ ...kit.supplies![0], sizeMl: 'much' }] }));
        await resum(zip);
      }),
    );
    if (read.status !== 'refused') throw new Error('it was read');
    expect(read.sound?.left[0]).toMatchObject({ path: 'sizeMl' });
  });
  test('a row that cannot be read is left out and named; the rest is opened', async () => {
    const data = await with_(async (zip) => {
      const all = await rest(zip);
      zip.file(
        'browser.json',
        JSON.stringify({
          ...all,
          runs: [
            ...all.runs!,
            { ...run, id: 'r2', itemId: 'gone' },
            { ...run, id: 'r3', events: 'x' },
            7,
            { ...run, id: 'r5', programme: { steps: [{ ...run.programme.steps[0], settings: null }] } },
          ],
          drafts: [...all.drafts!, { itemId: 'itm-quilt', card: 'soil', seen: { soil: 9 } }],
          photos: [
            ...all.photos!,
            { ...photo, id: 'p2', file: 'photos/9.jpg' },
            { ...photo, id: 'p3', width: 0 },
            { ...photo, id: 'p4', light: { marks: {}, spread: [] } },
          ],
          views: 'none',
          washDay: { items: 'all' },
          evenings: { 'itm-quilt': { of: 'plan', moves: [7] }, gone: { of: 'plan', moves: [] } },
        }),
      );
      await resum(zip);
    });
    const read = await readCopy(data);
    if (read.status !== 'read') throw new Error(JSON.stringify(read));
    expect(read.rest.runs).toHaveLength(1);
    expect(read.rest.photos.map((p) => p.id)).toEqual(['pho-1']);
    expect(read.rest.views).toEqual([]);
    expect([read.rest.evenings, read.rest.washDay]).toEqual([undefined, undefined]);
    expect(read.left.map((l) => `${l.name}: ${l.path}`)).toEqual([
      'A programme under way: runs[1].itemId',
      'A programme under way: runs[2].events',
      'A programme under way: runs[3]',
      'A programme under way: runs[4].programme.steps[0].settings',
      'A look that was not finished: drafts[1].seen.soil',
      'A photograph: photos[1].file',
      'A photograph: photos[2].width',
      'A photograph: photos[3].light.marks.corners',
      'Moves of the down that are done: evenings.itm-quilt.moves[0]',
      'The wash day: washDay.items',
    ]);
  });
  test('a run whose lines cannot be followed is left out by the worker, and named', async () => {
    const { photos: _none, ...others } = copy.rest;
    const [first] = run.programme.steps;
    // Sound by itself, line by line; but where it was moved to is not said.
    const broken = { ...run, id: 'r4', events: [{ type: 'moved', at: 1, stepId: first!.id, act: 1 }] };
    const read = await copyJobs.read(await copyJobs.pack(copy.kit, { ...others, runs: [run, broken] }, [], AT));
    if (read.status !== 'read') throw new Error(JSON.stringify(read));
    expect(read.rest.runs).toEqual(JSON.parse(JSON.stringify([run])));
    expect(read.left).toEqual([
      { name: 'A programme under way', path: 'runs[1]', message: 'cannot be followed from its beginning' },
    ]);
  });
  test('pictures come out of the worker as they went in', async () => {
    const blob = new Blob([picture], { type: 'image/jpeg' });
    const { photos: _none, ...others } = copy.rest;
    const read = await copyJobs.read(await copyJobs.pack(copy.kit, others, [{ row: photo, blob }], AT));
    expect(read.status === 'read' && read.pictures.get(photo.file)).toEqual(picture);
  });
});
