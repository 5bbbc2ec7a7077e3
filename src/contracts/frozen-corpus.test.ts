import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import {
  checkChain,
  currentFaultId,
  diagnoseCase,
  foldCase,
  foldStored,
  upcastEvent,
  type CaseState,
} from '../core/casework';
import { CIRCUMSTANCES, instantiateFaults } from '../core/faults';
import { completeMachine, type DeclaredMachine } from '../core/machine';
import { findTrial } from '../core/trials';
import { readCaseFile, type ReadCaseFile } from '.';

/** What the first edition wrote is read for ever, and means what it meant: see corpus/README.md. */

const corpus = 'corpus/first-edition';
const readJson = (path: string): unknown => JSON.parse(readFileSync(join(corpus, path), 'utf8'));
const names = readdirSync(join(corpus, 'cases')).map((file) => file.replace('.json', ''));

interface FrozenDiagnosis {
  readonly advice: { readonly kind: string; readonly trial: string | null };
  readonly rightProbability: number;
  readonly suspects: Readonly<Record<string, number>>;
}
const diagnoses = readJson('diagnoses.json') as Readonly<Record<string, FrozenDiagnosis>>;

interface FrozenMachine {
  readonly machine: DeclaredMachine;
  readonly faults: readonly string[];
  readonly repairs: readonly string[];
  readonly trials: Readonly<Record<string, readonly string[]>>;
}
const vocabulary = readJson('vocabulary.json') as {
  readonly circumstances: readonly string[];
  readonly machines: readonly FrozenMachine[];
};

function fileOf(name: string): ReadCaseFile {
  const read = readCaseFile(readJson(`cases/${name}.json`));
  if (!read.ok) throw new Error(`${name}: ${JSON.stringify(read.problems)}`);
  return read.file;
}

function stateOf(name: string): CaseState {
  const folded = foldCase(fileOf(name).events);
  if (!folded.ok) throw new Error(`${name}: ${folded.problem.event}: ${folded.problem.message}`);
  return folded.state;
}

test.each(names)('%s: every entry is read and counts', (name) => {
  expect(stateOf(name).entries.filter(({ unread }) => unread !== null)).toEqual([]);
});

/** What was as good as certain; other figures are those of the model of their time. */
const wasCertain = (name: string): string[] =>
  Object.entries(diagnoses[name]?.suspects ?? {}).flatMap(([fault, probability]) =>
    probability > 0.97 ? [fault] : [],
  );

test.each(names.filter((name) => wasCertain(name).length > 0))('%s: what was certain is still believed', (name) => {
  const { suspects } = diagnoseCase(stateOf(name));
  for (const fault of wasCertain(name)) {
    const now = suspects.find((suspect) => suspect.fault === currentFaultId(fault));
    const sameRepair = suspects.filter(({ repair }) => repair.id === now?.repair.id);
    const together = sameRepair.reduce((sum, { probability }) => sum + probability, 0);
    expect([fault, together > 0.5]).toEqual([fault, true]);
  }
});

test.each(names)('%s: every suspect of then is one now', (name) => {
  const now = new Set(diagnoseCase(stateOf(name)).suspects.map(({ fault }) => fault));
  const before = Object.keys(diagnoses[name]?.suspects ?? {}).map(currentFaultId);
  expect(before.length).toBeGreaterThan(50);
  expect(before.filter((fault) => !now.has(fault))).toEqual([]);
});

const chained = names.filter((name) => fileOf(name).chain !== undefined);

test('cases with a chain are among them', () => {
  expect(chained.length).toBeGreaterThan(10);
});

test.each(chained)('%s: its chain verifies over the bytes as they were written', (name) => {
  const { records, chain = [] } = fileOf(name);
  const log = records.map((event, i) => ({ sequence: i + 1, hash: chain[i]?.hash ?? '', event, seal: chain[i]?.seal }));
  expect(checkChain(log)).toMatchObject({ ok: true, length: records.length });
});

test('every circumstance that was written is still one', () => {
  const opened = { id: '', at: '', by: '', kind: 'case-opened', circumstances: vocabulary.circumstances };
  const { circumstances } = upcastEvent(opened) as { circumstances: string[] };
  expect(circumstances.filter((name) => !(CIRCUMSTANCES as readonly string[]).includes(name))).toEqual([]);
});

test.each(vocabulary.machines.map(({ machine }, i) => [machine.name, i] as const))(
  '%s: every fault, trial and outcome id that could be written is still known, under its name of today',
  (_name, i) => {
    const frozen = vocabulary.machines[i];
    if (!frozen) throw new Error('expected a machine');
    const completed = completeMachine(frozen.machine);
    if (!completed.ok) throw new Error('expected a machine that can be completed');
    const faults = new Set(instantiateFaults(completed.machine).map(({ id }) => id));
    expect(frozen.faults.map(currentFaultId).filter((id) => !faults.has(id))).toEqual([]);
    const opened = { kind: 'case-opened', id: 'a', at: '2026-01-01T00:00:00Z', by: 'x', owner: 'o', complaint: 'c' };
    const lost = Object.entries(frozen.trials).flatMap(([trial, outcomes]) =>
      outcomes.filter((outcome) => {
        const done = upcastEvent({ kind: 'trial-done', id: 'b', at: opened.at, by: 'x', trial, outcome });
        return !isKnown(completed.machine, done as { trial: string; outcome: string });
      }),
    );
    expect(lost).toEqual([]);
  },
);

/** In some configuration: as it was found, or set up as starts on the bench leave it. */
function isKnown(
  machine: Extract<ReturnType<typeof completeMachine>, { ok: true }>['machine'],
  { trial: id, outcome }: { readonly trial: string; readonly outcome: string },
): boolean {
  const found = { placements: {}, settings: 'as-found', start: 'button', surface: 'case' } as const;
  const away = Object.fromEntries(machine.parts.map((part) => [part.id, { state: 'out' } as const]));
  const configurations = [found, { ...found, surface: 'bench' } as const, { ...found, placements: away }];
  return configurations.some((configuration) =>
    findTrial(machine, configuration, id)?.outcomes.some((option) => option.id === outcome),
  );
}

test('an entry of a version to come is kept, shown as such and counts for nothing; its chain stays whole', () => {
  const name = chained[0] ?? '';
  const file = readJson(`cases/${name}.json`) as { events: Record<string, unknown>[] };
  const [first, second, ...rest] = file.events;
  const later = { ...second, v: 99, kind: 'thermal-image', pixels: [1, 2] };
  const read = readCaseFile({ ...file, events: [first, later, ...rest] });
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  const folded = foldStored(read.file.events);
  if (!folded.ok) throw new Error(folded.problem.message);
  expect(folded.state.entries[1]).toMatchObject({ event: { kind: 'unread', writtenKind: 'thermal-image' } });
  expect(folded.state.entries[1]?.unread).toContain('thermal-image');
  expect(read.file.records[1]).toEqual(later);
});

test('an id that was dropped makes its entry unread, and the rest of the case goes on', () => {
  const name = chained[0] ?? '';
  const file = readJson(`cases/${name}.json`) as { events: Record<string, unknown>[] };
  const events = file.events.map((event) =>
    event['trial'] === 'start' ? { ...event, trial: 'look/no-such-look/supply', outcome: 'odd' } : event,
  );
  const read = readCaseFile({ ...file, events });
  if (!read.ok) throw new Error(JSON.stringify(read.problems));
  const folded = foldStored(read.file.events);
  if (!folded.ok) throw new Error(folded.problem.message);
  const unread = folded.state.entries.filter((entry) => entry.unread !== null);
  expect(unread.length).toBeGreaterThan(0);
  expect(folded.state.entries.length).toBe(file.events.length);
  expect(foldCase(read.file.events)).toMatchObject({ ok: false, problem: { code: 'unknown-trial' } });
});
