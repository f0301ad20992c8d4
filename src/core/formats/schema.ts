import { ACTIONS, AIMS, BLEACHES, HEATS, LABEL_IRON_C, METHODS, PHASES, SUPPLY_CLASSES, TUMBLES, DROPLET_ZONES } from '../gear';
import { schemaOf, type JsonSchema } from './fields';
import { DayRequestDoc, WashDayDoc } from './day';
import { KitDoc } from './kit/kit';

const DRAFT = 'https://json-schema.org/draft/2020-12/schema';
const text: JsonSchema = { type: 'string', minLength: 1 };
const texts: JsonSchema = { type: 'array', items: text };
const minutes: JsonSchema = { type: 'number', minimum: 0 };

/** JSON Schema of `umbrastic/kit` version 1, made from the same declarations that import checks. */
export function kitSchema(): JsonSchema {
  const schema = schemaOf(KitDoc);
  const wash = (
    (schema.properties as Record<string, JsonSchema>).items?.items as {
      properties: Record<string, { anyOf: [{ properties: Record<string, JsonSchema> }] }>;
    }
  ).properties.label?.anyOf[0].properties;
  if (wash?.wash)
    Object.assign(wash.wash, {
      if: { properties: { allowed: { const: false } } },
      then: { not: { anyOf: [{ required: ['maxC'] }, { required: ['action'] }] } },
    });
  return {
    $schema: DRAFT,
    title: 'umbrastic/kit',
    description:
      'Everything a person owns and did. Absent = unknown. Unknown fields are kept. Ids are unique within their list, and every itemId names an item of the file.',
    ...schema,
  };
}

const bound = (value: JsonSchema): JsonSchema => ({
  type: 'object',
  required: ['value', 'boundBy'],
  properties: { value, boundBy: { type: 'object', properties: { component: text, rule: text } } },
});
const numberOrFree: JsonSchema = {
  type: ['number', 'null'],
  minimum: 0,
  description: '0 = not at all; null = no limit of its own',
};

const why: JsonSchema = {
  type: 'object',
  required: ['rule', 'text', 'basis'],
  properties: { rule: text, text, basis: { enum: ['standard', 'practice', 'memory', 'label', 'maker'] }, source: text },
};
const settings: JsonSchema = {
  type: 'object',
  properties: {
    washerId: text,
    tempC: { type: 'number' },
    action: { enum: [...ACTIONS] },
    spinRpm: { type: 'number', minimum: 0 },
    rinses: { type: 'integer', minimum: 0 },
    cleaner: { enum: [...SUPPLY_CLASSES] },
    doseMl: { type: 'number', exclusiveMinimum: 0 },
    soakMin: minutes,
    soakParts: { type: 'array', items: minutes },
    insideOut: { type: 'boolean' },
    litresPerFill: { type: 'number', exclusiveMinimum: 0 },
    dryerId: text,
    heat: { enum: [...HEATS] },
    rounds: { type: 'integer', minimum: 1 },
    checkEveryMin: { type: 'number', exclusiveMinimum: 0 },
    aids: { type: 'array', items: { enum: [...SUPPLY_CLASSES] } },
    count: { type: 'integer', minimum: 1 },
    proofer: { enum: [...SUPPLY_CLASSES] },
    prooferMl: { type: 'number', exclusiveMinimum: 0 },
    spray: {
      type: 'array',
      items: {
        type: 'object',
        required: ['zone', 'ml'],
        properties: { zone: { enum: [...DROPLET_ZONES] }, ml: { type: 'number', exclusiveMinimum: 0 } },
      },
    },
    tries: { type: 'array', items: { enum: [...SUPPLY_CLASSES, 'warm-water'] } },
    tool: text,
    ironC: { type: 'number' },
    place: { enum: ['line', 'rack', 'flat', 'shade', 'indoors', 'radiator', 'launderette'] },
  },
};
const step: JsonSchema = {
  type: 'object',
  required: ['id', 'phase', 'do', 'text', 'when', 'settings', 'attendedMin', 'unattendedMin', 'mayWait', 'why', 'cautions'],
  properties: {
    id: text,
    key: text,
    title: text,
    phase: { enum: [...PHASES] },
    do: text,
    text,
    when: { enum: ['always', 'if-failed'] },
    settings,
    attendedMin: minutes,
    unattendedMin: minutes,
    mayWait: { type: 'boolean' },
    why: { type: 'array', minItems: 1, items: why },
    cautions: texts,
    check: {
      type: 'object',
      required: ['look', 'pass', 'else'],
      properties: { look: text, pass: text, else: text, fromGrade: { type: 'integer', minimum: 1, maximum: 5 } },
    },
  },
};
const envelope: JsonSchema = {
  type: 'object',
  required: ['washMaxC', 'action', 'spinMaxRpm', 'tumble', 'bleach', 'ironMaxC', 'soakMaxMin', 'waived'],
  properties: {
    washMaxC: bound(numberOrFree),
    action: bound({ enum: [...ACTIONS] }),
    spinMaxRpm: bound(numberOrFree),
    tumble: bound({ enum: [...TUMBLES] }),
    bleach: bound({ enum: [...BLEACHES] }),
    ironMaxC: bound({ enum: [...LABEL_IRON_C, null] }),
    soakMaxMin: bound(numberOrFree),
    enzymes: bound({ enum: ['ok', 'non-bio', 'none'] }),
    softener: bound({ enum: ['ok', 'sparing', 'none'] }),
    agitator: bound({ enum: ['ok', 'none'] }),
    waived: {
      type: 'array',
      items: {
        type: 'object',
        required: ['limit', 'from', 'to', 'by', 'risk'],
        properties: { limit: text, by: text, risk: text },
      },
    },
  },
};
const blocked: JsonSchema = {
  type: 'array',
  items: {
    type: 'object',
    required: ['option', 'rule', 'text'],
    properties: { option: text, school: text, rule: text, text },
  },
};
const shopping: JsonSchema = {
  type: 'array',
  items: {
    type: 'object',
    required: ['class'],
    properties: {
      class: { enum: [...SUPPLY_CLASSES] },
      needMl: { type: 'number', exclusiveMinimum: 0 },
      needCount: { type: 'integer', minimum: 1 },
      perhaps: { const: true },
    },
  },
};

/** JSON Schema of `umbrastic/programme` version 1. Fields beyond the fixed contract: because, step.key, step.title, blocked.school, shopping.needCount, shopping.perhaps, settings.cycle and caps, envelope.enzymes/softener/agitator. */
export function programmeSchema(): JsonSchema {
  return {
    $schema: DRAFT,
    title: 'umbrastic/programme',
    type: 'object',
    required: [
      'format',
      'version',
      'itemId',
      'verdict',
      'decidedBy',
      'wouldChange',
      'aims',
      'method',
      'envelope',
      'steps',
      'alternatives',
      'blocked',
      'cautions',
      'assumptions',
      'shopping',
      'confidence',
    ],
    properties: {
      format: { const: 'umbrastic/programme' },
      version: { const: 1 },
      itemId: text,
      verdict: text,
      because: texts,
      decidedBy: texts,
      wouldChange: texts,
      aims: { type: 'array', items: { enum: [...AIMS] }, uniqueItems: true },
      method: { enum: [...METHODS] },
      envelope,
      steps: { type: 'array', items: step },
      alternatives: {
        type: 'array',
        items: {
          type: 'object',
          required: ['school', 'option', 'gains', 'risks'],
          properties: { school: text, option: text, gains: text, risks: text },
        },
      },
      blocked,
      cautions: texts,
      assumptions: texts,
      shopping,
      confidence: { enum: ['high', 'medium', 'low'] },
    },
  };
}

/** JSON Schema of `umbrastic/day-request` version 1; its kit is checked by the schema of the kit. */
export function dayRequestSchema(): JsonSchema {
  const schema = schemaOf(DayRequestDoc);
  const properties = schema.properties as Record<string, JsonSchema>;
  return {
    $schema: DRAFT,
    title: 'umbrastic/day-request',
    description: 'What is asked of a wash day. Absent = unknown or no limit. Ids must be of items in the kit.',
    ...schema,
    properties: { ...properties, kit: { $ref: 'kit.schema.json' } },
    required: ['kit', ...(schema.required as string[])],
  };
}
/** JSON Schema of `umbrastic/wash-day` version 1. */
export function washDaySchema(): JsonSchema {
  return { $schema: DRAFT, title: 'umbrastic/wash-day', ...schemaOf(WashDayDoc) };
}
