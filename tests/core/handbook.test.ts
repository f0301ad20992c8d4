import fc from 'fast-check';
import { describe, expect, test } from 'vitest';
import { entriesUsedBy, entryIdOf, handbook, search, SECTIONS } from '../../src/core/handbook';
import { KNOWLEDGE } from '../../src/core/knowledge';
import { plan, writeProgramme } from '../../src/core/programme';
import { DIRTY, down, KIT } from '../make';
import * as arbitrary from '../property/arbitraries';

const entries = handbook();
const byId = new Map(entries.map((e) => [e.id, e]));

describe('the handbook', () => {
  test('has every record once, in a section of its own', () => {
    expect(byId.size).toBe(entries.length);
    const counted = (section: string): number => entries.filter((e) => e.section === section).length;
    expect(counted('seen')).toBe(KNOWLEDGE.assess.length);
    expect(counted('material')).toBe(KNOWLEDGE.materials.length);
    expect(counted('school')).toBe(KNOWLEDGE.schools.length);
    expect(counted('stain')).toBe(KNOWLEDGE.stains.length);
    expect(counted('caution')).toBe(KNOWLEDGE.cautions.length);
    expect(counted('never')).toBe(KNOWLEDGE.neverTogether.length);
    expect(counted('refusal')).toBe(KNOWLEDGE.blocks.length);
    expect(counted('reason')).toBe(KNOWLEDGE.rules.length);
    expect(new Set(entries.map((e) => e.section))).toEqual(new Set(SECTIONS.map((s) => s.id)));
  });
  test('gives each entry a sentence and a basis, and names a source exactly where there is a standard or a label', () => {
    for (const entry of entries) {
      expect(entry.title).toMatch(/^[A-Z0-9]/);
      if (entry.section !== 'material' && entry.section !== 'school') expect(entry.text).toMatch(/^[A-Z0-9“].*[.?]$/s);
      expect(entry.basis).toMatch(/^(standard|practice|memory|label|maker)$/);
      if (entry.basis === 'standard') expect(entry.source).toBeTruthy();
      for (const row of entry.rows ?? []) expect(row.value).not.toMatch(/undefined|null/);
    }
  });
  test('shows a material with its hard limits and the standard behind one', () => {
    const row = byId.get('material/down')?.rows?.find((r) => r.name === 'Dryer');
    expect(row).toMatchObject({ value: 'low heat', hard: true, basis: 'standard', source: 'ISO 3758:2012' });
    expect(byId.get('material/down')?.rows?.find((r) => r.name === 'Water')).toMatchObject({ value: '40 °C', hard: false });
  });
  test('shows a school with our default, what it risks and what refuses it', () => {
    const hot = byId.get('school/SHOE-HEAT')?.options?.find((o) => o.id === 'hot');
    expect(hot).toMatchObject({ ours: false });
    expect(hot?.risks).toMatch(/glue/);
    expect(hot?.refused.length).toBeGreaterThan(1);
    for (const entry of entries) if (entry.options) expect(entry.options.filter((o) => o.ours)).toHaveLength(1);
  });
  test('every why, limit and refusal of any programme leads to an entry', () => {
    fc.assert(
      fc.property(arbitrary.item, arbitrary.seen, arbitrary.household, (item, inspection, kit) => {
        const made = plan({ item, inspection, kit });
        const written = writeProgramme(made);
        const rules = [
          ...written.steps.flatMap((s) => s.why.map((w) => w.rule)),
          ...written.blocked.map((b) => b.rule),
          ...Object.values(written.envelope).flatMap((b) => ('boundBy' in b && b.boundBy.rule ? [b.boundBy.rule] : [])),
        ];
        for (const rule of rules) expect({ rule, entry: byId.has(entryIdOf(rule) ?? '') }).toEqual({ rule, entry: true });
        for (const id of entriesUsedBy(made, written)) expect({ id, entry: byId.has(id) }).toEqual({ id, entry: true });
      }),
      { numRuns: 400 },
    );
  });
  test('says what a programme rests on', () => {
    const made = plan({
      item: down(),
      inspection: { id: 'i', itemId: 'x', at: '2027-01-03T08:00:00Z', ...DIRTY, soils: ['blood'] },
      kit: KIT,
    });
    const used = entriesUsedBy(made, writeProgramme(made));
    for (const id of [
      'seen/soil-wash',
      'material/down',
      'label/label-tumble',
      'school/DOWN-HEAT',
      'stain/blood',
      'caution/dryer-lint',
      'reason/cold-blood',
    ])
      expect(used).toContain(id);
    expect(used.has('material/leather')).toBe(false);
    expect(entryIdOf('nothing-like-it')).toBeNull();
  });
  test('is searched by every word, in any text', () => {
    expect(search(entries, '')).toHaveLength(entries.length);
    expect(search(entries, 'glue canvas hot').map((e) => e.id)).toContain('school/SHOE-HEAT');
    expect(search(entries, 'ACETONE patent').map((e) => e.id)).toContain('stain/scuff');
    expect(search(entries, 'zzz')).toEqual([]);
  });
});
