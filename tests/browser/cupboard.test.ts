import { describe, expect, test } from 'vitest';
import type { Kit } from '../../src/core/gear';
import type { Programme } from '../../src/core/document';
import { DOWN_LABEL } from '../make';
import { current, foldRun, type RunRecord } from '../../src/core/run';
import { giveKit, START, visit, type Visit, soon } from './visit';
import { goOn, tap } from './walk';

/** Finds by typing, and takes the first that is found. */
const take = async (v: Visit, name: string, text: string): Promise<void> => {
  await v.write(name, text);
  await (await v.named(new RegExp(`${text}( .+)?`), 'option')).click();
};
const equipment = async (v: Visit): Promise<NonNullable<Kit['equipment']>> =>
  ((await v.stored('meta', 'equipment')) as { value: NonNullable<Kit['equipment']> }).value;
/** A bag, a tub and a dryer: everything is done by hand, so that a run needs no waiting. */
const tubKit = (extra: object = {}): Kit => ({
  format: 'umbrastic/kit',
  version: 1,
  items: [
    {
      id: 'itm-bag',
      name: 'Blue bag',
      kind: 'sleeping-bag',
      massG: 1200,
      bulk: 'large',
      components: [
        { part: 'face', material: 'polyamide-woven' },
        { part: 'fill', material: 'down' },
      ],
      repellency: 'none',
      label: DOWN_LABEL,
    },
  ],
  inspections: [{ id: 'i', itemId: 'itm-bag', at: '2027-01-03T08:00:00Z', soil: 3, odour: 0 }],
  equipment: {
    washers: [{ id: 't1', name: 'Hut tub', kind: 'tub', ...extra }],
    dryers: [{ id: 'd1', kind: 'vented', drumLitres: 120 }],
  },
  supplies: [{ id: 's1', class: 'down-cleaner', remainingMl: 500, labelDoseMl: 100 }],
});

describe('the cupboard', () => {
  test('says what is missing, corrects a bottle, and the plans follow', async () => {
    const v = await visit({ path: '/cupboard' });
    await v.sees('Not enough for what is planned');
    await v.press('Correct Down cleaner');
    await v.write('Left in it, mL', '40');
    await v.write('Its own cap holds, mL', 'two');
    await v.press('Save');
    await v.sees('Write what the cap holds, as a number above 0');
    expect(await v.stored('supplies', 's-down')).toMatchObject({ remainingMl: 300 });
    await v.write('Its own cap holds, mL', '22,5');
    await v.press('Save');
    await v.sees('Down cleaner is in the cupboard');
    expect(await v.stored('supplies', 's-down')).toMatchObject({ remainingMl: 40, capMl: 22.5, sizeMl: 500 });
    await v.sees('0 washes');
    await v.sees('down cleaner');
    await v.press('without perfume');
    await v.sees('Plans take these first');
    expect(((await v.stored('meta', 'preferences')) as { value: Kit['preferences'] }).value?.prefer).toEqual(['perfume-free']);
    await v.press('Show only these');
    await v.sees('suit you');
    expect(v.errors).toEqual([]);
    await v.close();
  });

  test('hardness is typed in any unit and kept as mg/L; nonsense is refused beside its field', async () => {
    const v = await visit({ path: '/cupboard/water' });
    await v.sees('Water hardness, mg/L');
    await v.choose('Water hardness in', '°dH');
    await v.sees('Water hardness, °dH');
    await v.write('Water hardness, °dH', '900');
    await v.press('Save room and water');
    await v.sees('Write the hardness, as a number from 0 to 84');
    expect((await equipment(v)).waterHardnessMgPerL).toBe(140);
    await v.write('Water hardness, °dH', '10');
    await v.write('Humidity, %', '130');
    await v.press('Save room and water');
    await v.sees('as a number from 0 to 100');
    await v.write('Humidity, %', '60');
    await v.press('Save room and water');
    await v.sees('Room and water are saved');
    const kept = await equipment(v);
    expect(kept.waterHardnessMgPerL).toBeCloseTo(178.48, 6);
    expect(kept.room?.rhPercent).toBe(60);
    await v.close();
  });

  test('a machine is clean enough, or why not; a guided purge makes it so', async () => {
    const v = await visit({ path: '/cupboard/machines' });
    await take(v, 'this load?', 'Rust smock');
    await v.sees('Cellar machine wants a purge first. Its last loads used fabric softener');
    // Stopped, it is over, and nothing of it counts.
    await v.press('Purge Cellar machine');
    await v.sees('Wipe drawer and door seal');
    await v.press('Done');
    await v.sees('Run it empty and hot');
    await v.press('Stop the programme');
    await v.sees('still taken to be in it');
    await v.go('/');
    await v.sees('One thing is under way');
    await v.go('/cupboard/machines');
    await take(v, 'this load?', 'Rust smock');
    await v.sees('Cellar machine wants a purge first');
    await v.press('Purge Cellar machine');
    await v.sees('Wipe drawer and door seal');
    await v.press('Done');
    await v.sees('Run it empty and hot');
    await v.press(START);
    await v.press('Finish early');
    await v.press('Done');
    await v.press('All of it: 1 h 15');
    await v.sees('Look and smell');
    await v.press('It is good');
    await v.press('Done');
    await v.sees('Cellar machine is clean again');
    expect((await equipment(v)).washers?.find((w) => w.id === 'w-cellar')?.lastLoads).toEqual([]);
    const log = (await v.rows('log')) as { type: string; tasks?: string[]; machineId?: string }[];
    expect(log.filter((e) => e.type === 'upkeep' && e.machineId === 'w-cellar').at(-1)?.tasks).toEqual(
      expect.arrayContaining(['hot-empty']),
    );
    await v.press('To the machines');
    await take(v, 'this load?', 'Rust smock');
    await v.sees('Cellar machine is clean enough');
    await v.go('/cupboard/upkeep');
    await v.press('Descale, Porch top loader: done today');
    await v.sees('written down for today');
    await v.sees('in 90 days');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('never together, in Run', () => {
  /** Leaves every step out until one that does this. */
  const until = async (v: Visit, verb: string): Promise<void> => {
    for (let n = 0; n < 24; n++) {
      const run = foldRun((await v.rows('runs'))[0] as unknown as RunRecord);
      if (run.currentId === null || current(run)?.do === verb) return;
      if (run.open.length > 0) await goOn(v, 'Put it away as it is', tap);
      else {
        await v.press('Skip');
        await goOn(v, 'Skip it');
      }
    }
  };
  test('bleach stood in the tub: the plan rinses it first, and Run stops even where that was skipped', async () => {
    const kit = tubKit();
    kit.supplies = [{ id: 's9', class: 'oxygen-booster', remainingMl: 900, labelDoseMl: 30 }];
    const v = await visit();
    await giveKit(v, kit);
    await v.go('/cupboard/machines');
    await v.press('Something was used in it: Hut tub');
    await v.press('ammonia cleaner');
    await v.press('Mark it');
    await v.sees('ammonia cleaner went in');
    await v.go('/kit/itm-bag/programme');
    await v.sees('Rinse out “Hut tub” first');
    await v.press('Start');
    await v.sees('step 1 of');
    // The run's wash is made to bring bleach, as a hand-made programme could.
    await v.page.evaluate(
      () =>
        new Promise<void>((resolve) => {
          const open = indexedDB.open('umbrastic');
          open.onsuccess = () => {
            const store = open.result.transaction('runs', 'readwrite').objectStore('runs');
            const got = store.getAll();
            got.onsuccess = () => {
              const run = (got.result as { programme: Programme }[])[0] as { programme: Programme };
              const wash = run.programme.steps.find((s) => s.do === 'tub-wash');
              (wash as unknown as { settings: { aids: string[] } }).settings.aids = ['chlorine-bleach'];
              store.put(run).onsuccess = () => resolve();
            };
          };
        }),
    );
    await v.reload();
    await until(v, 'tub-wash');
    await v.sees('Rinse Hut tub first. Ammonia cleaner went into Hut tub');
    await v.sees('toxic chloramine gas');
    expect(await v.page.$$eval('button', (all) => all.some((b) => /^(Done|Start)/.test(b.innerText)))).toBe(false);
    await v.press('I rinsed Hut tub with plenty of water');
    await v.sees('noted as rinsed out');
    await v.page.waitForFunction(() => [...document.querySelectorAll('button')].some((b) => /^(Done|Start)/.test(b.innerText)));
    expect((await equipment(v)).washers?.[0]?.unrinsed).toBeUndefined();
    await v.close();
  });

  test('still suds: fills are counted one by one, and the bag has learned when it is done', async () => {
    const v = await visit();
    await giveKit(v, tubKit());
    await v.go('/kit/itm-bag/programme');
    await v.press('Start');
    await v.sees('step 1 of');
    await until(v, 'bath-rinse');
    const planned =
      ((await v.rows('runs'))[0] as unknown as RunRecord).programme.steps.find((s) => s.do === 'bath-rinse')?.settings.rinses ??
      0;
    for (let n = 1; n <= planned + 1; n++) {
      await v.sees(n <= planned ? `Fill ${n} of about ${planned}` : `Fill ${n}: more than the ${planned}`);
      await v.press('Still suds');
    }
    await v.press('Clear');
    await until(v, 'the end');
    await v.sees('Blue bag is through');
    await v.press('Write it in the record');
    await v.sees('It is in the record');
    expect(await v.stored('items', 'itm-bag')).toMatchObject({ learned: { rinseRuns: 1 } });
    expect((await v.rows('log')).at(-1)).toMatchObject({ rinsed: { by: 'hand', clearAfter: planned + 2 } });
    await v.go('/bench/rinse?item=itm-bag');
    await v.sees(`Clear after ${planned + 2} rinses`);
    expect(v.errors).toEqual([]);
    await v.close();
  }, 120_000);
});

describe('the bench', () => {
  test('a dose follows what is typed, its address carries it, and a programme takes it back', async () => {
    const v = await visit({ path: '/bench?item=itm-bib' });
    await v.sees('mL of technical cleaner');
    await v.write('Dose on the label, mL', '90');
    await v.press('More figures (10)');
    await v.write('Label range from, mL', '60');
    await v.write('Label range to, mL', '120');
    await v.write('Dry load, kg', '1.4');
    await v.sees('90 mL × 1.5 load');
    expect(v.page.url()).toContain('load=1.4');
    const said = await v.page.$eval('h1', (h) => h.textContent);
    await v.reload();
    expect(await v.page.$eval('h1', (h) => h.textContent)).toBe(said);
    await v.write('Dry load, kg', '0');
    await v.sees('Dry load: write a number from 0.02 to 20 kg');
    await v.sees('One figure needs another look');
    await v.write('Dry load, kg', '0.5');
    await v.press('Use 114 mL in its programme');
    await v.sees('It is in the programme now');
    const item = await v.stored('items', 'itm-bib');
    expect(Object.keys((item?.own as { dosesMl: object }).dosesMl)).toHaveLength(1);
    await v.press('To the programme of Ice bib');
    await v.sees('Your own figures');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test.each([
    { path: '/bench/dilution?mode=strength&strong=12&weak=200', said: 'Strength wanted: write a number from 0.01 to 100 %' },
    { path: '/bench/dilution?mode=strength&strong=3&weak=12', said: 'water only weakens' },
    { path: '/bench/rinse?fresh=0', said: 'Fresh water a rinse: write a number from 0.5 to 300 L' },
    { path: '/bench?hardness=400&unit=°dH', said: 'more than any tap water' },
    { path: '/bench/energy?temp=hot', said: 'Wash at: write a number from 1 to 95 °C' },
  ])('$path says what is wrong, and shows no number that is none', async ({ path, said }) => {
    const v = await visit({ path });
    await v.sees(said);
    expect(await v.text()).not.toMatch(/NaN|Infinity|undefined/);
    await v.close();
  });
  test('40 volume says its strength and its hazard, by keyboard alone', async () => {
    const v = await visit({ path: '/' });
    await v.sees('need');
    await v.page.keyboard.press('g');
    await v.page.keyboard.press('b');
    await v.sees('Take the numbers of');
    await v.page.focus('[role=tab][aria-selected=true]');
    await v.page.keyboard.press('ArrowRight');
    await v.page.keyboard.press('ArrowRight');
    await v.page.keyboard.press('Enter');
    await v.sees('What do you have?');
    await (await v.list('What do you have?')).focus();
    for (const key of ['Enter', 'ArrowDown', 'ArrowDown', 'Enter'] as const) await v.page.keyboard.press(key);
    await v.sees('Volume strength');
    await v.sees('12.1 % in the bottle');
    await v.sees('Serious eye damage');
    await v.sees('EU CLP Regulation (EC) No 1272/2008');
    await v.close();
  });
});

describe('rows that go', () => {
  test('when a machine’s first programme is taken away, the others keep their own figures', async () => {
    const v = await visit({ path: '/cupboard/machines' });
    await v.press('Correct Cellar machine');
    const rows = (): Promise<string[][]> =>
      v.page.$$eval('[role=dialog] section[aria-label=Programmes] > div', (all) =>
        all.map((row) => [...row.querySelectorAll('input')].map((field) => field.value)),
      );
    await v.page.waitForSelector('[role=dialog] section[aria-label=Programmes] > div');
    const before = await rows();
    expect(before.length).toBeGreaterThan(1);
    expect(before[0]).not.toEqual(before[1]);
    await v.press('Take away');
    await soon(async () => expect(await rows()).toEqual(before.slice(1)));
    await v.close();
  });
});
