import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { demoOffer } from '../../demo/offer';
import { kitIsRead } from '../../src/app/kit';
import { runsAreRead } from '../../src/app/runs';
import { db, openStore } from '../../src/data/db';
import { takeFirst } from '../../src/data/kit';

/* What a page waits for before it is drawn for the first time: the kit and what is under way, so that it never says for a moment that there is nothing. */
vi.mock('../../src/workers', () => ({ PLANNED_BY: null }));

const { kit: club, runs } = demoOffer(Date.parse('2027-01-03T08:00:00Z'));
beforeEach(async () => {
  await openStore();
  await takeFirst(club, [...runs, ...runs.map((run) => ({ ...run, id: `${run.id}-over`, status: 'written' as const }))]);
});
afterEach(() => db.delete({ disableAutoOpen: false }));

describe('before the first drawing', () => {
  test('the kit is there, with all its things', async () => {
    const kit = await kitIsRead();
    expect(kit?.items.map(({ id }) => id).toSorted()).toEqual(club.items.map(({ id }) => id).toSorted());
  });
  test('and all runs that are not over', async () => {
    const open = await runsAreRead();
    expect(runs.length).toBeGreaterThan(0);
    expect(open?.map(({ id }) => id).toSorted()).toEqual(runs.map(({ id }) => id).toSorted());
  });
});
