import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { demoOffer } from '../../demo/offer';
import { db, type DemoPicture, openStore, readMeta, writeMeta } from '../../src/data/db';
import { takeFirst } from '../../src/data/kit';

vi.mock('../../src/workers', () => ({ PLANNED_BY: null }));
vi.mock('../../src/app/quiet', () => ({ whenQuiet: () => Promise.resolve() }));

const { kit, runs, pictures: offered } = demoOffer(Date.parse('2027-01-03T08:00:00Z'));
/** As they come over the line. */
const pictures = JSON.parse(JSON.stringify(offered)) as readonly DemoPicture[];

/* The club's pictures come after its kit, some at a time; a page may be shut, or the network gone, in between. */
describe('the pictures of the club', () => {
  const asked: string[] = [];
  const answered = (how: (file: string) => Response | Promise<Response>): void =>
    void vi.stubGlobal('fetch', (path: string) => {
      const file = path.split('/').at(-1) ?? '';
      asked.push(file);
      return new Promise((resolve) => resolve(how(file)));
    });
  const picture = (): Response => new Response('picture', { headers: { 'Content-Type': 'image/jpeg' } });
  const restOfPictures = async (): Promise<void> => (await import('../../src/app/demo')).restOfPictures();
  const kept = async (): Promise<unknown[]> => (await db.photos.toCollection().primaryKeys()).sort();
  const idsOf = (of: typeof pictures): string[] => of.map(({ file }) => `pho-demo-${file}`).sort();

  beforeEach(async () => {
    asked.length = 0;
    await openStore();
    await takeFirst(kit, runs);
    await writeMeta('demoPictures', pictures);
  });
  afterEach(async () => {
    vi.unstubAllGlobals();
    await db.delete({ disableAutoOpen: false });
  });

  test('are all kept, and none is waited for any more', async () => {
    answered(picture);
    await restOfPictures();
    expect(await kept()).toEqual(idsOf(pictures));
    expect(await readMeta('demoPictures')).toEqual([]);
  });
  test('that did not come are asked for on the next visit, and those that came are not', async () => {
    const last = pictures.at(-1)!.file;
    answered((file) => {
      if (file === last) throw new TypeError('Failed to fetch');
      return picture();
    });
    await restOfPictures();
    const rest = (await readMeta('demoPictures')) ?? [];
    expect(rest.map(({ file }) => file)).toContain(last);
    expect(rest.length).toBeLessThan(pictures.length);
    expect(await kept()).toEqual(idsOf(pictures.filter((one) => !rest.some(({ file }) => file === one.file))));
    asked.length = 0;
    answered(picture);
    await restOfPictures();
    expect(asked.sort()).toEqual(rest.map(({ file }) => file).sort());
    expect(await kept()).toEqual(idsOf(pictures));
  });
  test('of things that are gone, and those that the server has not, are passed over; the others come', async () => {
    const { itemId } = pictures[0]!;
    const missing = pictures.find((one) => one.itemId !== itemId)!.file;
    await db.items.delete(itemId);
    answered((file) => (file === missing ? new Response(null, { status: 404 }) : picture()));
    await restOfPictures();
    expect(await kept()).toEqual(idsOf(pictures.filter((one) => one.itemId !== itemId && one.file !== missing)));
    expect(await readMeta('demoPictures')).toEqual([]);
  });
  test('stay away when something else takes the place of the club while they come', async () => {
    answered(async () => {
      await writeMeta('demoPictures', []);
      return picture();
    });
    await restOfPictures();
    expect(asked.length).toBeGreaterThan(0);
    expect(asked.length).toBeLessThan(pictures.length);
    expect(await readMeta('demoPictures')).toEqual([]);
  });
});
