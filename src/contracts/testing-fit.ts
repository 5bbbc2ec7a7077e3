import fc from 'fast-check';

/** As much of JSON Schema as Zod writes for what the API takes. */
export interface JsonSchema {
  readonly type?: string;
  readonly enum?: readonly unknown[];
  readonly const?: unknown;
  readonly anyOf?: readonly JsonSchema[];
  readonly oneOf?: readonly JsonSchema[];
  readonly allOf?: readonly JsonSchema[];
  readonly properties?: Readonly<Record<string, JsonSchema>>;
  readonly required?: readonly string[];
  readonly items?: JsonSchema;
  readonly minItems?: number;
  readonly maxItems?: number;
  readonly minLength?: number;
  readonly maxLength?: number;
  readonly minimum?: number;
  readonly maximum?: number;
  readonly exclusiveMinimum?: number;
  readonly format?: string;
  readonly pattern?: string;
}

/** The longest list or text, unless its bound is what is tried. */
const usualLength = 4;

/** Values that fit a schema, its bounds among them. */
export function fitting(schema: JsonSchema): fc.Arbitrary<unknown> {
  if (schema.const !== undefined) return fc.constant(schema.const);
  if (schema.enum) return fc.constantFrom(...schema.enum);
  const choices = schema.anyOf ?? schema.oneOf;
  if (choices) return fc.oneof(...choices.map(fitting));
  if (schema.allOf) return fitting(schema.allOf[0] ?? {});
  switch (schema.type) {
    case 'object':
      return objects(schema);
    case 'array':
      return lists(schema);
    case 'string':
      return texts(schema);
    case 'integer':
      return numbers(schema).map(Math.round);
    case 'number':
      return numbers(schema);
    case 'boolean':
      return fc.boolean();
    case 'null':
      return fc.constant(null);
    default:
      return fc.jsonValue({ maxDepth: 2 });
  }
}

const objects = ({ properties = {}, required = [] }: JsonSchema): fc.Arbitrary<unknown> =>
  fc.record(Object.fromEntries(Object.entries(properties).map(([name, one]) => [name, fitting(one)])), {
    requiredKeys: [...required],
  });

const lists = ({ items = {}, minItems = 0, maxItems = usualLength }: JsonSchema): fc.Arbitrary<unknown> =>
  fc.array(fitting(items), { minLength: minItems, maxLength: Math.max(minItems, Math.min(maxItems, usualLength)) });

/** Beyond them no calendar is tried here. */
const dates = fc.date({
  noInvalidDate: true,
  min: new Date('1970-01-01T00:00:00Z'),
  max: new Date('2999-12-31T00:00:00Z'),
});

function texts({ format, pattern, minLength = 0, maxLength = 40 }: JsonSchema): fc.Arbitrary<unknown> {
  if (format === 'uuid') return fc.uuid();
  if (format === 'date-time') return dates.map((date) => date.toISOString());
  if (format === 'date') return dates.map((date) => date.toISOString().slice(0, 10));
  if (pattern !== undefined) return fc.stringMatching(new RegExp(pattern));
  const usual = fc
    .string({ minLength, maxLength: Math.max(minLength, Math.min(maxLength, 40)), unit: 'grapheme' })
    .map((text) => text.slice(0, maxLength).toWellFormed());
  return fc.oneof({ weight: 9, arbitrary: usual }, { weight: 1, arbitrary: fc.constant('w'.repeat(maxLength)) });
}

function numbers({ minimum, maximum, exclusiveMinimum }: JsonSchema): fc.Arbitrary<number> {
  const low = minimum ?? (exclusiveMinimum === undefined ? -1e6 : exclusiveMinimum + 1);
  const high = maximum ?? Math.max(low, 1e6);
  return fc.oneof(fc.constantFrom(low, high), fc.double({ min: low, max: high, noNaN: true, noDefaultInfinity: true }));
}
