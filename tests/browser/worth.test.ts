import { describe, expect, test } from 'vitest';
import { faultsOf, putInStore, visit, type Visit } from './visit';

const worthOf = async (v: Visit): Promise<string> =>
  (await v.page.$eval('[aria-labelledby=worth]', (e) => (e as HTMLElement).innerText)).replace(/\s+/g, ' ');

describe('what a thing costs and brings', () => {
  test('is written down, judged before the work, sold, and stands in the list', async () => {
    const v = await visit({ path: '/kit/itm-blue-shoes' });
    await v.sees('Write down what you paid, and what they might bring');
    await v.press('Write down their price');
    await v.write('Paid', '12');
    await v.write('As found, low', '10');
    await v.write('As found, high', '14');
    await v.write('After the work, low', '40');
    await v.write('After the work, high', '20');
    await v.press('Save');
    await v.sees('Must not be below low.');
    expect((await v.stored('items', 'itm-blue-shoes'))?.worth).toBeUndefined();
    expect(await faultsOf(v)).toEqual([]);
    await v.write('After the work, high', '60');
    await v.press('Save');
    await v.sees('The figures of Blue canvas shoes are saved.');
    await v.sees('At this estimate it leaves');
    // 40 to 60 less 12 paid; a quarter of an hour costs nothing near that.
    expect(await worthOf(v)).toContain('it leaves 28.00 to 48.00 EUR; an hour brings 15.00 EUR or more in every case.');
    expect(await v.stored('items', 'itm-blue-shoes')).toMatchObject({
      price: { amount: 12, currency: 'EUR' },
      worth: { asFound: { low: 10, high: 14 }, after: { low: 40, high: 60 } },
    });
    // The list knows it, with the others that are in work, and where to stop.
    await v.go('/kit');
    await v.press('What the work brings');
    await v.sees('One thing does not pay any more');
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Blue canvas shoes');
    // Sold: the sums close, and it asks for nothing any more.
    await v.press('Change their figures');
    await v.write('Sold for', '45');
    await v.write('Fees', '3');
    await v.press('Save');
    // 45 − 3 − 12, nothing spent on it.
    await v.sees('Sold for 45.00 EUR: it left 30.00 EUR (250 % of what was put in).');
    await v.sees('Retired on');
    await v.press('Undo');
    await v.sees('At this estimate it leaves');
    expect((await v.stored('items', 'itm-blue-shoes'))?.retiredOn).toBeUndefined();
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('says stop where the work ahead brings too little, and what an hour must bring is asked for where it is not known', async () => {
    const v = await visit({ path: '/kit/itm-trim-shoes', width: 390, height: 844 });
    await v.sees('Stop here: the');
    expect(await worthOf(v)).not.toContain('Somebody else');
    await v.go('/cupboard/water');
    await v.write('An hour of your hands must bring, EUR', '');
    await v.press('Save prices');
    await v.sees('Your prices are saved.');
    await v.go('/kit/itm-trim-shoes');
    await v.sees('Say what an hour of your work must earn');
    expect(await worthOf(v)).not.toContain('Stop here');
    expect(await faultsOf(v)).toEqual([]);
    // Bought in other money than the kit's: nothing of the two is added up, and each figure says its own.
    const boots = await v.stored('items', 'itm-boots');
    await putInStore(v, 'items', { ...boots, price: { amount: 5000, currency: 'JPY' } });
    await v.go('/kit/worth');
    await v.sees('Skate boots');
    const row = await v.page.$$eval('tbody tr', (all) =>
      all.map((r) => r.textContent ?? '').find((t) => t.startsWith('Skate boots')),
    );
    // 60 to 110 after the work, less 5000; yen have no fraction.
    expect(row).toContain('−4940 to −4890 JPY');
    expect(await faultsOf(v)).toEqual([]);
    await v.close();
  });
});
