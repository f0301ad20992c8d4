import { describe, expect, test, vi } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { faultsOf, giveKit, visit } from './visit';
import { walk } from './walk';

const PAIR = '/kit/itm-lender-41/surfaces';
const OTHER = '/kit/itm-lender-38/surfaces';

describe('a pair, surface by surface', () => {
  test('a rung is taken and logged: what it did, the bottle, the next rung; it can be undone, and the next visit knows it', async () => {
    const v = await visit({ path: PAIR });
    await v.sees('Next: peroxide cream in the light once more, on the rubber rim.');
    await v.sees('One mark is off.');
    await v.press('Next rung');
    await v.sees('Peroxide of this strength can seriously damage eyes');
    await v.sees('Tape over the leather beside it');
    const bottle = async () => (await v.stored('supplies', 's-peroxide'))?.remainingMl;
    expect(await bottle()).toBe(55);
    await v.press('No change');
    await v.sees('Next: baking soda overnight, on the leather upper.');
    await v.sees('paler, no change');
    expect(await bottle()).toBe(50);
    await v.press('Undo');
    await v.sees('Next: peroxide cream in the light once more, on the rubber rim.');
    await vi.waitFor(async () => expect(await bottle()).toBe(55), { timeout: 10_000 });
    await v.press('Next rung');
    await v.press('It is gone');
    await v.sees('Two marks are off.');
    await v.reload();
    await v.sees('Next: baking soda overnight, on the leather upper.');
    // The record of the thing says it, and the look after it has one mark less and keeps the rest.
    await v.go('/kit/itm-lender-41');
    await v.sees('Peroxide cream in the light on yellowing (rim): gone');
    const looks = (await v.rows('inspections')).filter((r) => r.itemId === 'itm-lender-41') as unknown as {
      at: string;
      odour?: number;
      stains?: unknown[];
    }[];
    const newest = looks.sort((a, b) => (a.at < b.at ? 1 : -1))[0];
    expect([newest?.stains?.length, newest?.odour]).toEqual([1, 1]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('by keyboard: a panel is pressed, what lies on it is found out, and a product waits for its hidden place', async () => {
    const v = await visit({ path: OTHER });
    await v.sees('Next: damp cloth, on the rubber rim.');
    await (await v.named('leather upper', 'button')).evaluate((e) => e.focus());
    await v.page.keyboard.press('Enter');
    await v.sees('Not on leather:');
    await v.press('There is a mark here');
    for (let n = 0; n < 3; n++) {
      const no = (await v.page.$$('[role=dialog] [role=radiogroup]')).at(-1);
      await no?.$eval('label:last-of-type', (e) => (e as HTMLElement).click());
    }
    await v.sees('Does a dry eraser take some of it off?');
    const last = (await v.page.$$('[role=dialog] [role=radiogroup]')).at(-1);
    await last?.$eval('label:first-of-type', (e) => (e as HTMLElement).click());
    await v.sees('It is kept as scuff.');
    await v.press('Write it down');
    await v.sees('5 · leather upper, scuff');
    // The salt line: a damp cloth first, then vinegar, which has to be tried.
    await (await v.named('Damp cloth, mark 2', 'button')).evaluate((e) => (e as HTMLElement).click());
    await v.press('No change');
    await v.sees('hidden place first');
    await (await v.named('Try white vinegar first, mark 2', 'button')).evaluate((e) => (e as HTMLElement).click());
    await v.sees('White vinegar has not been tried on this part.');
    await v.press('It took colour');
    await v.sees('Stop here: the surface or its dye bears no more.');
    await v.go('/kit/itm-lender-38');
    await v.sees('White vinegar on a hidden place: the cloth took colour');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('from as found to sold: its marks taken off one by one, the sale sheet says what was done and what is left', async () => {
    const v = await visit({ path: PAIR });
    await v.press('Next rung');
    await v.press('It is gone');
    await v.sees('Next: baking soda overnight, on the leather upper.');
    await v.go('/kit/itm-lender-41/sale');
    await v.sees('Peroxide cream in the light on yellowing (rim): gone.');
    await v.sees('Grease (upper, side)');
    await v.go('/kit/itm-lender-41');
    await v.press('Change their figures');
    await v.write('Sold for', '70');
    await v.press('Save');
    // 70 less 18 paid; what was tried by itself has no price.
    await v.sees('Sold for 70.00 EUR: it left 52.00 EUR');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('on a phone in the dark: sole and inside, other things have no panels; without serious faults', async () => {
    const v = await visit({ path: OTHER, width: 390, height: 844, dark: true });
    await v.press('Inside');
    await v.sees('tongue');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Sole');
    await v.named('rubber sole', 'button');
    await v.go('/kit/itm-parka/surfaces');
    await v.sees('Only shoes and boots are drawn panel by panel.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('in a run the white cloth is asked for each product, and what took colour stays off the marks', async () => {
    const { kit } = makeDemoKit(Date.now());
    const stains = [{ soil: 'canvas-stain', place: 'upper', part: 'upper' } as const];
    const inspections = [
      { id: 'i', itemId: 'itm-blue-shoes', at: new Date().toISOString(), soil: 2, odour: 0, stains: [...stains] },
    ];
    const v = await visit();
    await giveKit(v, { ...kit, items: kit.items.filter((i) => i.id === 'itm-blue-shoes'), inspections, log: [], weighIns: [] });
    await v.go('/kit/itm-blue-shoes/programme');
    await v.press('Start');
    await walk(v, 'Try it on a hidden place');
    await v.sees('Stain remover: how is the white cloth?');
    await v.sees('Not all tried: go on');
    await v.press('It took colour');
    await v.press('Done');
    await walk(v, 'Treat the marks');
    await v.sees('Stays off the marks: stain remover. The hidden place did not bear it.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
