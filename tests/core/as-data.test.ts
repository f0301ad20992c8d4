import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { describe, expect, test } from 'vitest';
import { KINDS, MATERIALS, type Item, type Kind, type Material } from '../../src/core/gear';
import { KNOWLEDGE, SCHOOLS, type Knowledge } from '../../src/core/knowledge';
import { plan, writeProgramme } from '../../src/core/programme';
import { WORDS } from '../../src/core/words';
import { DIRTY, invented, KIT } from '../make';

/* A new construction is records and words, never a case in the engine. */
const cape = 'cape' as Kind;
const kapok = 'kapok-batting' as Material;

const MORE = invented<Knowledge>({
  ...KNOWLEDGE,
  materials: [
    ...KNOWLEDGE.materials,
    {
      id: 'kapok',
      material: kapok,
      limits: {
        washMaxC: 30,
        action: 'hand',
        spinMaxRpm: 0,
        tumble: 'none',
        bleach: 'none',
        softener: 'none',
        soakMaxMin: 10,
        ironMaxC: 0,
      },
      hard: ['action'],
    },
  ],
  traits: [...KNOWLEDGE.traits, { id: 'caped', when: { all: [`kind:${cape}`] } }],
  families: [
    {
      id: 'cape',
      when: { all: ['caped'] },
      outranks: ['pile'],
      methods: [{ use: 'hand' }],
      tempC: [{ use: 40, when: { all: ['school:CAPE-HEAT=warm'] } }, { use: 20 }],
      action: 'hand',
      spinRpm: 0,
      minRinses: 3,
      cleaners: [{ use: 'mild-soap' }],
      dry: [{ use: 'flat' }],
      massG: 800,
      bulk: 'small',
      areaM2: 2,
      coreFactor: 2,
      heldKgPerKg: 1,
    },
    ...KNOWLEDGE.families,
  ],
  schools: [
    ...KNOWLEDGE.schools,
    {
      id: 'CAPE-HEAT',
      applies: { all: ['caped', 'aim:wash'] },
      fallback: 'cold',
      options: [{ id: 'cold' }, { id: 'warm', refused: [{ when: { none: ['can:wash>=40'] }, rule: 'cape-shrinks' }] }],
    },
  ],
  rules: [...KNOWLEDGE.rules, { id: 'cape-shrinks', basis: 'practice' }, { id: 'cape-sung', basis: 'practice' }],
  steps: [
    ...KNOWLEDGE.steps,
    {
      id: 'sing-to-cape',
      phase: 'prepare-item',
      do: 'sing',
      order: 205,
      when: { all: ['caped', 'method:hand'] },
      attended: 2,
      why: ['cape-sung'],
    },
  ],
});
const SAID = {
  ...WORDS,
  rules: { ...WORDS.rules, 'cape-shrinks': 'A cape shrinks in warm water.', 'cape-sung': 'Capes like it.' },
  steps: { ...WORDS.steps, 'sing-to-cape': { title: 'Sing to it', text: 'Sing to the cape.' } },
  options: { ...WORDS.options, 'CAPE-HEAT=warm': { name: 'Warm', gains: 'Cleaner.', risks: 'Smaller.' } },
};
const thing: Item = {
  id: 'c',
  kind: cape,
  components: [
    { part: 'face', material: 'cotton' },
    { part: 'fill', material: kapok },
  ],
  label: null,
  massG: 700,
};
const make = (schools: Record<string, string>) =>
  writeProgramme(
    plan(
      {
        item: thing,
        inspection: { id: 'i', itemId: 'c', at: '2027-01-03T08:00:00Z', ...DIRTY },
        kit: { ...KIT, preferences: { schools } },
      },
      MORE,
    ),
    SAID,
  );

describe('a kind, a material and a school added as data', () => {
  test('get a full plan inside their own limits', () => {
    const p = make({});
    expect(p).toMatchObject({
      aims: ['wash'],
      method: 'hand',
      envelope: {
        washMaxC: { value: 30, boundBy: { component: 'fill', rule: 'kapok.washMaxC' } },
        action: { value: 'hand' },
        tumble: { value: 'none' },
      },
    });
    expect(p.steps.map((s) => s.do)).toEqual([
      'scrub-tub',
      'sing',
      'hand-wash',
      'bath-rinse',
      'squeeze',
      'flat-dry',
      'look',
      'store',
    ]);
    expect(p.steps.find((s) => s.do === 'sing')).toMatchObject({
      title: 'Sing to it',
      text: 'Sing to the cape.',
      why: [{ text: 'Capes like it.' }],
    });
    expect(p.steps.find((s) => s.do === 'bath-rinse')?.settings.rinses).toBeGreaterThanOrEqual(3);
  });
  test('refuse a school’s option by their own rule', () => {
    expect(make({ 'CAPE-HEAT': 'warm' }).blocked).toContainEqual(
      expect.objectContaining({
        option: 'warm',
        school: 'CAPE-HEAT',
        rule: 'cape-shrinks',
        text: '“Warm” is refused. A cape shrinks in warm water.',
      }),
    );
  });
});

describe('the engine names no kind, material or school', () => {
  const ids = [...KINDS, ...MATERIALS, ...SCHOOLS.map((s) => s.id)].filter(
    (id) => !['other', 'bag', 'metal', 'tent'].includes(id),
  );
  const files = ['envelope', 'assess', 'programme', 'facts'].flatMap((room) =>
    readdirSync(join('src/core', room)).map((file) => join('src/core', room, file)),
  );
  test.each(files)('%s', (file) => {
    const code = readFileSync(file, 'utf8')
      .replace(/\/\*[\s\S]*?\*\//g, '')
      .replace(/^\s*\/\/.*$/gm, '');
    const named = [...code.matchAll(/'([^'\n]*)'/g)]
      .map((m) => m[1] ?? '')
      .filter((text) => ids.some((id) => text === id || new RegExp(`^(kind|mat|school|fill|upper):${id}\\b`).test(text)));
    expect(named).toEqual([]);
  });
});
