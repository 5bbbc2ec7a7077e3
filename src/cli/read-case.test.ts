import { readFileSync, writeFileSync } from 'node:fs';
import { readCase } from './read-case';
import { at } from './testing-cli';

/** A case file that cannot be read says where it is wrong, and nothing else happens. */

const good = 'src/core/diagnosis/cases/dead-supply.json';
interface Written {
  version: number;
  events: Record<string, unknown>[];
}

/** A copy of a good case that was changed by hand. */
function changed(change: (file: Written) => void): string {
  const file = JSON.parse(readFileSync(good, 'utf8')) as Written;
  change(file);
  const path = at('changed.json');
  writeFileSync(path, JSON.stringify(file));
  return path;
}

const problemsOf = (path: string): readonly string[] => {
  const read = readCase(path);
  return read.ok ? [] : read.problems;
};

test('a written case becomes the state after its last entry', () => {
  const read = readCase(good);
  expect(read.ok && read.state.closed?.fault).toBe('supply-dead@supply');
});

test('a file that is not there is named', () => {
  expect(problemsOf(at('nowhere.json'))).toEqual([
    expect.stringMatching(/nowhere\.json: expected a readable file, found /),
  ]);
});

test('what is no JSON is said to be none', () => {
  writeFileSync(at('torn.json'), '{ "format": "jovial-probe/case", ');
  expect(problemsOf(at('torn.json'))).toEqual([expect.stringMatching(/torn\.json: expected JSON, found /)]);
});

test('a field that is missing is named with its place in the file', () => {
  const path = changed(({ events }) => delete events[1]?.['outcome']);
  expect(problemsOf(path)).toEqual([expect.stringMatching(/changed\.json: events\.1\.outcome: /)]);
});

test('an entry that the machine does not allow is named with its field', () => {
  const path = changed(({ events }) => Object.assign(events[1] ?? {}, { trial: 'look/no-such-look/supply' }));
  expect(problemsOf(path)).toEqual([
    expect.stringMatching(/changed\.json: events\.1\.trial: expected .*found "look\/no-such-look\/supply"/),
  ]);
});

test('a list of problems has one for each field', () => {
  const path = changed((file) => Object.assign(file, { version: 'one', events: 'none' }));
  expect(problemsOf(path)).toEqual([
    expect.stringMatching(/changed\.json: version: /),
    expect.stringMatching(/changed\.json: events: /),
  ]);
});
