import puppeteer, { type Page } from 'puppeteer-core';
import { CHROMIUM, CHROMIUM_ARGS } from './chromium';
import { makeDemoKit } from '../demo/kit';
import { writeFileSync } from 'node:fs';
const base = process.argv[2] as string;
const b = await puppeteer.launch({ executablePath: CHROMIUM as string, args: [...CHROMIUM_ARGS], headless: true });
const p: Page = await b.newPage();
await p.evaluateOnNewDocument('window.__name = f => f');
const errors: string[] = [];
p.on('pageerror', e => errors.push(String(e)));
p.on('console', m => m.type()==='error' && errors.push(m.text()));
await p.setViewport({ width: 390, height: 844 });
const sees = (t: string) => p.waitForFunction((w: string) => document.body.innerText.replace(/\s+/g,' ').includes(w), { timeout: 20000 }, t);
const press = async (t: string) => {
  const h = await p.waitForFunction((w: string) => { const open = document.querySelector('[role=dialog]') ?? document; const all = [...open.querySelectorAll<HTMLElement>('button,a,label,summary,[role=radio]')].filter(e => e.offsetParent !== null && !(e as HTMLButtonElement).disabled); const said = (e: HTMLElement) => (e.getAttribute('aria-label') ?? e.innerText).trim().replace(/\s+/g,' '); return all.find(e => said(e) === w) ?? all.find(e => said(e).startsWith(w)); }, { timeout: 20000 }, t);
  const e = h.asElement() as never as { evaluate: (f: (x: Element) => void) => Promise<void>; click: () => Promise<void> };
  await e.evaluate(x => x.scrollIntoView({ block: 'center' })); await e.click();
};
const go = (path: string) => p.goto(base + path, { waitUntil: 'networkidle0' });
const field = (l: string) => `::-p-xpath(//label[starts-with(normalize-space(.), "${l}")]//*[self::input or self::select])`;
const write = async (l: string, t: string) => { const i = await p.waitForSelector(field(l)); await i?.click({ count: 3 }); await p.keyboard.press('Backspace'); await i?.type(t); };
let n = 0; let bad = 0;
const step = async (what: string, expected: string, f: () => Promise<unknown>) => {
  n++;
  try { await f(); console.log(`${n}. ok   ${what} → ${expected}`); }
  catch (e) { bad++; await p.screenshot({ path: `/tmp/fail-${n}.png` }); console.log(`${n}. FAIL ${what} → ${expected}: ${String(e).slice(0, 200)} | ${(await p.evaluate(() => document.body.innerText)).slice(0, 400)}`); }
};
await step('open Now on a phone', 'machines and upkeep are named', async () => { await go('/'); await sees('Machines'); await sees('Due:'); });
await step('Cupboard', 'the first sentence says what is missing', async () => { await press('Cupboard'); await sees('Not enough for what is planned'); });
await step('add a bottle with a price, size and dose', 'it is listed with washes left', async () => {
  await press('Add'); await sees('What do you have?');
  await p.select(field('What it is'), 'unscented-cleaner'); await write('Your name for it', 'Field wash'); await write('Left in it', '1000'); await write('Held when new', '1000'); await write('Dose, mL', '90'); await write('Price of it', '9');
  await press('Save'); await sees('Field wash is in the cupboard'); await sees('11 washes');
});
await step('shopping list', 'unscented cleaner is off it', async () => { await p.waitForFunction(() => !/Not enough[^.]*unscented/.test(document.body.innerText), { timeout: 20000 }); });
await step('mark bleach in the basin, then rinse it out', 'said, then gone', async () => {
  await press('Machines and places'); await press('Something was used in it: Kitchen basin'); await press('chlorine bleach'); await press('Mark it'); await sees('Kitchen basin is marked');
  await press('I rinsed it out: Kitchen basin'); await sees('Kitchen basin is rinsed out');
});
await step('never together', 'a matrix with its reasons', async () => { await press('Never together'); await sees('chlorine gas'); });
await step('hardness 12 °dH', 'kept as hard water', async () => { await press("Room, water, prices"); await p.waitForSelector(field("Water hardness in")); await p.select(field('Water hardness in'), '°dH'); await sees("Water hardness, °dH"); await new Promise(r => setTimeout(r, 1200)); await new Promise(r => setTimeout(r, 1200)); await write('Water hardness, °dH', '12'); await sees('214 mg/L'); await press('Save room and water'); await sees('saved'); });
await step('upkeep done today', 'no longer due', async () => { await press('Upkeep'); await press('Wipe drawer and seal, Cellar machine: done today'); await sees('One thing is due'); });
await step('programme of the ice bib: what it takes, and why the dose', 'alternatives beside the plan, the sum of the dose', async () => { await go('/kit/itm-bib/programme'); await sees('What it takes'); await sees('Washed at 20 °C'); });
await step('bench from the programme: dose for 2 jackets given back', 'the programme has it as your own figure', async () => { await go('/bench?item=itm-bib'); await write('Dose on the label', '80'); await write('Label range from', '60'); await write('Label range to', '120'); await write('Dry load', '1'); await sees('load'); await press('Use'); await sees('It is in the programme now'); await press('To the programme of Ice bib'); await sees('Your own'); });
await step('undo the own figure', 'it is forgotten', async () => { await press('Forget'); await sees('forgotten'); });
await step('dilution: 200 %', 'a clear message by the field', async () => { await go('/bench/dilution'); await write('Strength wanted', '200'); await sees('write a number from 0.01 to 100 %'); });
await step('purge the cellar machine by Run', 'it is clean again', async () => { await go('/cupboard/machines'); await press('Purge Cellar machine'); await sees('Wipe drawer'); await press('Done'); await press('Start'); await press('Done'); await press('It is good'); await press('Done'); await sees('is clean again'); });
await step('keyboard only on a desk: g c, then to the bench with g b', 'both open', async () => { await p.setViewport({ width: 1280, height: 800 }); await go('/'); await sees('need'); await p.keyboard.press('g'); await p.keyboard.press('c'); await sees('Bottles and aids'); await p.keyboard.press('.'); await sees('What do you have?'); await p.keyboard.press('Escape'); await p.keyboard.press('g'); await p.keyboard.press('b'); await sees('Take the numbers of'); });
await step('offline: every part of cupboard and bench', 'all open', async () => {
  await p.waitForFunction(() => navigator.serviceWorker.controller !== null || navigator.serviceWorker.ready.then(() => true));
  await new Promise(r => setTimeout(r, 3000)); await go('/'); await new Promise(r => setTimeout(r, 1000));
  await p.setOfflineMode(true);
  for (const [path, said] of [['/cupboard','Bottles and aids'],['/cupboard/machines','Clean enough'],['/cupboard/upkeep','due'],['/cupboard/water','What you pay'],['/cupboard/never','Never in one bath'],['/bench','Take the numbers of'],['/bench/rinse','Clear after'],['/bench/dilution','mL of water'],['/bench/energy','kWh']] as const) { await p.goto(base + path, { waitUntil: 'domcontentloaded' }); await sees(said); }
  await p.setOfflineMode(false);
});
await step('300 things: cupboard', 'the shopping list comes, and a thing is chosen for the load', async () => {
  const { kit } = makeDemoKit(Date.now());
  const items = Array.from({ length: 300 }, (_, i) => ({ ...kit.items[i % kit.items.length]!, id: `b-${i}`, name: `Thing ${i}` }));
  const inspections = items.map((it, i) => ({ id: `i-${i}`, itemId: it.id, at: '2026-01-03T08:00:00Z', soil: i % 5, odour: i % 3 }));
  writeFileSync('/tmp/kit300.json', JSON.stringify({ ...kit, items, inspections, log: [], weighIns: [] }));
  await go('/record'); const input = await p.waitForSelector('[data-kit-file]'); await (input as never as { uploadFile: (f: string) => Promise<void> }).uploadFile('/tmp/kit300.json'); await press('Replace it'); await sees('300 things are in your kit now');
  await go('/cupboard'); await sees('Not enough for what is planned'); await sees('mL in all'); await go('/cupboard/machines'); await p.select(field('this load?'), 'b-250'); await sees('Cellar machine');
});
console.log(`${bad} failed; page errors: ${JSON.stringify(errors)}`);
await b.close();
