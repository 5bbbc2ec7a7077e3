import { parseSafely } from './parse-safely';
import addFormats from 'ajv-formats';
import Ajv2020 from 'ajv/dist/2020';
import fc from 'fast-check';
import { uniformFloat64 } from 'pure-rand/distribution/uniformFloat64';
import { xoroshiro128plus } from 'pure-rand/generator/xoroshiro128plus';
import type * as z from 'zod';
import { boardBookFileSchema } from './board-book';
import { caseFileSchema } from './case-file';
import { boardBookJsonSchema, caseFileJsonSchema, powerFileJsonSchema } from './json-schema';
import { powerFileSchema } from './power-file';
import { fullBoard } from './testing-board';
import { fullPower } from './testing-power';
import { fitting, type JsonSchema } from './testing-fit';
import { mutated } from './testing-mutate';

/** What others read and write files by, checked with a validator that is not ours. */

const formats = [
  ['case', caseFileSchema, caseFileJsonSchema()],
  ['board', boardBookFileSchema, boardBookJsonSchema()],
  ['power', powerFileSchema, powerFileJsonSchema()],
] as const satisfies readonly (readonly [string, z.ZodType, unknown])[];

/** To be changed a little: what holds together is hardly ever drawn by chance. */
const examples: Readonly<Record<string, unknown>> = { board: fullBoard, power: fullPower };

function validator(schema: unknown): (value: unknown) => string | null {
  const ajv = new Ajv2020({ strict: false });
  addFormats(ajv);
  const validate = ajv.compile(schema as object);
  return (value) => (validate(value) ? null : ajv.errorsText(validate.errors));
}

test.each(formats)(
  'a %s that fits the published schema is read, unless what it says does not fit together',
  (_, own, published) => {
    const fits = validator(published);
    fc.assert(
      fc.property(fitting(published as JsonSchema), (value) => {
        expect(fits(value)).toBeNull();
        const read = own.safeParse(value);
        // Blanks alone are no words; times and lists that contradict themselves no schema can tell.
        const beyond = read.error?.issues.filter(({ code }) => code !== 'custom' && code !== 'too_small') ?? [];
        expect(beyond).toEqual([]);
      }),
      { numRuns: 60 },
    );
  },
);

test.each(formats)('whatever is read as a %s fits the published schema', (name, own, published) => {
  const fits = validator(published);
  const written = examples[name] ? fc.constant<unknown>(examples[name]) : fitting(published as JsonSchema);
  let taken = 0;
  fc.assert(
    fc.property(written, fc.noBias(fc.integer()), (value, seed) => {
      const generator = xoroshiro128plus(seed);
      const read = parseSafely(
        own,
        mutated(value, () => uniformFloat64(generator)),
      );
      if (!read.success) return;
      taken += 1;
      expect(fits(JSON.parse(JSON.stringify(read.data)))).toBeNull();
    }),
    { numRuns: 600 },
  );
  expect(taken).toBeGreaterThan(10);
});
