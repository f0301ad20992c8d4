import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import { moveByKeys, planned } from './day-page';
import { click } from './hand';
import { byName } from './names';
import { faultsOf, giveKit, soon, visit, type Visit } from './visit';

const WEEKEND = [
  'itm-parka',
  'itm-bib',
  'itm-storm',
  'itm-softshell',
  'itm-ice-trousers',
  'itm-studs',
  'itm-towels',
  'itm-lens-cloths',
  'itm-wax-cloths',
  'itm-pads',
];
const loads = (v: Visit): Promise<string[]> =>
  v.page.evaluate(() =>
    window
      .withName('region', '', 'Load [A-Z]+')
      .map((card) =>
        [...card.querySelectorAll('[role=row]')]
          .map((row) => row.getAttribute('aria-label') ?? row.textContent ?? '')
          .join(' + '),
      ),
  );

describe('wash day', () => {
  test('two things chosen in the kit become a day: loads, turns, what sets them; a refused move says its rule', async () => {
    const v = await visit({ path: `/wash-day?items=${WEEKEND.join(',')}` });
    await planned(v);
    const text = await v.text();
    expect(text).toContain('Ten things,');
    expect(text).toContain('When you are needed');
    const drums = await loads(v);
    expect(drums.some((d) => d.includes('Long grey parka') && !d.includes(' + '))).toBe(true);
    expect(drums.some((d) => d.includes('Ice-rescue boots') && d.includes('Hut towels'))).toBe(true);
    await v.press('Move Long grey parka elsewhere');
    await v.sees('down is washed two garments at most at a time, and with nothing else.');
    const refused = await v.page.$$eval('[role=dialog] input[type=radio]', (all) =>
      all.map((r) => (r as HTMLInputElement).disabled),
    );
    expect(refused.filter((x) => !x)).toHaveLength(1);
    await v.page.keyboard.press('Escape');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a thing is moved after what it changes was shown, by keyboard alone, and brought back', async () => {
    const v = await visit({ path: '/wash-day?items=itm-bib,itm-storm' });
    await planned(v);
    const before = await loads(v);
    const together = before.some((d) => d.includes(' + '));
    await moveByKeys(v, 'Ice bib');
    await soon(async () => expect((await loads(v)).some((d) => d.includes(' + '))).toBe(!together));
    await v.page.keyboard.down('Control');
    await v.page.keyboard.press('z');
    await v.page.keyboard.up('Control');
    await soon(async () => expect(await loads(v)).toHaveLength(before.length));
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a started day: what has begun is ticked, what is late is moved, and it says what that costs', async () => {
    const v = await visit({ path: '/wash-day?items=itm-bib,itm-softshell' });
    await planned(v);
    await v.press('Start the day');
    await v.sees('The day is started');
    const before = (await v.stored('meta', 'washDay')) as {
      value: { started: { day: { tasks: { id: string; from: string }[] } } };
    };
    const [first] = before.value.started.day.tasks;
    const tick = await byName(v.page, '::-p-aria([name="When you are needed"][role="region"]) ::-p-aria([role="checkbox"])');
    await tick.evaluate((box) => (box as HTMLInputElement).click());
    await v.page.waitForFunction(() => document.querySelector('input[type=checkbox]:checked') !== null);
    await v.press('Late: move the rest');
    await v.sees('The end ');
    const after = (await v.stored('meta', 'washDay')) as typeof before & { value: { started: { begun: string[] } } };
    // What has begun stayed where it was.
    expect(after.value.started.begun).toHaveLength(1);
    expect(after.value.started.day.tasks.find((t) => t.id === after.value.started.begun[0])?.from).toBe(first?.from);
    await v.reload();
    await v.sees('Late: move the rest');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('out of hours: it says why, and one press makes it possible', async () => {
    const v = await visit({ path: '/wash-day?items=itm-parka,itm-bib' });
    await planned(v);
    await v.press('Hours and people');
    // Too soon for down at any hour of the day.
    const soon = new Date(Date.now() + 90 * 60_000);
    await v.day('Done by', soon.toLocaleDateString('sv-SE'));
    await click(await byName(v.page, '::-p-aria([role="group"][name="at what time"]) [role=spinbutton]'));
    await v.page.keyboard.type(soon.toLocaleTimeString('sv-SE', { hour: '2-digit', minute: '2-digit' }).replace(':', ''));
    await v.press('Use these hours');
    await v.sees('It does not fit until');
    await v.sees('Why it does not fit');
    await v.sees('alone, begun at once and never kept waiting, is done on');
    await v.press(/Allow until (.+)\. Then done (on )?\1\./);
    await v.sees('The day is changed');
    await v.page.waitForFunction(() => !document.body.innerText.includes('Why it does not fit'), { timeout: 45_000 });
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('an outing ahead leads to a day of what is not ready for it, on a phone with the turns first', async () => {
    const v = await visit({ path: '/', width: 390, height: 844 });
    await v.press('Put a wash day together');
    await planned(v);
    const order = await v.page.$$eval('h2', (all) => all.filter((h) => h.checkVisibility()).map((h) => h.textContent));
    expect(order.indexOf('When you are needed')).toBeLessThan(order.indexOf('Loads'));
    expect(v.page.url()).not.toContain('items=');
    // It is there again.
    await v.go('/wash-day');
    await planned(v);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('what only a large dryer dries is left out, and is in the day with one press when there is one', async () => {
    const v = await visit();
    const demo = makeDemoKit(Date.now()).kit;
    const items = demo.items.filter((i) => i.id === 'itm-parka');
    await giveKit(v, {
      ...demo,
      items,
      inspections: demo.inspections.filter((i) => i.itemId === 'itm-parka'),
      log: [],
      weighIns: [],
      equipment: { ...demo.equipment, dryers: [] },
    });
    await v.go('/wash-day?items=itm-parka');
    await v.sees('a large dryer elsewhere');
    await v.press('A launderette’s dryer is at hand');
    await v.sees('The large dryer is in the day.');
    await planned(v);
    await v.sees('Launderette dryer');
    // It is told with the hours, and can be taken away there; what was just said does not lie over what is pressed.
    await v.press('Hours and people');
    const tick = await v.named('A launderette’s dryer is at hand', 'checkbox');
    expect(await tick.evaluate((e) => (e as HTMLInputElement).checked)).toBe(true);
    await tick.press('Space');
    await v.press('Use these hours');
    await v.sees('a large dryer elsewhere');
    // The kit itself has none still.
    expect(JSON.stringify(await v.stored('meta', 'equipment'))).not.toContain('launderette');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('an address with things works out that day alone, and the day works out no kit anew', async () => {
    const v = await visit();
    await v.sees('Needs care');
    await v.page.evaluateOnNewDocument(() => {
      const asked: string[] = [];
      Object.assign(window, { asked });
      const post = Worker.prototype.postMessage as (this: Worker, ...of: unknown[]) => void;
      Worker.prototype.postMessage = function (this: Worker, ...of: unknown[]) {
        const { path, argumentList } = (of[0] ?? {}) as { path?: string[]; argumentList?: { value?: { items?: string[] } }[] };
        const items = path?.[0] === 'plan' ? (argumentList?.[0]?.value?.items ?? []) : [];
        if (path?.length) asked.push([...path, ...items].join(' '));
        post.apply(this, of);
      };
    });
    await v.load('/wash-day?items=itm-bib,itm-softshell');
    await planned(v);
    const asked = (): Promise<string[]> => v.page.evaluate(() => (window as unknown as { asked: string[] }).asked);
    const before = await asked();
    expect(before.filter((one) => one.startsWith('plan '))).toEqual(['plan itm-bib itm-softshell']);
    await v.go('/cupboard');
    await v.go('/');
    await v.sees('Needs care');
    expect(await asked()).toEqual(before);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a thing that was deleted meanwhile is passed over; an empty day offers what is due', async () => {
    const v = await visit({ path: '/wash-day?items=itm-bib,itm-gone' });
    await planned(v);
    expect(await v.text()).toContain('One thing,');
    await v.press('Leave out Ice bib');
    await v.sees('is out of the day');
    await v.sees('Several things, one day');
    await v.sees('Everything that is due');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('hours are moved by keys and by hand, and each machine gets its card', async () => {
    const v = await visit({ path: '/wash-day?items=itm-bib,itm-ice-trousers' });
    await planned(v);
    await v.press('Hours and people');
    const from = await v.named('Hours of Bo: from', 'slider');
    await from.focus();
    await v.page.keyboard.press('ArrowRight');
    await v.page.keyboard.press('ArrowRight');
    expect(await from.evaluate((e) => e.getAttribute('aria-valuetext'))).toBe('08:30');
    const quiet = await v.named('Quiet hours: from', 'slider');
    expect(await quiet.evaluate((e) => e.getAttribute('aria-valuetext'))).toBe('21:00');
    // An hour to the left by hand: the line is noon to noon.
    await quiet.evaluate((e) => e.scrollIntoView({ block: 'center' }));
    const box = (await quiet.boundingBox())!;
    const line = await quiet.evaluate((e) => e.parentElement!.getBoundingClientRect().width);
    await v.page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await v.page.mouse.down();
    await v.page.mouse.move(box.x + box.width / 2 - line / 24, box.y + box.height / 2, { steps: 4 });
    await v.page.mouse.up();
    await v.press('Use these hours');
    await v.sees('quiet 20:00–07:00');
    expect(await v.text()).toContain('Bo 08:30–21:00');
    await planned(v);
    await v.page.evaluate(() => void (window.print = () => undefined));
    await v.press('More');
    await v.press('Print a card for each machine');
    await v.sees('Cards for the doors');
    // In one drum or each in its own: that depends on the hours that are left of today.
    await byName(v.page, '::-p-aria([role="main"]) ::-p-aria([role="region"])');
    const cards = await v.page.$$eval('main section, main [role=region]', (all) => all.map((e) => e.textContent));
    for (const name of ['Ice bib', 'Bare-membrane trousers']) {
      const its = cards.filter((card) => card.includes(name));
      expect(its, name).toHaveLength(1);
      expect(its[0]).toMatch(/30 °C.*technical cleaner/);
    }
    expect(await faultsOf(v)).toEqual([]);
    await v.press('Back to the day');
    await planned(v);
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
