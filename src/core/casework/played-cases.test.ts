import { asFound, completeMachine, type DeclaredMachine } from '../machine';
import { breakOf, canAct, instantiateFaults, type FaultInstance } from '../faults';
import { expectStart, START_OUTCOMES } from '../startup';
import { playByAdvice } from './testing-bench';

const desktop: DeclaredMachine = {
  name: 'Desktop',
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A1' },
    { id: 'module-2', kind: 'module', slot: 'A2' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
    { id: 'm2', kind: 'drive', bus: 'm2' },
    { id: 'front-usb', kind: 'front-usb' },
    { id: 'front-audio', kind: 'front-audio' },
    { id: 'stick', kind: 'usb-device' },
  ],
  board: {
    stageLights: true,
    slots: [
      { name: 'A2', channel: 'A' },
      { name: 'B2', channel: 'B' },
      { name: 'A1', channel: 'A' },
    ],
  },
  builtInGraphics: true,
};
const mini: DeclaredMachine = { name: 'Mini', parts: [{ id: 'adapter', kind: 'adapter' }] };

/** One instance of each mode is enough; a fault that cannot act in the machine as found cannot be complained of. */
function oneOfEachMode(declared: DeclaredMachine): [string, FaultInstance][] {
  const completed = completeMachine(declared);
  if (!completed.ok) throw new Error(completed.problems[0]?.message);
  const { machine } = completed;
  const acting = instantiateFaults(machine).filter((fault) => !fault.somethingElse && canAct(fault, machine, asFound));
  return [...new Map(acting.map((fault) => [fault.mode.id, fault] as const))];
}

/** The complaint that the fault would bring in. */
function complaintOf(fault: FaultInstance, declared: DeclaredMachine) {
  const completed = completeMachine(declared);
  const [look] = fault.mode.looks;
  if (!completed.ok || !look) throw new Error('expected a machine and a way of showing');
  const seen = expectStart(completed.machine, asFound, [breakOf(fault, look, completed.machine)], { depth: 'load' });
  return START_OUTCOMES[seen.indexOf(Math.max(...seen))] ?? 'dead';
}

const play = (fault: FaultInstance, declared: DeclaredMachine) =>
  playByAdvice(fault, { machine: declared, told: complaintOf(fault, declared) });

test.each(oneOfEachMode(desktop))(
  'by its own advice the engine gets from the complaint to a right machine: %s',
  (_id, fault) => {
    const { ended, isRight } = play(fault, desktop);
    expect({ ended, isRight }).toEqual({ ended: true, isRight: true });
  },
);

test.each(oneOfEachMode(mini).filter(([, { part }]) => part.kind === 'adapter'))(
  'the same for a small machine on a DC adapter: %s',
  (_id, fault) => {
    expect(play(fault, mini)).toMatchObject({ ended: true, isRight: true });
  },
);

test('a machine that only ever works is not mended on hearsay', () => {
  const idle = instantiateFaults(machineOf(desktop)).find(({ id }) => id === 'slot-dead@slot-B2');
  if (!idle) throw new Error('expected a fault of an empty slot');
  const played = playByAdvice(idle, { machine: desktop, told: 'dead' });
  expect(played.trials).toEqual(['start', 'run-under-load']);
  expect(played).toMatchObject({ ended: true, repairs: [] });
});

function machineOf(declared: DeclaredMachine) {
  const completed = completeMachine(declared);
  if (!completed.ok) throw new Error('expected a machine');
  return completed.machine;
}

test('no part is bought for a mistake of hands', () => {
  const hands = [
    'rocker-off',
    'cord-loose',
    'monitor-wrong-input',
    'cable-in-board-output',
    'switch-lead-off',
    'card-power-missing',
  ];
  for (const [id, fault] of oneOfEachMode(desktop).filter(([mode]) => hands.includes(mode))) {
    const { repairs } = play(fault, desktop);
    expect([id, repairs.filter((repair) => repair.startsWith('replace@'))]).toEqual([id, []]);
  }
});
