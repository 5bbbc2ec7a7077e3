import { completeMachine } from '../machine';
import { PRACTICE_MACHINES, replayCase, simulate, unsureDraw } from '.';

const [counter] = PRACTICE_MACHINES;
const completed = counter ? completeMachine(counter.machine) : null;
if (!counter || !completed?.ok) throw new Error('expected a machine');
const { machine } = completed;
const { circumstances } = counter;
const replay = (faults: readonly string[], seed = 1) =>
  replayCase({ machine, circumstances, faults, strategy: 'best-value', seed });

test('a replay is the whole conversation, from the first sight of the complaint to the end', () => {
  const answer = replay(['rocker-off@supply']);
  if (!answer.ok) throw new Error(answer.problem);
  const { turns, left, reported } = answer.replayed;
  expect([turns[0]?.advice.kind, turns.at(-1)?.advice.kind, left]).toEqual(['reproduce', 'close', []]);
  expect(reported).toBe('Nothing at all');
  expect(turns.slice(0, -1).every(({ seen, advice }) => seen !== null && advice.trial !== null)).toBe(true);
  const minutes = turns.map((turn) => turn.minutes);
  expect(minutes).toEqual([...minutes].sort((a, b) => a - b));
  expect(turns.at(-2)?.suspects[0]?.fault).toBe('rocker-off@supply');
});

test('the same seed tells the same story, and two faults are both in it', () => {
  const both = ['rocker-off@supply', 'drive-lead-loose@drive'];
  expect(replay(both, 5)).toEqual(replay(both, 5));
  const answer = replay(both, 5);
  expect(answer.ok && answer.replayed.faults).toEqual(both);
});

test('left in the machine is what can still act in it: not what was left unplugged, and what nobody complained of', () => {
  const endOf = (faults: readonly string[]) => {
    const answer = replay(faults, 3);
    if (!answer.ok) throw new Error(answer.problem);
    return answer.replayed;
  };
  const unplugged = endOf(['front-usb-short@front-usb']);
  expect(unplugged.turns.some(({ advice }) => advice.trial?.id === 'fix/leave-unplugged@front-usb')).toBe(true);
  expect(unplugged.left).toEqual([]);
  expect(endOf(['switch-lead-off@case-switch', 'supply-lead-intermittent@supply']).left).toEqual([
    'supply-lead-intermittent@supply',
  ]);
});

test('what the machine cannot have is refused by name', () => {
  expect(replay(['card-dead@card'])).toEqual({
    ok: false,
    problem: 'expected a fault of this machine, found "card-dead@card"',
  });
});

test('nothing silly is advised where tests cannot be done or leave one unsure', () => {
  const played = simulate({ cases: 24, seed: 11, strategies: ['best-value'], ...unsureDraw }).get('best-value') ?? [];
  expect(played.flatMap(({ silly }) => silly)).toEqual([]);
  const silent = played.flatMap(({ trials }) => trials.filter(({ outcome }) => outcome === 'could-not'));
  expect(silent.length).toBeGreaterThan(5);
});
