import { describe, expect, test } from 'vitest';
import type { CareEntry, Kit, LoadEntry } from '../../src/core/gear';
import { planItem } from '../../src/core/programme';
import {
  addRinse,
  answerCheck,
  current,
  dropRun,
  finishStep,
  foldRun,
  recordOf,
  type Run,
  startTimer,
  stopRun,
} from '../../src/core/run';
import { carryLoad, loadOfSome } from '../../src/core/washday';
import {
  backIn,
  backTogether,
  beforeTheDoor,
  besideHere,
  gathered,
  loadState,
  pressAt,
  relay,
  sharedAs,
  takeOut,
  tickStep,
} from '../../src/core/run/load';
import { rinseAfter } from '../../src/core/run/rinsed';
import { drumWords, loadText, nextOfDay, notInText, underWayLines } from '../../src/core/telling/load';
import { begin, loadKit, T0, writeDown } from '../load-cases';

/* Several things in one drum: each with its own run, the drum once. */
const MIN = 60_000;
const of = (runs: readonly Run[], itemId: string): Run => runs.find((r) => r.itemId === itemId)!;
const put = (runs: readonly Run[], next: readonly Run[]): Run[] => runs.map((r) => next.find((n) => n.id === r.id) ?? r);
/** Everything of its own before the drum, done. */
function ready(run: Run, atMs: number): Run {
  let now = run;
  for (
    let n = 0;
    n < 40 && current(now) && (sharedAs(now, now.currentId) === null || current(now)!.phase === 'prepare-machine');
    n++
  )
    now = current(now)!.check ? answerCheck(now, true, atMs) : finishStep(now, atMs);
  return now;
}
/** One press at the shared step of all that are there. */
const forAll = (runs: readonly Run[], id: string, press: (r: Run) => Run): Run[] =>
  put(runs, pressAt(runs, of(runs, id).id, press));
/** Through the drum, minute by minute; then each stands at its own. */
function washed(start: readonly Run[], id: string): Run[] {
  // What is done to the machine beforehand is done once too.
  let runs = [...start];
  while (current(of(runs, id))?.phase === 'prepare-machine' && sharedAs(of(runs, id), of(runs, id).currentId) !== null)
    runs = forAll(runs, id, (r) => (current(r)!.check ? answerCheck(r, true, T0) : finishStep(r, T0)));
  runs = put(
    runs,
    runs.map((r) => ready(r, T0)),
  );
  let at = T0;
  for (let n = 0; n < 8 && sharedAs(of(runs, id), of(runs, id).currentId) !== null; n++) {
    runs = forAll(runs, id, (r) => startTimer(r, at));
    at += 90 * MIN;
    runs = forAll(runs, id, (r) => (current(r)!.check ? answerCheck(r, true, at) : finishStep(r, at)));
  }
  return runs;
}
/** Through to its end. */
function through(run: Run, atMs: number): Run {
  let now = run;
  for (let n = 0; n < 60 && current(now); n++)
    now = current(now)!.check ? answerCheck(now, true, atMs + n * MIN) : finishStep(now, atMs + n * MIN);
  return now;
}
const bottle = (kit: Kit, cls: string): number => kit.supplies!.find((s) => s.class === cls)!.remainingMl!;

describe('two down jackets in one drum', () => {
  const jackets = begin(loadKit(), ['parka', 'vest']);
  test('each keeps its own programme; the wash is the load’s: its settings, its dose, both names', () => {
    for (const run of jackets.runs) {
      const wash = run.programme.steps.find((s) => s.do === 'machine-wash')!;
      const { tempC, doseMl, rinses, spinRpm } = jackets.load.settings;
      expect(wash.settings).toMatchObject({ tempC, doseMl, rinses, spinRpm, washerId: 'w1' });
      expect(wash.text).toContain('Parka');
      expect(wash.text).toContain('Warm vest');
      expect(wash.unattendedMin).toBe(48);
    }
    const shared = jackets.runs.map((r) => new Set(Object.values(r.load!.shared)));
    expect(shared[0]).toEqual(shared[1]);
  });
  test('the door does not shut while one is not ready, and says what is left', () => {
    const runs = put(jackets.runs, [ready(of(jackets.runs, 'parka'), T0)]);
    const parka = of(runs, 'parka');
    expect(gathered(parka, runs)?.missing.map((r) => r.itemId)).toEqual(['vest']);
    expect(pressAt(runs, parka.id, (r) => startTimer(r, T0))).toEqual([]);
    const left = beforeTheDoor(of(runs, 'vest')).filter((l) => !l.done).length;
    expect(left).toBeGreaterThan(1);
    expect(loadText(loadState(runs))).toBe(`Before the door shuts: ${left} steps left.`);
  });
  test('small things are ticked in any order, and the tick comes off again', () => {
    const vest = of(jackets.runs, 'vest');
    const ticks = beforeTheDoor(vest).filter((l) => l.tick);
    expect(ticks.length).toBeGreaterThan(1);
    const last = ticks.at(-1)!.step;
    const ticked = tickStep(vest, last.id, true, T0);
    expect(ticked.steps[last.id]?.state).toBe('done');
    expect(ticked.currentId).toBe(vest.currentId);
    expect(tickStep(ticked, last.id, true, T0)).toBe(ticked);
    expect(tickStep(ticked, last.id, false, T0).steps[last.id]).toMatchObject({ state: 'waiting', times: 0 });
    // On the way to a remedy and back the tick of something else leads nowhere else.
    const remedy = { ...vest, currentId: last.id, detours: [{ checkId: last.id, at: last.id, left: [] }] };
    expect(tickStep(remedy, ticks[0]!.step.id, true, T0).currentId).toBe(last.id);
    // A hand that goes step by step does not meet it again.
    expect(ready(ticked, T0).steps[last.id]?.times).toBe(1);
  });
  test('one press runs the drum for both; then one may be done while the other hangs on', () => {
    const runs = washed(jackets.runs, 'parka');
    expect(
      runs.map((r) => r.programme.steps.find((s) => s.do === 'machine-wash')!).map((s, n) => runs[n]!.steps[s.id]?.times),
    ).toEqual([1, 1]);
    const parka = through(of(runs, 'parka'), T0 + 300 * MIN);
    expect(parka.status).toBe('finished');
    expect(of(runs, 'vest').status).toBe('live');
    expect(current(of(runs, 'vest'))!.phase).not.toBe('store');
  });
  test('a dryer that takes both is started once, and each is looked at by itself', () => {
    const runs = washed(jackets.runs, 'parka');
    const standing = runs.map((r) => {
      let now = r;
      for (let n = 0; n < 5 && current(now)!.do !== 'tumble'; n++) now = finishStep(now, T0 + 200 * MIN);
      return now;
    });
    expect(besideHere(standing[0]!, standing)).toHaveLength(2);
    const on = put(
      standing,
      besideHere(standing[0]!, standing).map((r) => startTimer(r, T0 + 201 * MIN)),
    );
    expect(on.map((r) => r.steps[r.currentId!]?.state)).toEqual(['running', 'running']);
    const [first, second] = [answerCheck(on[0]!, true, T0 + 300 * MIN), on[1]!];
    expect(first.currentId).not.toBe(on[0]!.currentId);
    expect(second.currentId).toBe(on[1]!.currentId);
  });
  test('still suds: one more rinse for the drum, looked at once', () => {
    let runs = put(
      jackets.runs,
      jackets.runs.map((r) => ready(r, T0)),
    );
    while (current(of(runs, 'parka'))!.do !== 'machine-wash') runs = forAll(runs, 'parka', (r) => finishStep(r, T0));
    const suds = rinseAfter(current(of(runs, 'parka'))!)!;
    expect(suds).not.toBeNull();
    runs = forAll(runs, 'parka', (r) => addRinse(r, rinseAfter(current(r)!)!, T0 + 60 * MIN));
    expect(runs.map((r) => current(r)!.key)).toEqual([suds.key, suds.key]);
    expect(gathered(of(runs, 'vest'), runs)?.here).toHaveLength(2);
    runs = forAll(runs, 'vest', (r) => answerCheck(r, true, T0 + 80 * MIN));
    expect(runs.every((r) => r.steps[suds.id] === undefined || r.steps[suds.id]!.times === 1)).toBe(true);
  });
  test('the record: the drum once, whoever is written down first, and each thing its own rest', () => {
    const done = washed(jackets.runs, 'parka').map((r) => through(r, T0 + 400 * MIN));
    const dose = jackets.load.settings.doseMl!;
    for (const order of [done, [...done].reverse()]) {
      const first = writeDown(jackets.kit, order[0]!, done);
      const both = writeDown(first, order[1]!, done);
      for (const kit of [first, both]) expect(bottle(kit, 'down-cleaner')).toBeCloseTo(500 - dose, 6);
      const lines = both.log!.filter((e): e is LoadEntry => e.type === 'load');
      expect(lines).toHaveLength(1);
      expect(lines[0]).toMatchObject({
        itemIds: ['parka', 'vest'],
        washerId: 'w1',
        supplies: [{ class: 'down-cleaner', ml: dose }],
      });
      const cares = both.log!.filter((e): e is CareEntry => e.type === 'care');
      expect(cares.map((c) => c.loadId)).toEqual([lines[0]!.id, lines[0]!.id]);
      // The litres of one programme: 45 L, and a rinse of 15 L more where the drum's own rinses do not reach.
      const more = done[0]!.programme.steps.filter((s) => s.do === 'machine-rinse' && s.when === 'always').length;
      expect(lines[0]!.takes!.litres).toBe(45 + more * 15);
      for (const care of cares) {
        expect(care.supplies ?? []).toEqual([]);
        expect(care.did).toContain('washed');
        expect(care.takes!.litres).toBe(0);
        expect(care.steps!.find((s) => s.do === 'machine-wash')).toMatchObject({ together: true, times: 1 });
      }
    }
  });
  test('another load is another line; the first stands as it was', () => {
    const done = washed(jackets.runs, 'parka').map((r) => through(r, T0 + 400 * MIN));
    const another = done.map((r) => ({ ...r, id: `${r.id}-later`, load: { ...r.load!, id: 'load-2' } }));
    const lines = (kit: Kit): LoadEntry[] => kit.log!.filter((e): e is LoadEntry => e.type === 'load');
    const first = writeDown(jackets.kit, done[0]!, done);
    const both = writeDown(first, another[0]!, another);
    expect(new Set(lines(both).map((l) => l.id)).size).toBe(2);
    expect(lines(both)).toContainEqual(lines(first)[0]);
    expect(bottle(both, 'down-cleaner')).toBeCloseTo(500 - 2 * jackets.load.settings.doseMl!, 6);
  });
  test('a record that was written before the last shared step is made whole by the next', () => {
    const mid = put(
      jackets.runs,
      jackets.runs.map((r) => ready(r, T0)),
    );
    // One is taken out when the wash is over, and written down at once; the other is rinsed again.
    const wash = forAll(mid, 'vest', (r) => finishStep(r, T0 + 60 * MIN));
    const vest = through(takeOut(of(wash, 'vest'), T0 + 61 * MIN), T0 + 62 * MIN);
    const first = writeDown(jackets.kit, vest, put(wash, [vest]));
    const parka = through(
      washed(put(wash, [vest]), 'parka').find((r) => r.itemId === 'parka')!,
      T0 + 500 * MIN,
    );
    const both = writeDown(first, parka, [vest, parka]);
    const lines = (kit: Kit): LoadEntry => kit.log!.find((e): e is LoadEntry => e.type === 'load')!;
    const rinsed = (kit: Kit): number => lines(kit).steps!.filter((s) => s.do === 'machine-rinse').length;
    expect([rinsed(first), rinsed(both)]).toEqual([0, 1]);
    expect(lines(both).takes!.litres).toBe(lines(first).takes!.litres + 15);
    const dose = jackets.load.settings.doseMl!;
    expect(bottle(both, 'down-cleaner')).toBeCloseTo(500 - dose, 6);
  });
});

describe('going back, and going apart', () => {
  const jackets = begin(loadKit(), ['parka', 'vest']);
  const atWash = put(
    jackets.runs,
    jackets.runs.map((r) => ready(r, T0)),
  );
  test('a press for all is taken back in all', () => {
    const on = forAll(atWash, 'parka', (r) => finishStep(r, T0 + 60 * MIN));
    const back = backTogether(of(on, 'vest'), on, T0 + 61 * MIN);
    expect('runs' in back && back.runs.map((r) => r.currentId)).toEqual(atWash.map((r) => r.currentId));
    const again = 'runs' in back ? put(on, back.runs) : on;
    expect(again.flatMap((r) => Object.values(r.steps).map((s) => s.together?.times ?? 0)).every((n) => n === 0)).toBe(true);
  });
  test('not when one has gone on since: that one is named, and nothing is changed', () => {
    let on = washed(jackets.runs, 'parka');
    on = put(on, [finishStep(of(on, 'vest'), T0 + 500 * MIN)]);
    const back = backTogether(of(on, 'parka'), on, T0 + 501 * MIN);
    expect('goneOn' in back && back.goneOn.itemId).toBe('vest');
    // A clock that is read for each of them does not make it two presses.
    let tick = T0 + 60 * MIN;
    const twice = forAll(atWash, 'parka', (r) => finishStep(r, tick++));
    const [a, b] = twice.map((r) => r.events.at(-1)!.at);
    expect(a).toBe(b);
    // Its own press is its own to take back.
    expect('runs' in backTogether(of(on, 'vest'), on, T0 + 501 * MIN)).toBe(true);
  });
  test('taken out before the drum begins, the others are dosed for themselves and it for itself; undone it is as before', () => {
    const supplies = loadKit().supplies!.map(({ labelDoseMl: _one, ...s }) =>
      s.class === 'technical-cleaner' ? { ...s, labelDoseRangeMl: [30, 120] as [number, number] } : s,
    );
    const two = begin({ ...loadKit(), supplies }, ['shell', 'trousers']);
    const wash = (run: Run) => run.programme.steps.find((s) => s.do === 'machine-wash')!;
    const alone = (itemId: string) =>
      planItem(
        two.kit,
        two.kit.items.find((i) => i.id === itemId)!,
      ).steps.find((s) => s.do === 'machine-wash')!;
    const some = (ids: readonly string[]) => {
      const left = loadOfSome(two.kit, two.day, two.load, ids)!;
      return carryLoad(two.kit, left.day, left.load)[0]!.programme.steps;
    };
    const [shellRun, trousersRun] = [of(two.runs, 'shell'), of(two.runs, 'trousers')];
    const stays = relay(shellRun, some(['shell']), T0);
    const leaves = relay(takeOut(trousersRun, T0), some(['trousers']), T0);
    for (const [run, id] of [
      [stays, 'shell'],
      [leaves, 'trousers'],
    ] as const) {
      expect(wash(run).settings.doseMl).toBe(alone(id).settings.doseMl);
      expect(wash(run).settings.tempC).toBe(alone(id).settings.tempC);
      expect(wash(run).text).toBe(alone(id).text);
    }
    expect(wash(shellRun).settings.doseMl).toBeGreaterThan(wash(stays).settings.doseMl!);
    expect(notInText([stays, leaves], wash(stays))).toBe('Rain trousers is not in it.');
    expect(notInText([shellRun, takeOut(trousersRun, T0)], wash(shellRun))).toContain('less is enough');
    // The same again writes nothing; a fold of the same lines is the same run.
    expect(relay(stays, some(['shell']), T0)).toBe(stays);
    expect(foldRun(recordOf(stays)).programme).toEqual(stays.programme);
    const again = [relay(stays, shellRun.programme.steps, T0), relay(backIn(leaves, T0), trousersRun.programme.steps, T0)];
    again.forEach((run, n) => expect(run.programme).toEqual(two.runs[n]!.programme));
    expect(again.every((r) => !r.alone)).toBe(true);
    // What has begun is what it was, and who has gone on by itself does not come back.
    const on = forAll(
      put(
        two.runs,
        two.runs.map((r) => ready(r, T0)),
      ),
      'shell',
      (r) => startTimer(r, T0),
    );
    expect(wash(relay(of(on, 'shell'), some(['shell']), T0 + MIN))).toEqual(wash(of(on, 'shell')));
    const gone = finishStep(takeOut(trousersRun, T0), T0 + MIN);
    expect(backIn(gone, T0 + 2 * MIN)).toBe(gone);
  });
  test('taken out of the load it is waited for no more, and what the others do is not done to it', () => {
    const out = put(jackets.runs, [takeOut(of(jackets.runs, 'vest'), T0), ready(of(jackets.runs, 'parka'), T0)]);
    expect(gathered(of(out, 'parka'), out)?.missing).toEqual([]);
    const on = forAll(out, 'parka', (r) => finishStep(r, T0 + MIN));
    expect(of(on, 'vest').events.filter((e) => e.together)).toEqual([]);
    expect(gathered(of(on, 'vest'), on)).toBeNull();
    expect(takeOut(of(on, 'vest'), T0)).toBe(of(on, 'vest'));
    // The words are of what is in the drum.
    const wash = of(out, 'parka').programme.steps.find((s) => s.do === 'machine-wash')!;
    const words = drumWords(wash, { name: 'Parka and Warm vest' }, [of(out, 'parka')]);
    expect(words.title).toBe('Wash it');
    expect(words.text).toContain('Wash Parka in');
    expect(words.text).not.toContain('Warm vest');
    expect(notInText(out, wash)).toMatch(/^Warm vest is not in it\. The cleaner was measured for all/);
    expect(notInText(jackets.runs, wash)).toBeNull();
    // Taken out when the wash is over, it is out of the rinse, and there is no cleaner in that to speak of.
    const rinse = of(out, 'parka').programme.steps.find((s) => s.do === 'machine-rinse') ?? rinseAfter(wash)!;
    expect(notInText(out, rinse)).toBe('Warm vest is not in it.');
  });
  test('one that was stopped or has gone from the kit is waited for no more', () => {
    const stopped = put(jackets.runs, [stopRun(of(jackets.runs, 'vest'), T0), ready(of(jackets.runs, 'parka'), T0)]);
    expect(gathered(of(stopped, 'parka'), stopped)?.missing).toEqual([]);
    const alone = [ready(of(jackets.runs, 'parka'), T0)];
    expect(pressAt(alone, alone[0]!.id, (r) => startTimer(r, T0))).toHaveLength(1);
  });
});

describe('boots with towels', () => {
  const boots = begin(loadKit(), ['studs', 'towels']);
  test('studs and laces are told by name before the door shuts; the towels have none', () => {
    const titles = (id: string): string[] => beforeTheDoor(of(boots.runs, id)).map((l) => l.step.title);
    expect(titles('studs').join()).toMatch(/studs/i);
    expect(titles('studs').join()).toMatch(/laces/i);
    expect(titles('towels').join()).not.toMatch(/studs|laces|insoles/i);
    expect(loadState(boots.runs).lead).toBeNull();
  });
});

describe('what is said of it elsewhere', () => {
  const { runs, day } = begin(loadKit(), ['parka', 'vest']);
  test('a drum is one line among what is under way, until each goes on by itself', () => {
    const lines = underWayLines(runs);
    expect(lines.map((l) => [l.name, l.loadId])).toEqual([['Both', 'load-1']]);
    expect(lines[0]!.now).toMatch(/^Before the door shuts/);
    const through = washed(runs, 'parka');
    expect(underWayLines(through).map((l) => [l.name, l.loadId])).toEqual([
      ['Parka', null],
      ['Warm vest', null],
    ]);
  });
  test('what was stopped before anything was done is not said to be recorded', () => {
    expect(loadText(loadState(runs.map(dropRun)))).toContain('nothing is recorded');
    expect(loadText(loadState(runs.map((r) => ({ ...r, status: 'written' as const }))))).toBe('All of it is in the record.');
  });
  test('what comes next in the day is the earliest that nobody has begun, and late when its time is over', () => {
    const attended = day.tasks.filter((t) => t.attended.length > 0).sort((a, b) => Date.parse(a.from) - Date.parse(b.from));
    const [first, second] = attended;
    expect(nextOfDay(day.tasks, [], Date.parse(first!.from))).toMatchObject({ late: false });
    expect(nextOfDay(day.tasks, [], Date.parse(first!.from) + MIN)).toMatchObject({ late: true });
    expect(nextOfDay(day.tasks, [first!.id], T0)?.text).toContain(second!.title!);
    expect(
      nextOfDay(
        day.tasks,
        day.tasks.map((t) => t.id),
        T0,
      ),
    ).toBeNull();
  });
  test('a thing that needs no more rinsing stays in the drum while the others are rinsed', () => {
    const boots = begin(loadKit(), ['studs', 'towels']);
    const rinses = boots.runs.map((r) => r.programme.steps.filter((s) => s.do === 'machine-rinse' && s.when === 'always'));
    expect(rinses.map((r) => r.length)).toEqual([1, 1]);
    expect(new Set(boots.runs.map((r, n) => sharedAs(r, rinses[n]![0]!.id))).size).toBe(1);
  });
});

describe('an unclean machine', () => {
  const dirty = loadKit(true);
  const purge = (runs: readonly Run[]): string[][] =>
    runs.map((r) => r.programme.steps.filter((s) => s.do === 'purge-machine').map((s) => s.id));
  test('is purged once for all of the load, and not again when the day has purged it', () => {
    const { runs, day } = begin(dirty, ['shell', 'trousers']);
    expect(purge(runs).flat()).toHaveLength(2);
    const names = runs.map((r) => sharedAs(r, purge([r])[0]![0]!));
    expect(names[0]).not.toBeNull();
    expect(names[0]).toBe(names[1]);
    const task = day.tasks.find((t) => t.do === 'purge-machine')!;
    expect(purge(begin(dirty, ['shell', 'trousers'], [task.id]).runs).flat()).toEqual([]);
  });
  test('holds nothing when its one purge is in the record', () => {
    const { runs } = begin(dirty, ['shell', 'trousers']);
    const done = washed(runs, 'shell').map((r) => through(r, T0 + 400 * MIN));
    const leftIn = (kit: Kit): readonly string[] => kit.equipment!.washers!.find((w) => w.id === 'w1')!.lastLoads!;
    const first = writeDown(dirty, done[0]!, done);
    expect(leftIn(first)).toEqual([]);
    expect(leftIn(writeDown(first, done[1]!, done))).toEqual([]);
    // What went through it between the two is still in it.
    const washers = first.equipment!.washers!.map((w) => ({ ...w, lastLoads: ['powder' as const] }));
    const between = { ...first, equipment: { ...first.equipment, washers } };
    expect(leftIn(writeDown(between, done[1]!, done))).toEqual(['powder']);
  });
});
