import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { diagnoseCase } from '../core/casework';
import { readCase } from './read-case';

/** Ten cases as a bench would write them down, one of each kind that comes in, each closed with its true cause. */
const folder = 'src/core/diagnosis/cases';
const names = readdirSync(folder);

test('there is a written case of each kind', () => {
  expect(names.length).toBeGreaterThanOrEqual(10);
});

test.each(names)('%s ends with its true cause first', (name) => {
  const read = readCase(join(folder, name));
  if (!read.ok) throw new Error(read.problems.join('\n'));
  const { suspects, surprise } = diagnoseCase(read.state);
  expect(suspects[0]?.fault).toBe(read.state.closed?.fault);
  expect(suspects[0]?.probability).toBeGreaterThan(0.75);
  expect(surprise.isUnusual).toBe(false);
});
