import { describe, expect, test } from 'vitest';
import { makeDemoKit } from '../../demo/kit';
import type { Kit } from '../../src/core/gear';
import { SCHOOLS } from '../../src/core/knowledge';
import type { Programme } from '../../src/core/document';
import { planItem } from '../../src/core/programme';

/* What the programme format promises, over the demo kit with every option of every school. */
const demo = makeDemoKit(Date.parse('2027-01-03T08:00:00Z')).kit;
const variants: Kit[] = SCHOOLS.flatMap((school) =>
  school.options.map((option) => ({ ...demo, preferences: { schools: { [school.id]: option.id } } })),
);
const all: readonly Programme[] = [demo, ...variants].flatMap((kit) => kit.items.map((item) => planItem(kit, item)));
const steps = all.flatMap((p) => p.steps.map((s) => ({ p, s })));

describe('every programme keeps the format’s promises', () => {
  test('there are many', () => expect(all.length).toBeGreaterThan(1000));
  test('a machine wash names its washer, a tumble its dryer or a launderette', () => {
    for (const { s } of steps) {
      if (s.do === 'machine-wash' || s.do === 'machine-rinse' || s.do === 'wash-in-proof')
        expect(s.settings.washerId).toBeTruthy();
      if (['tumble', 'fluff', 'heat-tumble'].includes(s.do)) expect(s.settings.dryerId ?? s.settings.place).toBeTruthy();
    }
  });
  test('heat is a dryer’s setting and nothing else', () => {
    for (const { s } of steps) if (s.settings.heat !== undefined) expect(['tumble', 'fluff', 'heat-tumble']).toContain(s.do);
  });
  test('the machine’s own rinses are counted on the wash and not again', () => {
    for (const p of all) {
      const wash = p.steps.find((s) => s.do === 'machine-wash');
      const more = p.steps.find((s) => s.key === 'rinse-machine');
      if (wash) expect(wash.settings.rinses).toBeGreaterThanOrEqual(0);
      if (wash && more) expect((wash.settings.rinses ?? 0) + (more.settings.rinses ?? 0)).toBeLessThanOrEqual(8);
    }
  });
  test('each kind of work stands in its phase', () => {
    const PHASE: Record<string, string> = {
      mend: 'prepare-item',
      'spot-test': 'pretreat',
      wipe: 'pretreat',
      soak: 'pretreat',
      'spray-extract': 'wash',
      'lift-wet': 'extract',
      'press-out': 'extract',
      squeeze: 'extract',
      tumble: 'dry',
      'line-dry': 'dry',
      fluff: 'restore',
      'heat-tumble': 'repel',
      'spray-proof': 'repel',
      'droplet-test': 'verify',
      store: 'store',
    };
    for (const { s } of steps) if (PHASE[s.do]) expect({ do: s.do, phase: s.phase }).toEqual({ do: s.do, phase: PHASE[s.do] });
  });
  test('steps that only a failed check reaches stand behind a check that names one of them', () => {
    for (const p of all) {
      p.steps.forEach((s, n) => {
        if (s.when !== 'if-failed') return;
        let first = n;
        while (p.steps[first - 1]?.when === 'if-failed') first--;
        const before = p.steps.slice(0, n).some((x) => x.check?.else === p.steps[first]?.id || x.check?.else === s.id);
        expect({ item: p.itemId, key: s.key, before }).toMatchObject({ before: true });
      });
    }
  });
  test('aims, method and steps agree', () => {
    for (const p of all) {
      const did = (phase: string): boolean => p.steps.some((s) => s.phase === phase && s.when === 'always');
      if (p.aims.length === 0) expect(p.steps).toEqual([]);
      if (p.aims.includes('wash') && p.method !== 'refer' && !p.steps.some((s) => s.key === 'suede-brush'))
        expect(did('wash')).toBe(true);
      if (!p.aims.includes('wash') && !p.aims.includes('rinse')) expect(['none', 'refer']).toContain(p.method);
      if (p.aims.includes('reactivate')) expect(did('repel')).toBe(true);
      if (p.aims.includes('refer')) expect(p.aims).toEqual(['refer']);
    }
  });
  test('a refused option is said in a sentence that names why', () => {
    for (const p of all) for (const b of p.blocked) expect(b.text).toMatch(/^[A-Z“].{12,}\.$/);
  });
  test('no sentence shows a code, a gap or a number gone wrong', () => {
    const ofSteps = steps.flatMap(({ s }) => [s.text, s.title, ...s.cautions, ...s.why.map((w) => w.text)]);
    const ofAll = all.flatMap((p) => [p.verdict, ...p.wouldChange, ...p.assumptions, ...p.because]);
    expect(ofSteps.length).toBeGreaterThan(10_000);
    expect(ofSteps.filter((text) => /undefined|NaN|null|\[object|Infinity| {2}/.test(text))).toEqual([]);
    expect(ofAll.filter((text) => /undefined|NaN|null|\[object|Infinity/.test(text))).toEqual([]);
  });
  test('minutes are whole and not negative', () => {
    expect(steps.filter(({ s }) => ![s.attendedMin, s.unattendedMin].every((min) => Number.isInteger(min) && min >= 0))).toEqual(
      [],
    );
  });
  test('a chosen option that is possible is in force, and every other possible one is an alternative', () => {
    for (const kit of variants) {
      const [[school, option]] = Object.entries(kit.preferences?.schools ?? {}) as [[string, string]];
      for (const item of kit.items) {
        const p = planItem(kit, item);
        const refused = p.blocked.some((b) => b.school === school && b.option === option);
        if (!refused) expect(p.alternatives.some((a) => a.school === school && a.option === option)).toBe(false);
      }
    }
  });
});

describe('the demo kit', () => {
  const now = demo.items.map((item) => planItem(demo, item));
  const verdicts = (id: string): Programme => now.find((p) => p.itemId === id) as Programme;
  test('shows every state of the three families', () => {
    expect(verdicts('itm-vest').aims).toEqual([]);
    expect(verdicts('itm-hut-jacket').aims).toEqual(['fluff']);
    expect(verdicts('itm-parka').aims).toEqual(['wash', 'reactivate']);
    expect(verdicts('itm-night-bag').aims).toEqual(['refer']);
    expect(verdicts('itm-new-shell').aims).toEqual([]);
    expect(verdicts('itm-smock').aims).toEqual(['reactivate']);
    expect(verdicts('itm-bib').aims).toEqual(['wash', 'reactivate']);
    expect(verdicts('itm-storm').aims).toEqual(['wash', 'renew', 'reactivate']);
    expect(verdicts('itm-leaky').aims).toContain('repair');
    expect(verdicts('itm-white-shoes').method).toBe('machine');
    expect(verdicts('itm-trim-shoes').method).toBe('hand');
    expect(verdicts('itm-blue-shoes').aims).toEqual(['spot-clean']);
    expect(verdicts('itm-damp-shoes').aims).toEqual(['air']);
    expect(verdicts('itm-rope').aims).toEqual(['refer']);
  });
  test('is relative to today', () => {
    const later = makeDemoKit(Date.parse('2028-05-01T08:00:00Z')).kit;
    expect(later.log?.find((e) => e.type === 'event')?.on).toBe('2028-05-13');
  });
});
