import type { ElementHandle } from 'puppeteer-core';
import { describe, expect, test } from 'vitest';
import { readKit } from '../../src/core/formats';
import { holdFocus, keys } from './hand';
import { drawn, faultsOf, OF_THE_LOOK, putInStore, visit, type Visit, soon } from './visit';

/* The controls as hands, keys and fingers meet them; each is found by its role and its name. */
const value = async (v: Visit, name: string, role = 'textbox'): Promise<string> =>
  (await v.named(name, role)).evaluate((e) => (e as HTMLInputElement).value);
const dialogs = (v: Visit): Promise<string[]> =>
  v.page.$$eval('[role=dialog] h2, [role=alertdialog] h2', (all) => all.map((h) => h.textContent ?? ''));

describe('a day', () => {
  test('with a year of five figures is said to be wrong and not kept; the copy of the kit can be read', async () => {
    const v = await visit({ path: '/cupboard' });
    await v.press('Correct Down cleaner');
    await v.day('Good until', '2029-05-01');
    await v.press('Save');
    await v.sees('Down cleaner is in the cupboard');
    expect(await v.stored('supplies', 's-down')).toMatchObject({ expiresOn: '2029-05-01' });
    await v.press('Correct Down cleaner');
    const year = await v.page.waitForSelector('[role=dialog] [role=spinbutton][data-type=year]');
    await year?.click();
    // A year beyond what the format holds.
    await v.page.keyboard.type('9999');
    await v.sees('Write a day up to 31 December 2199. This one is not kept.');
    await v.press('Save');
    // It is not saved over: the sheet stays, and the focus is on what is wrong.
    await soon(async () =>
      expect(await v.page.evaluate(() => document.activeElement?.closest('[role=group]') !== null)).toBe(true),
    );
    expect(await v.stored('supplies', 's-down')).toMatchObject({ expiresOn: '2029-05-01' });
    const rows = await Promise.all(['items', 'inspections', 'supplies', 'log'].map((t) => v.rows(t)));
    const [items, inspections, supplies, log] = rows;
    expect(readKit(JSON.stringify({ format: 'umbrastic/kit', version: 1, items, inspections, supplies, log })).status).toBe(
      'read',
    );
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('reads day, month, year on every machine', async () => {
    const v = await visit();
    const client = await v.page.createCDPSession();
    await client.send('Emulation.setLocaleOverride', { locale: 'en-US' });
    await v.go('/gallery');
    const order = await v.page.$eval('[role=group][aria-labelledby] [role=spinbutton]', (first) =>
      [...(first.parentElement?.querySelectorAll('[role=spinbutton]') ?? [])].map((e) => e.textContent),
    );
    expect(order).toEqual(['03', '01', '2027']);
    await v.close();
  });
});

describe('a value with a unit', () => {
  test('takes any unit of its measure, says what it comes to, and keeps the last good one', async () => {
    const v = await visit({ path: '/gallery' });
    const kept = (): Promise<string> => v.page.$eval('[data-kept]', (e) => (e.textContent ?? '').replace(/\s+/g, ' '));
    await v.write('Dry weight, g', '4 oz');
    await v.sees('That is 113.4 g.');
    expect(await kept()).toContain('113.3980925 g');
    await v.write('Dry weight, g', '1,5 kg');
    expect(await kept()).toContain('1500 g');
    await v.write('Dry weight, g', '86 F');
    await v.sees('Write the weight, as a number above 0, up to 5000 g. 1500 g is kept.');
    expect(await kept()).toContain('1500 g');
    await v.write('Water, °F', '104');
    await v.sees('That is 40 °C.');
    expect(await kept()).toContain('40 °C');
    // Figures count with the arrow keys, inside their range.
    await (await v.named('How many', 'textbox')).focus();
    await keys(v, 'ArrowUp', 'ArrowUp', 'ArrowDown');
    expect(await value(v, 'How many')).toBe('4');
    await v.close();
  });
});

describe('a sheet', () => {
  test('asks before it throws a change away, and keeps it over a reload until it is saved or thrown away', async () => {
    const v = await visit({ path: '/kit/itm-smock?correct=1' });
    await v.sees('Correct Rust smock');
    // Unchanged, Escape simply closes it.
    await keys(v, 'Escape');
    await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    await v.press('Correct it');
    await v.write('Name', 'Rust smock, mended');
    await keys(v, 'Escape');
    await v.sees('Your changes are not saved.');
    // The safe answer has the focus.
    await keys(v, 'Enter');
    await v.page.waitForFunction(() => !document.body.innerText.includes('Your changes are not saved.'));
    expect(await value(v, 'Name')).toBe('Rust smock, mended');
    await soon(async () => expect(await v.rows('sheets')).toHaveLength(1));
    await v.reload();
    await v.sees('These are your changes from before; they are not saved yet.');
    expect(await value(v, 'Name')).toBe('Rust smock, mended');
    expect(await v.stored('items', 'itm-smock')).toMatchObject({ name: 'Rust smock' });
    await v.press('Begin again');
    expect(await value(v, 'Name')).toBe('Rust smock');
    await v.write('Name', 'Rust smock, mended');
    // Enter in any field submits.
    await keys(v, 'Enter');
    await v.sees('Rust smock, mended is corrected');
    expect(await v.stored('items', 'itm-smock')).toMatchObject({ name: 'Rust smock, mended' });
    expect(await v.rows('sheets')).toEqual([]);
    // Thrown away, it is gone for good.
    await v.press('Correct it');
    await v.write('Owner', 'Nobody');
    await keys(v, 'Escape');
    await v.press('Throw them away');
    await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    expect(await v.rows('sheets')).toEqual([]);
    // The focus is where it was.
    expect(await v.page.evaluate(() => document.activeElement?.textContent)).toBe('Correct it');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('keeps nothing while a field is out of its bounds, and takes another unit', async () => {
    const v = await visit({ path: '/cupboard/machines' });
    await v.press('Add a line');
    await v.write('Name', 'x'.repeat(40));
    await v.write('Length of line, m', '900');
    await v.sees('Write the length, as a number above 0, up to 200 m.');
    await v.press('Save');
    await soon(async () => expect(await dialogs(v)).toContain('Where things dry'));
    await v.write('Length of line, m', '12 ft');
    await v.press('Save');
    await v.sees('is saved');
    const { value: equipment } = (await v.stored('meta', 'equipment')) as {
      value: { racks: { name: string; metres: number }[] };
    };
    expect(equipment.racks.find((r) => r.name.startsWith('xxxx'))?.metres).toBeCloseTo(3.6576, 6);
    await v.close();
  });
  test('a day that an earlier version let slip is named beside its field by the format’s own rules, and nothing is kept until it is mended', async () => {
    const v = await visit({ path: '/cupboard' });
    await putInStore(v, 'supplies', { ...(await v.stored('supplies', 's-down')), expiresOn: '12029-05-01' });
    await v.reload();
    await v.press('Correct Down cleaner');
    await v.write('Left in it, mL', '111');
    await v.press('Save');
    await v.sees('Must be a day, such as 2027-01-03.');
    expect(await v.stored('supplies', 's-down')).toMatchObject({ remainingMl: 300 });
    await v.day('Good until', '2029-05-01');
    // The button stays under the hand that leaves the mended field for it.
    const save = await v.named('Save', 'button');
    await save.evaluate((e) => e.scrollIntoView({ block: 'nearest' }));
    const box = await save.boundingBox();
    await v.page.mouse.move((box?.x ?? 0) + 20, (box?.y ?? 0) + (box?.height ?? 0) - 4);
    await v.page.mouse.down();
    await new Promise((resolve) => setTimeout(resolve, 120));
    await v.page.mouse.up();
    await v.sees('Down cleaner is in the cupboard');
    expect(await v.stored('supplies', 's-down')).toMatchObject({ remainingMl: 111, expiresOn: '2029-05-01' });
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('what is wrong is said again at every try, also when it is the same that was wrong before', async () => {
    const v = await visit({ path: '/kit/itm-blue-shoes' });
    await v.press('Write down their price');
    await v.write('After the work, low', '40');
    const high = await v.named('After the work, high', 'textbox');
    const isWrong = (): Promise<boolean> => high.evaluate((e) => e.getAttribute('aria-invalid') === 'true');
    for (const tooLow of ['20', '30']) {
      await v.write('After the work, high', tooLow);
      await v.page.keyboard.press('Tab');
      await soon(async () => expect(await isWrong()).toBe(false));
      await v.press('Save');
      await soon(async () => expect(await isWrong(), tooLow).toBe(true));
      await v.sees('Must not be below low.');
    }
    await v.close();
  });
  test('a letter draws its own field, not the sheet around it', async () => {
    const v = await visit({ path: '/kit/itm-parka?correct=1' });
    const line = await v.named('Name', 'textbox');
    await line.click();
    const cdp = await v.page.createCDPSession();
    await cdp.send('Profiler.enable');
    await cdp.send('Profiler.startPreciseCoverage', { callCount: true, detailed: false });
    /** Functions of the app that were called since the last time. */
    const called = async (): Promise<number> => {
      await v.page.evaluate(() => new Promise((later) => setTimeout(later, 600)));
      const { result } = await cdp.send('Profiler.takePreciseCoverage');
      return result
        .filter(({ url }) => url.includes('/assets/'))
        .reduce((sum, script) => script.functions.reduce((n, f) => n + (f.ranges[0]?.count ?? 0), sum), 0);
    };
    const letter = async (): Promise<number> => {
      // The first also opens a draft and the question that guards it; what else the page is busy with does not come with every letter.
      await v.page.keyboard.type('a');
      await called();
      let least = Infinity;
      for (const next of ['b', 'c', 'd']) {
        await v.page.keyboard.type(next);
        least = Math.min(least, await called());
      }
      return least;
    };
    const inFortyFields = await letter();
    await v.load('/kit/itm-vest');
    await v.press('Lend it');
    await (await v.named('To whom?', 'textbox')).click();
    const inTwo = await letter();
    expect(inFortyFields / inTwo).toBeLessThan(6);
    await v.close();
  });
  test('asks too when rows were added, moved or taken away, and no field was touched', async () => {
    const v = await visit({ path: '/cupboard/machines' });
    await v.press('Correct Cellar machine');
    await v.press('Add a programme');
    await keys(v, 'Escape');
    await v.sees('Your changes are not saved.');
    await v.press('Throw them away');
    await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    await v.go('/kit/itm-smock?correct=1');
    await v.press('Move Face down');
    // While the button says its name beside the pointer, Escape takes that away first.
    await v.page.mouse.move(0, 0);
    await v.page.waitForFunction(() => document.querySelector('[role=tooltip]') === null);
    await keys(v, 'Escape');
    await v.sees('Your changes are not saved.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('half a note, half a price and the last word on a run wait where they were typed, over a closed tab', async () => {
    const v = await visit({ path: '/cupboard/water' });
    await v.write('Humidity, %', '61');
    await v.write('Currency', 'NOK');
    await soon(async () => expect(JSON.stringify(await v.rows('sheets'))).toContain('"NOK"'));
    await v.go('/');
    await v.goToRun();
    await v.page.waitForSelector('[role=timer]');
    const run = new URL(v.page.url()).pathname;
    await v.press('Note');
    await v.write('What do you want to remember?', 'left cuff');
    await soon(async () => expect(await v.rows('sheets')).toHaveLength(3));
    await v.page.close();
    const w = await v.tab('/cupboard/water');
    await w.sees('These are your changes from before');
    expect([await value(w, 'Humidity, %'), await value(w, 'Currency')]).toEqual(['61', 'NOK']);
    await w.press('Save room and water');
    await w.sees('Room and water are saved.');
    await w.go(run);
    await w.press('Note');
    expect(await value(w, 'What do you want to remember?')).toBe('left cuff');
    await w.press('Note it');
    await w.sees('it goes into the record');
    expect((await w.rows('sheets')).map((s) => s.key)).toEqual(['prices']);
    await w.close();
  });
  test('what changed of a thing meanwhile stays, beside what was changed in the sheet', async () => {
    const v = await visit({ path: '/kit/itm-smock?correct=1' });
    await v.write('Owner', 'Runa');
    await soon(async () => expect(await v.rows('sheets')).toHaveLength(1));
    // Left by the address; meanwhile a finished wash has taught the thing something.
    await v.go('/kit');
    await putInStore(v, 'items', { ...(await v.stored('items', 'itm-smock')), learned: { rinseRuns: 4 } });
    await v.go('/kit/itm-smock?correct=1');
    await v.sees('These are your changes from before; they are not saved yet.');
    await v.press('Save');
    await v.sees('is corrected');
    expect(await v.stored('items', 'itm-smock')).toMatchObject({ owner: 'Runa', learned: { rinseRuns: 4 } });
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('a list that is only visited changes nothing, is empty again after each choice, and is emptied by hand', async () => {
    const v = await visit();
    await v.press('A game');
    const list = await v.named('And what else?', 'combobox');
    await list.focus();
    await keys(v, 'Escape', 'Tab', 'Escape');
    await v.page.waitForFunction(() => document.querySelector('[role=dialog]') === null);
    await v.press('A game');
    await v.write('And what else?', 'Hut quilt');
    await keys(v, 'ArrowDown', 'Enter');
    const quilt = await v.named(/Hut quilt( .+)?/, 'button');
    await soon(async () => expect(await quilt.evaluate((e) => e.ariaPressed)).toBe('true'));
    expect(await (await v.named('And what else?', 'combobox')).evaluate((e) => (e as HTMLInputElement).value)).toBe('');
    await v.go('/bench?item=itm-bib');
    const of = await v.named('Take the numbers of', 'combobox');
    expect(await of.evaluate((e) => (e as HTMLInputElement).value)).toBe('Ice bib');
    await of.click({ count: 3 });
    await keys(v, 'Backspace', 'Tab');
    await v.page.waitForFunction(() => !location.search.includes('item='));
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('by keyboard alone', () => {
  test('finds one of 5 000, orders rows, moves a mark, walks a table, undoes', async () => {
    const v = await visit({ path: '/gallery' });
    await (await v.named('One of 5 000', 'combobox')).focus();
    await v.page.keyboard.type('4321');
    await v.page.waitForFunction(() => document.querySelectorAll('[role=option]').length === 1);
    // The page moves under the hand, as a phone's does when its keys come up: nothing that was typed is lost.
    // It is shut by the scrolling, and opens again with the next frames.
    await v.page.evaluate(async () => {
      const scrolled = new Promise((done) => addEventListener('scroll', () => requestAnimationFrame(done), { once: true }));
      scrollBy(0, -30);
      await scrolled.then(() => new Promise((done) => requestAnimationFrame(() => requestIdleCallback(done))));
    });
    await v.page.waitForFunction(() => document.querySelectorAll('[role=option]').length === 1);
    // Enter takes what is pointed at; before, there is nothing to take, and nothing is lost.
    await keys(v, 'Enter');
    expect(await value(v, 'One of 5 000', 'combobox')).toBe('4321');
    await soon(async () => (await keys(v, 'ArrowDown'), await v.page.$eval('input[aria-activedescendant]', () => true)));
    await keys(v, 'Enter');
    await v.page.waitForFunction(() => document.querySelector('[role=option]') === null);
    expect(await value(v, 'One of 5 000', 'combobox')).toBe('Thing 4321');
    // Only those in sight are drawn.
    await v.page.keyboard.down('Control');
    await keys(v, 'a');
    await v.page.keyboard.up('Control');
    await keys(v, 'Backspace');
    await v.page.waitForFunction(() => document.querySelectorAll('[role=option]').length > 3);
    expect(await v.page.$$eval('[role=option]', (all) => all.length)).toBeLessThan(60);
    await keys(v, 'Escape');

    const order = (): Promise<string[]> =>
      v.page.$$eval('[role=grid][aria-label="Layers, outside first"] [role=row]', (all) =>
        all.map((r) => r.textContent?.trim() ?? ''),
      );
    expect(await order()).toEqual(['Face', 'Fill', 'Lining']);
    // Tab comes to a row, the arrows to the others, Tab again to what stands in it.
    await v.page.focus('[role=grid][aria-label="Layers, outside first"] [role=row]');
    await keys(v, 'ArrowDown', 'ArrowDown', 'Tab', 'Tab');
    expect(await v.page.evaluate(() => document.activeElement?.getAttribute('aria-label'))).toBe('Move Lining up');
    await keys(v, 'Enter');
    await soon(async () => expect(await order()).toEqual(['Face', 'Lining', 'Fill']));
    // By its grip: taken with Enter, moved with the arrows, set down with Enter.
    await (await v.named('Drag Face', 'button')).focus();
    await keys(v, 'Enter');
    await v.page.waitForFunction(() => document.activeElement?.getAttribute('aria-roledescription') === 'drop indicator');
    await keys(v, 'ArrowDown', 'Enter');
    await soon(async () => expect((await order())[0]).not.toBe('Face'));
    const mark = await v.page.waitForSelector('[aria-roledescription=mark]');
    await holdFocus(mark!);
    await keys(v, 'ArrowRight', 'ArrowRight');
    await v.page.keyboard.down('Shift');
    await keys(v, 'ArrowDown');
    await v.page.keyboard.up('Shift');
    expect(await mark?.evaluate((e) => e.getAttribute('aria-label'))).toBe(
      'Corner 1, 42 % across, 60 % down. The arrow keys move it.',
    );

    await v.page.focus('#gallery-things tbody [tabindex="0"]');
    await keys(v, 'ArrowDown', 'ArrowDown', 'Space');
    await soon(async () =>
      expect(
        await v.page.$$eval('#gallery-things [aria-selected=true]', (all) => all.map((r) => r.getAttribute('data-index'))),
      ).toContain('2'),
    );
    await keys(v, 'End');
    await v.page.waitForFunction(() => document.activeElement?.getAttribute('aria-rowindex') === '61');
    await keys(v, 'Enter');
    await v.sees('m-59 is opened.');

    await (await v.named('Say something', 'button')).focus();
    await keys(v, 'Enter');
    await v.sees('It is done.');
    await keys(v, 'F6');
    await v.page.waitForFunction(() => document.activeElement?.closest('[aria-label="What just happened"]') !== null);
    await v.page.keyboard.down('Control');
    await keys(v, 'z');
    await v.page.keyboard.up('Control');
    await v.sees('It is undone.');
    expect(v.errors).toEqual([]);
    await v.close();
  });
  // Where things are seen, against the order in which they are written, is looked at on every page (faultsOf); here the keys are pressed.
  test.each(['/', '/kit/itm-parka?correct=1', '/wash-day?items=itm-bib,itm-softshell'])(
    'on %s Tab goes in the order in which it is read, and everything it comes to has a name',
    async (path) => {
      const v = await visit({ path });
      await v.sees('Kit');
      const faults: string[] = [];
      await v.page.evaluate(() => void ((window as unknown as { was: Element | null }).was = null));
      for (let n = 0; n < 45; n++) {
        await keys(v, 'Tab');
        const fault = await v.page.evaluate(() => {
          const w = window as unknown as { was: Element | null };
          const is = document.activeElement;
          const was = w.was;
          w.was = is === document.body ? null : is;
          // What was left may be gone by now: the button that stops something, when it has ended by itself.
          if (!is || !was?.isConnected || is === was || is === document.body) return null;
          if (was.compareDocumentPosition(is) & Node.DOCUMENT_POSITION_FOLLOWING) return null;
          // Round again, to the first of what is open, is the one step back that there may be.
          const open = document.querySelector('[role=dialog]') ?? document;
          const first = [...open.querySelectorAll<HTMLElement>('a[href], button:not([disabled]), input, [tabindex="0"]')].find(
            (e) => e.tabIndex >= 0 && e.offsetParent !== null,
          );
          return is === first ? null : `${was.outerHTML.slice(0, 140)} → ${is.outerHTML.slice(0, 140)}`;
        });
        if (fault) faults.push(fault);
      }
      expect(faults).toEqual([]);
      const tree = await v.page.accessibility.snapshot({ interestingOnly: true });
      const nameless: string[] = [];
      const look = (node: typeof tree): void => {
        if (node && /^(button|link|textbox|combobox|checkbox|radio|spinbutton|slider|tab|switch)$/.test(node.role) && !node.name)
          nameless.push(node.role);
        node?.children?.forEach((child) => look(child));
      };
      look(tree);
      expect(nameless).toEqual([]);
      await v.close();
    },
  );
});

describe('with a finger', () => {
  test('a list opens as a tray from below and is closed by choosing', async () => {
    const v = await visit({ width: 390, height: 844, path: '/kit' });
    await v.page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
    await v.reload();
    await v.sees('need care');
    await (await v.list('Show only this kind')).tap();
    const tray = await v.page.waitForSelector('[role=listbox]');
    const box = await tray?.evaluate((e) => {
      const { left, right, bottom } = (e.closest('[data-trigger]') as HTMLElement).getBoundingClientRect();
      return { left, right, under: Math.round(innerHeight - bottom) };
    });
    expect(box).toEqual({ left: 0, right: 390, under: 0 });
    for (const height of await v.page.$$eval('[role=option]', (all) => all.map((o) => o.getBoundingClientRect().height)))
      expect(height).toBeGreaterThanOrEqual(44);
    await (await v.named('jacket', 'option')).tap();
    await v.sees('shown,');
    expect(v.page.url()).toContain('kind=jacket');
    // The keys for figures come up where figures are asked for.
    await v.go('/kit/itm-smock?correct=1');
    expect(await (await v.named('Dry weight, g', 'textbox')).evaluate((e) => (e as HTMLInputElement).inputMode)).toBe('decimal');
    await v.close();
  });
});

describe('with wet hands', () => {
  test('everything that is pressed or typed into in a run is 64 px high, and the bar over its text leaves half the screen', async () => {
    const v = await visit({ width: 390, height: 844 });
    await v.goToRun();
    await v.page.waitForSelector('[role=timer]');
    await v.press('More');
    const heights = await v.page.$$eval('main button, main input:not([type=checkbox]):not([type=radio]):not([hidden])', (all) =>
      all
        .filter((e) => (e as HTMLElement).offsetParent !== null && !e.closest('[style*=clip]'))
        .map((e) => [e.getAttribute('aria-label') ?? e.textContent ?? '', Math.round(e.getBoundingClientRect().height)] as const),
    );
    expect(heights.length).toBeGreaterThan(6);
    expect(heights.filter(([, height]) => height < 64)).toEqual([]);
    await v.reload();
    const bar = (await (
      await v.named('Pause', 'button')
    ).evaluateHandle((e) => {
      let up: HTMLElement | null = e as HTMLElement;
      while (up && getComputedStyle(up).position !== 'sticky') up = up.parentElement;
      return up;
    })) as ElementHandle<Element>;
    expect((await bar.boundingBox())?.height).toBeLessThan(844 / 2);
    await v.close();
  });
});

describe('the gallery', () => {
  const LOOKS = [
    { name: 'desk-light', width: 1280, media: 'prefers-color-scheme', value: 'light', zoom: 1 },
    { name: 'desk-dark', width: 1280, media: 'prefers-color-scheme', value: 'dark', zoom: 1 },
    { name: 'phone', width: 390, media: 'prefers-color-scheme', value: 'light', zoom: 1 },
    { name: 'forced-colours', width: 1280, media: 'forced-colors', value: 'active', zoom: 1 },
    // Text at 200 % on a desk of 1280 px leaves the room of 640.
    { name: 'large-text', width: 640, media: 'prefers-color-scheme', value: 'light', zoom: 2 },
  ] as const;
  test('shows every control without a serious fault in light, dark, on a phone, in forced colours and with text twice as large', async () => {
    const v = await visit({ path: '/gallery' });
    const client = await v.page.createCDPSession();
    const faults: unknown[] = [];
    for (const [n, { name, width, media, value, zoom }] of LOOKS.entries()) {
      await v.page.setViewport({ width, height: 900, deviceScaleFactor: zoom });
      await client.send('Emulation.setEmulatedMedia', { features: [{ name: media, value }] });
      await drawn(v.page);
      // Forced colours are the system’s own; axe reads ours.
      const ofLook = OF_THE_LOOK.filter((rule) => rule !== 'color-contrast' || media !== 'forced-colors');
      faults.push(...(await faultsOf(v, n === 0 ? undefined : ofLook)).map((fault) => ({ name, fault })));
    }
    expect(faults).toEqual([]);
    // Whoever asks for less motion gets none.
    await client.send('Emulation.setEmulatedMedia', { features: [{ name: 'prefers-reduced-motion', value: 'reduce' }] });
    const moving = await v.page.$$eval(
      'body *',
      (all) =>
        all
          .map((e) => getComputedStyle(e))
          .filter((s) => s.animationName !== 'none' || s.transitionDuration.split(', ').some((d) => parseFloat(d) > 0)).length,
    );
    expect(moving).toBe(0);
    await client.send('Emulation.setEmulatedMedia', { features: [] });
    // What a finger presses is 44 px high at least; lines of text beside it may be smaller.
    await v.page.setViewport({ width: 390, height: 844 });
    const small = await v.page.$$eval(
      'main button, main input:not([type=checkbox]):not([type=radio]):not([type=range]):not([hidden])',
      (all) =>
        all
          .map((e) => {
            // The name of a card or a line that is pressed as a whole lies over all of it.
            const whole = getComputedStyle(e, '::after').position === 'absolute' ? (e as HTMLElement).offsetParent : null;
            return { e, box: (whole ?? e).getBoundingClientRect() };
          })
          .filter(
            ({ e, box }) =>
              (e as HTMLElement).tabIndex >= 0 &&
              box.width > 1 &&
              !e.closest('[style*=clip]') &&
              getComputedStyle(e).display !== 'none' &&
              box.height < 42,
          )
          .map(({ e }) => `${e.getAttribute('aria-label') ?? e.textContent} ${e.getBoundingClientRect().height}`),
    );
    expect(small).toEqual([]);
    expect(v.errors).toEqual([]);
    await v.close();
  });
  test('is not in the first load, nor in the rail', async () => {
    const v = await visit();
    await v.sees('under way');
    // By words that only the heavy parts hold, whatever their files are called.
    const heavy = {
      gallery: 'Every control, in every state.',
      days: 'This one is not kept.',
      combo: 'Nothing is called that.',
      table: 'Choose all that are shown',
    };
    const found = (words: typeof heavy): Promise<string[]> =>
      v.page.evaluate(async (all) => {
        const urls = performance.getEntriesByType('resource').flatMap((e) => (/\/assets\/.*\.js$/.test(e.name) ? [e.name] : []));
        const texts = await Promise.all(urls.map(async (url) => (await fetch(url)).text()));
        return Object.entries(all).flatMap(([name, text]) => (texts.some((t) => t.includes(text)) ? [name] : []));
      }, words);
    expect(await found(heavy)).toEqual([]);
    expect(await v.page.$$eval('nav[aria-label=Places] a', (all) => all.map((a) => a.textContent))).not.toContain('Gallery');
    // The words are the right ones: where the parts are wanted, they are found.
    await v.load('/gallery');
    expect(await found(heavy)).toEqual(Object.keys(heavy));
    await v.close();
  });
});

describe('what was just said', () => {
  test.each([
    [1280, 800],
    [390, 844],
  ])('lies over nothing that is pressed in a sheet at %i × %i', async (width, height) => {
    const v = await visit({ path: '/wash-day?items=itm-bib', width, height });
    await v.sees('A new day is put together.');
    await v.press('Hours and people');
    const covered = async (): Promise<string[]> =>
      v.page.evaluate(() =>
        [...document.querySelectorAll<HTMLElement>('[role=dialog] button, [role=dialog] label')].flatMap((e) => {
          e.scrollIntoView({ block: 'nearest' });
          const { left, top, width: w, height: h } = e.getBoundingClientRect();
          const over = document.elementFromPoint(left + w / 2, top + h / 2);
          return over?.closest('[aria-label="What just happened"]') ? [e.innerText] : [];
        }),
      );
    await v.named('Use these hours', 'button');
    expect(await covered()).toEqual([]);
    expect(await v.text()).toContain('A new day is put together.');
    await v.close();
  });
});

describe('a tray on a phone', () => {
  test('does not take the press that opened it, though it lies over its control; the next press chooses', async () => {
    const v = await visit({ path: '/gallery', width: 390, height: 844 });
    const opener = await v.list('One of more than a few');
    await opener.evaluate((e) => {
      e.scrollIntoView({ block: 'end' });
      scrollBy(0, 120);
    });
    const shown = (): Promise<string> => opener.evaluate((e) => (e as HTMLElement).innerText);
    const before = await shown();
    const box = (await opener.boundingBox())!;
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await v.page.mouse.move(x, y);
    await v.page.mouse.down();
    const list = await v.page.waitForSelector('[role=listbox]');
    // It is there that the hand would let go.
    const tray = (await list!.boundingBox())!;
    expect(tray.y).toBeLessThan(y);
    await v.page.mouse.up();
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(await v.page.$('[role=listbox]')).not.toBeNull();
    expect(await shown()).toBe(before);
    const other = (await v.page.$$('[role=option][aria-selected=false]')).at(-1);
    const name = await other!.evaluate((e) => (e as HTMLElement).innerText);
    await other!.click();
    await soon(async () => expect(await shown()).toContain(name));
    await v.close();
  });
});
