import { describe, expect, test } from 'vitest';
import { faultsOf, visit } from './visit';

describe('how a thing sheds rain', () => {
  test('its index with bounds, the day it falls below the mark, what care gave back, and the chances', async () => {
    const v = await visit({ path: '/kit/itm-parka' });
    await v.sees('How it sheds rain');
    await v.press('Drops, zone by zone');
    await v.sees('At this pace it falls below 70 about');
    await v.sees('A renewal gave back 13 of 100, once.');
    await v.named(/Index from \d+ to \d+ over \d+ tests/, 'img');
    await v.press('Chances, and what they rest on');
    await v.sees('ISO 4920');
    // Each way with its chance, hands and money; the coat’s own price on top: so many mL of a bottle of 300 mL for 12 EUR.
    const rows = await v.page.$$eval('[aria-label="At the mark afterwards"] tbody tr', (all) =>
      all.map((r) => [...r.querySelectorAll('th, td')].map((c) => (c as HTMLElement).innerText.replace(/\s+/g, ' '))),
    );
    const euros = (row: number): number => Number(/([\d.]+) EUR/.exec(rows[row]?.[3] ?? '')?.[1]);
    const ml = Number(/(\d+) mL of spray proofer/.exec(rows[3]?.[3] ?? '')?.[1]);
    expect(rows[0]?.slice(2)).toEqual(['–', '–']);
    expect(euros(3) - euros(1)).toBeCloseTo((ml * 12) / 300, 1);
    expect(Number.parseInt(rows[3]?.[2] ?? '', 10)).toBeGreaterThan(Number.parseInt(rows[1]?.[2] ?? '', 10));
    expect(await faultsOf(v)).toEqual([]);
    // What has no finish is not followed.
    await v.go('/kit/itm-quilt');
    await v.sees('Where its down is');
    expect(await v.text()).not.toContain('How it sheds rain');
    await v.go('/kit/itm-quilt/drops');
    await v.sees('It has no finish that drops could bead on.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('all of them at once, the most tired first, on a phone; one that leaks is mended first', async () => {
    const v = await visit({ path: '/kit', width: 390, height: 844 });
    await v.press('What sheds rain');
    await v.sees('no longer shed rain');
    await v.sees('For Long crossing of Lanternmere, two hut nights not yet:');
    await v.sees('mL of spray proofer (60 mL in the cupboard).');
    const rows = await v.page.$$eval('tbody tr', (all) => all.map((r) => (r as HTMLElement).innerText.replace(/\s+/g, ' ')));
    expect(rows.find((r) => r.startsWith('Peeling trousers'))).toContain('a mender first');
    expect(rows.find((r) => r.startsWith('Old storm shell'))).toContain('a renewal');
    const indices = rows.flatMap((r) => (/ (\d+) \(/.exec(r)?.[1] === undefined ? [] : [Number(/ (\d+) \(/.exec(r)?.[1])]));
    expect(indices).toEqual([...indices].sort((a, b) => a - b));
    // Two proofers by the record, and how little that proves.
    await v.sees('No difference is to be seen: Spray proofer and wash-in proofer gave back as much');
    await v.sees('that is the honest comparison');
    expect(await faultsOf(v)).toEqual([]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
