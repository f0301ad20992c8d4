import { describe, expect, test } from 'vitest';
import { foldRun, type Run, type RunRecord } from '../../src/core/run';
import { passMinutes, soon, visit, type Visit } from './visit';

const theRun = async (v: Visit): Promise<Run> => foldRun((await v.rows('runs'))[0] as unknown as RunRecord);

describe('devices', () => {
  test('scale and room are taken, a slipped knob and pounds are told, and all goes on by hand when they are gone', async () => {
    const v = await visit();
    await v.device('/reset', { seed: 4, speed: 60 });
    await v.sees('under way');
    await v.goToRun();
    await v.sees('of drying yet');
    await v.press('Connect scale, dryer and room sensor');
    await v.sees('Take this weight');
    await v.press('Take this weight');
    await v.press('Keep it');
    await v.sees('g are kept');
    await v.sees('From one weight');
    const kept = (await theRun(v)).events.findLast((e) => e.type === 'weighed');
    expect(kept?.massG).toBeGreaterThan(760);
    expect(kept?.dryMin).toBeGreaterThan(40);
    await v.press('Use it');
    await v.sees('kept as measured');
    await v.device('/dryer', { heat: 'high' });
    await v.sees('The knob stands on HIGH. Set it to LOW now.');
    await v.device('/scale/fault', { fault: 'wrong-unit' });
    await v.sees(' lb');
    await v.press('Take this weight');
    await v.press('Keep it');
    await v.sees('Were these pounds?');
    await v.press(/Yes: \d+ g/);
    await v.sees('From 2 weights');
    await v.device('/scale/fault', { fault: 'stuck' });
    await v.sees('it may be stuck');
    await v.device('/scale/fault', { fault: 'drop-out' });
    await v.sees('The scale is not heard any more');
    await v.device('/scale/fault', { fault: null });
    await v.sees('Take this weight');
    await v.offline(true);
    await v.press('Disconnect');
    await v.press('Connect scale, dryer and room sensor');
    await v.sees('The devices are not heard');
    await v.write('Weight now, g', '800');
    await v.press('Keep it');
    await v.sees('g are kept');
    await v.offline(false);
    await v.close();
  });
  test('a scale with nothing on it gives no weight to take', async () => {
    const v = await visit();
    await v.goToRun();
    await v.press('Connect scale, dryer and room sensor');
    await v.sees('Take this weight');
    // Somebody has lifted it off.
    await v.device('/reset', { seed: 4, speed: 1 });
    await v.sees('0 g nothing on it');
    expect(await v.text()).not.toContain('Take this weight');
    await v.close();
  });
});

describe('a run that stands open', () => {
  test('has its clock drawn, and its curve only when the drying was worked out anew', async () => {
    const v = await visit();
    await v.sees('under way');
    await v.goToRun();
    await v.page.waitForFunction(() => document.querySelector('[aria-label="How dry it is"] svg path') !== null);
    const drawnInThreeTicks = (): Promise<number> =>
      v.page.evaluate(
        () =>
          new Promise<number>((resolve) => {
            const what = { subtree: true, childList: true, attributes: true, characterData: true };
            let [ticks, drawn] = [0, 0];
            const curve = new MutationObserver((all) => (drawn += all.length));
            curve.observe(document.querySelector('[aria-label="How dry it is"] svg') as Element, what);
            const clock = new MutationObserver(() => {
              if (++ticks < 3) return;
              curve.disconnect();
              clock.disconnect();
              resolve(drawn);
            });
            clock.observe(document.querySelector('[role=timer]') as Element, what);
          }),
      );
    // Where a minute has just gone by it was worked out anew: then it is watched again.
    await soon(async () => expect(await drawnInThreeTicks()).toBe(0));
    expect(v.errors).toEqual([]);
    await v.close();
  });
});

describe('several things at once', () => {
  test('a timer that ends is noticed on any page, and a note at a step goes into its record', async () => {
    const v = await visit();
    await v.sees('under way');
    await v.goToRun();
    await v.sees('of drying yet');
    await v.press('Note');
    await v.write('What do you want to remember?', 'left cuff was last');
    await v.press('Note it');
    await v.sees('it goes into the record');
    await v.go('/kit');
    await v.page.waitForSelector('tbody a');
    await passMinutes(v.page, 30);
    await v.page.waitForFunction(() => document.title.startsWith('Look now: '));
    const run = await theRun(v);
    expect(run.steps[run.currentId ?? '']?.notes).toEqual(['left cuff was last']);
    await v.press('Now');
    await v.sees('now Hut quilt');
    expect(v.errors).toEqual([]);
    await v.close();
  });
});
