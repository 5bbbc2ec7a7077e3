import { readFileSync } from 'node:fs';
import { foldCase } from '../core/casework';
import { eventsOf } from '../core/casework/testing-log';
import { readCaseFile } from '.';
import { boardBookJsonSchema, caseFileJsonSchema } from './json-schema';

const file = (more: object = {}) => ({
  format: 'jovial-probe/case',
  version: 1,
  events: [
    { kind: 'case-opened', machine: { name: 'Kiosk', parts: [] } },
    { kind: 'trial-done', trial: 'start', outcome: 'dead' },
  ],
  ...more,
});
const problems = (value: unknown) => {
  const read = readCaseFile(value);
  return read.ok ? [] : read.problems.map(({ path }) => path.join('.'));
};
function eventsOfFile(value: unknown) {
  const read = readCaseFile(value);
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  return read.file.events;
}

test('a file written by hand needs no ids, times or names', () => {
  const events = eventsOfFile(file());
  expect(foldCase(events)).toMatchObject({ ok: true, state: { stage: 'on-bench' } });
  expect(new Set(events.map(({ id }) => id)).size).toBe(2);
});

test('an exported log comes back as it was', () => {
  const events = eventsOf({
    reported: 'twitch',
    trials: [
      ['start', 'twitch'],
      ['out/drive', 'works'],
    ],
  });
  const read = eventsOfFile(JSON.parse(JSON.stringify(file({ events }))));
  expect(read).toEqual(events.map((event) => ({ ...event, v: 3 })));
});

test.each<[string, unknown, string]>([
  ['a file of another version', file({ version: 3 }), 'version'],
  ['a file of another format', file({ format: 'something/else' }), 'format'],
  ['an empty log', file({ events: [] }), 'events'],
  ['an unknown field', file({ colour: 'red' }), ''],
  [
    'an unknown kind of part',
    file({ events: [{ kind: 'case-opened', machine: { name: 'K', parts: [{ id: 'x', kind: 'flux' }] } }] }),
    'events.0.machine.parts.0.kind',
  ],
  [
    'a part id with spaces',
    file({ events: [{ kind: 'case-opened', machine: { name: 'K', parts: [{ id: 'a b', kind: 'drive' }] } }] }),
    'events.0.machine.parts.0.id',
  ],
])('%s is refused at its field', (_what, value, path) => {
  expect(problems(value)).toContain(path);
});

test('the published JSON Schemas are the ones that the program reads by', () => {
  expect(JSON.parse(readFileSync('docs/formats/case.schema.json', 'utf8'))).toEqual(caseFileJsonSchema());
  expect(JSON.parse(readFileSync('docs/formats/board.schema.json', 'utf8'))).toEqual(boardBookJsonSchema());
});
