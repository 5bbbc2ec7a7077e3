import { readdirSync } from 'node:fs';
import { join } from 'node:path';
import { circumstancesOf, createCaseDiagnoser, foldStored, type CaseState } from '../core/casework';
import { replayCase } from '../core/practice';
import { readCase } from './read-case';

/** Cases as a bench would write them down, two of each kind that comes in, each closed with its true cause. */
const folder = 'src/core/diagnosis/cases';
const names = readdirSync(folder).map((file) => file.replace('.json', ''));

/** After this number of entries, the intake among them, its cause must stand first, and stay there. */
const firstAfter: Readonly<Record<string, number>> = {
  'bench-test-dead-module': 4,
  'bench-test-processor-plug': 3,
  'broken-firmware': 4,
  'dead-supply': 5,
  'dead-wet-switch': 6,
  'dies-under-load-film': 5,
  'dies-under-load-supply': 4,
  'locked-settings': 3,
  'locked-settings-used-board': 4,
  'loop-lead-at-supply': 4,
  'message-fan-unplugged': 3,
  'message-usb-header': 5,
  'newer-processor-older-firmware': 4,
  'newer-processor-said-so': 2,
  'no-picture-cable-in-board': 4,
  'no-picture-other-input': 3,
  'regretted-firmware': 5,
  'small-machine-adapter-sags': 4,
  'small-machine-jack': 4,
  'stuck-at-graphics-card-power': 3,
  'stuck-at-memory-slot': 5,
  'twitch-front-lead': 6,
  'used-kit-one-dead': 6,
  'used-two-supplies': 4,
};

function stateOf(name: string): CaseState {
  const read = readCase(join(folder, `${name}.json`));
  if (!read.ok) throw new Error(read.problems.join('\n'));
  return read.state;
}

/** The state after each entry, from the intake on. */
function statesOf(name: string): CaseState[] {
  const events = stateOf(name).entries.map(({ event }) => event);
  return events.map((_, last) => {
    const folded = foldStored(events.slice(0, last + 1));
    if (!folded.ok) throw new Error(folded.problem.message);
    return folded.state;
  });
}

test('there are two written cases of each of the twelve kinds', () => {
  expect(names.length).toBe(24);
  expect(Object.keys(firstAfter).sort()).toEqual([...names].sort());
});

test.each(names)('%s: its true cause stands first in time, and nothing is doubted', (name) => {
  const diagnose = createCaseDiagnoser();
  const states = statesOf(name);
  const fault = states.at(-1)?.closed?.fault;
  const first = states.map((state) => diagnose(state).suspects[0]?.fault === fault);
  expect([name, first.slice((firstAfter[name] ?? 1) - 1).every(Boolean), first]).toEqual([name, true, first]);
  const end = diagnose(states.at(-1) as CaseState);
  expect(end.suspects[0]?.probability).toBeGreaterThan(0.5);
  expect(end.surprise.isUnusual).toBe(false);
  expect(end.doubts).toEqual([]);
});

test.each(names)('%s: by its own advice the tool comes to the right end', (name) => {
  const state = stateOf(name);
  const fault = state.closed?.fault ?? '';
  const { machine } = state;
  const answer = replayCase({
    machine,
    circumstances: circumstancesOf(state),
    faults: [fault],
    strategy: 'best-value',
    seed: 2,
  });
  if (!answer.ok) throw new Error(answer.problem);
  const { turns, left } = answer.replayed;
  const end = turns.at(-1)?.advice;
  expect([name, end?.kind]).toEqual([name, 'close']);
  // On the bench nothing is bought: the part stays bad, and the list says so.
  const bad = machine.onBench ? machine.parts.filter(({ id }) => left.some((one) => one.endsWith(`@${id}`))) : [];
  expect([name, left.length]).toEqual([name, bad.length]);
  for (const { name: part } of bad) expect(end?.why).toContain(`Fails: ${part}.`);
});
