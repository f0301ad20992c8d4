import 'reflect-metadata';
import { Type } from 'class-transformer';
import { buildMessage, ValidateBy, ValidateIf, ValidateNested } from 'class-validator';

/**
 * Field decorators for documents. Each one declares a field once for both readers: the class-validator rule that import uses and the
 * JSON Schema fragment that `docs/formats/` publishes, so the two cannot drift apart.
 */

export type JsonSchema = Record<string, unknown>;
type DocClass = new () => object;
interface FieldRecord {
  schema: () => JsonSchema;
  required: boolean;
  nullable: boolean;
}

const registry = new Map<DocClass, Map<string, FieldRecord>>();

function fieldsOf(cls: DocClass): Map<string, FieldRecord> {
  let fields = registry.get(cls);
  if (!fields) registry.set(cls, (fields = new Map<string, FieldRecord>()));
  return fields;
}

function record(target: object, key: string, schema: () => JsonSchema): void {
  const fields = fieldsOf(target.constructor as DocClass);
  fields.set(key, { required: true, nullable: false, ...fields.get(key), schema });
}

function flag(target: object, key: string, change: Partial<FieldRecord>): void {
  const fields = fieldsOf(target.constructor as DocClass);
  fields.set(key, { schema: () => ({}), required: true, nullable: false, ...fields.get(key), ...change });
}

type Decorate = (target: object, key: string) => void;

function rule(name: string, schema: () => JsonSchema, test: (value: unknown) => boolean, message: string): Decorate {
  return (target, key) => {
    record(target, key, schema);
    ValidateBy({ name, validator: { validate: test, defaultMessage: buildMessage(() => message) } })(target, key);
  };
}

const RFC3339 = /^\d{4}-\d{2}-\d{2}T([01]\d|2[0-3]):[0-5]\d:[0-5]\d(\.\d+)?(Z|[+-]([01]\d|2[0-3]):[0-5]\d)$/;
const ISO_DAY = /^\d{4}-\d{2}-\d{2}$/;

/** True for a calendar day that exists, written YYYY-MM-DD. */
function isDay(value: unknown): value is string {
  if (typeof value !== 'string' || !ISO_DAY.test(value)) return false;
  const ms = Date.parse(`${value}T00:00:00Z`);
  return Number.isFinite(ms) && new Date(ms).toISOString().startsWith(value);
}

/** True for an RFC 3339 instant with an offset or Z. */
function isInstant(value: unknown): value is string {
  return typeof value === 'string' && RFC3339.test(value) && isDay(value.slice(0, 10));
}

/** The field may be absent; absent means unknown. */
export const Maybe = (): Decorate => (target, key) => {
  flag(target, key, { required: false });
  ValidateIf((doc: Record<string, unknown>) => doc[key] !== undefined)(target, key);
};
/** The field must be present, and null has a meaning of its own. */
export const OrNull = (): Decorate => (target, key) => {
  flag(target, key, { nullable: true });
  ValidateIf((doc: Record<string, unknown>) => doc[key] !== null)(target, key);
};

/** Words, at most so many characters. */
export const Text = (max = 4000): Decorate =>
  rule(
    'text',
    () => ({ type: 'string', maxLength: max }),
    (v) => typeof v === 'string' && v.length <= max,
    `must be text of at most ${max} characters`,
  );
/** An id: what may stand in an address and in a file. */
export const Id = (): Decorate =>
  rule(
    'id',
    () => ({ type: 'string', minLength: 1, maxLength: 200 }),
    (v) => typeof v === 'string' && v.length > 0 && v.length <= 200,
    'must be text of 1 to 200 characters',
  );
/** One value and no other. */
export const Const = (value: string | number): Decorate =>
  rule(
    'const',
    () => ({ const: value }),
    (v) => v === value,
    `must be ${JSON.stringify(value)}`,
  );
/** True or false. */
export const Bool = (): Decorate =>
  rule(
    'bool',
    () => ({ type: 'boolean' }),
    (v) => typeof v === 'boolean',
    'must be true or false',
  );
/** No thing, bottle or machine has figures beyond these; sums with such would be no figures any more. */
const [LEAST, MOST] = [0.001, 1e9];
const NUMBER: JsonSchema = { type: 'number', minimum: -MOST, maximum: MOST };
const NOT_NEGATIVE: JsonSchema = { type: 'number', minimum: 0, maximum: MOST };
const POSITIVE: JsonSchema = { type: 'number', minimum: LEAST, maximum: MOST };
const finite = (v: unknown): v is number => typeof v === 'number' && Number.isFinite(v) && Math.abs(v) <= MOST;
/** Any number but NaN and the infinite. */
export const Finite = (): Decorate => rule('finite', () => NUMBER, finite, 'must be a number');
/** A number, both ends included. */
export const Between = (min: number, max: number): Decorate =>
  rule(
    'between',
    () => ({ type: 'number', minimum: min, maximum: max }),
    (v) => finite(v) && v >= min && v <= max,
    `must be a number from ${min} to ${max}`,
  );
/** Last instant that a calendar knows, ms (ECMA-262, time values). */
const LAST_MS = 8.64e15;
/** An instant as a program counts it, ms since 1970. */
export const Millis = (): Decorate =>
  rule(
    'millis',
    () => ({ type: 'number', minimum: 0, maximum: LAST_MS }),
    (v) => typeof v === 'number' && v >= 0 && v <= LAST_MS,
    'must be an instant in milliseconds',
  );
const positive = (v: unknown): boolean => finite(v) && v >= LEAST;
/** A number above 0, within what a thing of this world can have. */
export const Positive = (): Decorate =>
  rule('positive', () => POSITIVE, positive, `must be a number greater than 0, from ${LEAST} to ${MOST}`);
/** 0 or a number above it, within the same most. */
export const NotNegative = (): Decorate =>
  rule(
    'notNegative',
    () => NOT_NEGATIVE,
    (v) => finite(v) && v >= 0,
    'must be a number of 0 or more',
  );
/** 0 to 100. */
export const Percent = (): Decorate =>
  rule(
    'percent',
    () => ({ type: 'number', minimum: 0, maximum: 100 }),
    (v) => finite(v) && v >= 0 && v <= 100,
    'must be a number from 0 to 100',
  );
/** A whole number, both ends included. */
export const Whole = (min: number, max: number): Decorate =>
  rule(
    'whole',
    () => ({ type: 'integer', minimum: min, maximum: max }),
    (v) => finite(v) && Number.isInteger(v) && v >= min && v <= max,
    `must be a whole number from ${min} to ${max}`,
  );
/** One of these values. */
export const OneOf = (values: readonly (string | number)[]): Decorate =>
  rule(
    'oneOf',
    () => ({ enum: [...values] }),
    (v) => values.includes(v as string),
    `must be one of ${values.join(', ')}`,
  );
/** An instant, RFC 3339. */
export const Instant = (): Decorate =>
  rule(
    'instant',
    () => ({ type: 'string', format: 'date-time' }),
    isInstant,
    'must be a time with an offset, such as 2027-01-03T08:00:00Z',
  );
/** A day, ISO 8601, from 1900 to 2199. */
export const Day = (): Decorate =>
  rule('day', () => ({ type: 'string', format: 'date' }), isDay, 'must be a day, such as 2027-01-03');

/** A list checked element by element; a fault names the index. */
function listRule(
  name: string,
  item: () => JsonSchema,
  test: (v: unknown) => boolean,
  what: string,
  extra: JsonSchema = {},
): Decorate {
  return (target, key) => {
    record(target, key, () => ({ type: 'array', items: item(), ...extra }));
    ValidateBy({
      name,
      validator: {
        validate: (v) => Array.isArray(v) && v.every(test) && (extra.minItems === undefined || v.length === extra.minItems),
        defaultMessage: buildMessage((_, args) => {
          const value: unknown = args?.value;
          if (!Array.isArray(value)) return 'must be a list';
          const at = value.findIndex((x) => !test(x));
          return at >= 0 ? `[${at}] ${what}` : `must have exactly ${String(extra.minItems)} entries`;
        }),
      },
    })(target, key);
  };
}
/** A list of these values. */
export const ListOf = (values: readonly (string | number)[]): Decorate =>
  listRule(
    'listOf',
    () => ({ enum: [...values] }),
    (v) => values.includes(v as string),
    `must be one of ${values.join(', ')}`,
  );
/** A share of a whole, 0 to 1. */
export const Share = (): Decorate =>
  rule(
    'share',
    () => ({ type: 'number', minimum: 0, maximum: 1 }),
    (v) => finite(v) && v >= 0 && v <= 1,
    'must be a number from 0 to 1',
  );
/** A list of words, each at most so many characters. */
export const Texts = (max: number): Decorate =>
  listRule(
    'texts',
    () => ({ type: 'string', maxLength: max }),
    (v) => typeof v === 'string' && v.length <= max,
    `must be text of at most ${max} characters`,
  );
/** A list of numbers above 0. */
export const PositiveList = (): Decorate => listRule('positiveList', () => POSITIVE, positive, 'must be a number greater than 0');
/** A list of numbers that are 0 or above. */
export const NotNegatives = (): Decorate =>
  listRule(
    'notNegatives',
    () => NOT_NEGATIVE,
    (v) => finite(v) && v >= 0,
    'must be a number of 0 or more',
  );
/** Two numbers above 0: the lower end and the upper. */
export const RangeOfTwo = (): Decorate =>
  listRule('rangeOfTwo', () => POSITIVE, positive, 'must be a number greater than 0', {
    minItems: 2,
    maxItems: 2,
  });
const isPoint = (v: unknown): boolean => Array.isArray(v) && v.length === 2 && v.every(finite);
/** A list of points, two numbers each. */
export const Points = (): Decorate =>
  listRule('points', () => ({ type: 'array', items: NUMBER, minItems: 2, maxItems: 2 }), isPoint, 'must be two numbers');

const ids = (v: unknown): boolean => Array.isArray(v) && v.length >= 2 && v.every((x) => typeof x === 'string' && x.length > 0);
/** Groups of ids, two or more each. */
export const IdGroups = (): Decorate =>
  listRule(
    'idGroups',
    () => ({ type: 'array', items: { type: 'string', minLength: 1 }, minItems: 2 }),
    ids,
    'must be a list of two ids or more',
  );
/** Instants by id. */
export const InstantById = (): Decorate =>
  rule(
    'instantById',
    () => ({ type: 'object', additionalProperties: { type: 'string', format: 'date-time' } }),
    (v) => isObject(v) && Object.values(v as object).every(isInstant),
    'must be an object of times with an offset, by item id',
  );
/** Whole numbers of 1 or more, by a name. */
export const Counts = (): Decorate =>
  rule(
    'counts',
    () => ({ type: 'object', additionalProperties: { type: 'integer', minimum: 1 } }),
    (v) => isObject(v) && Object.values(v as object).every((n) => Number.isSafeInteger(n) && (n as number) >= 1),
    'must be an object of whole numbers of 1 or more',
  );

const isObject = (v: unknown): boolean => typeof v === 'object' && v !== null && !Array.isArray(v);
/** A record of another class, checked with it. */
export const Nested =
  (cls: () => DocClass): Decorate =>
  (target, key) => {
    record(target, key, () => schemaOf(cls()));
    ValidateBy({
      name: 'object',
      validator: {
        validate: isObject,
        defaultMessage: buildMessage(() => 'must be an object'),
      },
    })(target, key);
    ValidateNested({ message: 'must be an object' })(target, key);
    Type(cls)(target, key);
  };
/** A list of records of another class, checked with it. */
export const NestedList =
  (cls: () => DocClass): Decorate =>
  (target, key) => {
    listRule('list', () => schemaOf(cls()), isObject, 'must be an object')(target, key);
    ValidateNested({ message: 'must be an object' })(target, key);
    Type(cls)(target, key);
  };

/** The JSON Schema (draft 2020-12 vocabulary, without `$schema`) of a document class. Unknown fields are allowed: they are kept. */
export function schemaOf(cls: DocClass): JsonSchema {
  const properties: JsonSchema = {};
  const required: string[] = [];
  for (const [key, field] of fieldsOf(cls)) {
    properties[key] = field.nullable ? { anyOf: [field.schema(), { type: 'null' }] } : field.schema();
    if (field.required) required.push(key);
  }
  return { type: 'object', properties, ...(required.length > 0 ? { required } : {}) };
}
