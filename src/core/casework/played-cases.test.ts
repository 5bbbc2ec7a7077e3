import { asFound, completeMachine, type DeclaredMachine } from '../machine';
import { breakOf, canAct, instantiateFaults, type FaultInstance } from '../faults';
import { expectStart, START_OUTCOMES } from '../startup';
import { playByAdvice } from './testing-bench';

/** Two machines share the catalogue between them, each small enough to be played quickly. */
const office: DeclaredMachine = {
  name: 'Office machine',
  parts: [
    { id: 'module', kind: 'module' },
    { id: 'card', kind: 'card' },
    { id: 'drive', kind: 'drive' },
  ],
  board: { stageLights: true, slots: [{ name: 'A1', channel: 'A' }] },
  builtInGraphics: true,
};
const workshop: DeclaredMachine = {
  name: 'Workshop machine',
  parts: [
    { id: 'module-1', kind: 'module', slot: 'A1' },
    { id: 'module-2', kind: 'module', slot: 'A2' },
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
  const [look] = fault.mode.presentations;
  if (!completed.ok || !look) throw new Error('expected a machine and a way of showing');
  const seen = expectStart(completed.machine, asFound, [breakOf(fault, look, completed.machine)], { depth: 'load' });
  return START_OUTCOMES[seen.indexOf(Math.max(...seen))] ?? 'dead';
}

const play = (fault: FaultInstance, declared: DeclaredMachine) =>
  playByAdvice(fault, { machine: declared, reported: complaintOf(fault, declared) });

const inOffice = oneOfEachMode(office);
const onlyInWorkshop = oneOfEachMode(workshop).filter(([id]) => !inOffice.some(([known]) => known === id));

test.each([
  ...inOffice.map(([id, fault]) => [id, office, fault] as const),
  ...onlyInWorkshop.map(([id, fault]) => [id, workshop, fault] as const),
])('by its own advice the engine gets from the complaint to a right machine: %s', (_id, machine, fault) => {
  const { ended, isRight, repairs } = play(fault, machine);
  expect({ ended, isRight }).toEqual({ ended: true, isRight: true });
  // Nothing is bought that the fault is not in.
  expect(repairs.filter((repair) => repair.startsWith('replace@') && repair !== fault.repairClass.id)).toEqual([]);
});

test.each(oneOfEachMode(mini).filter(([, { part }]) => part.kind === 'adapter'))(
  'the same for a small machine on a DC adapter: %s',
  (_id, fault) => {
    expect(play(fault, mini)).toMatchObject({ ended: true, isRight: true });
  },
);

test('a machine that only ever works is not repaired on hearsay', () => {
  const idle = instantiateFaults(machineOf(workshop)).find(({ id }) => id === 'slot-dead@slot-B2');
  if (!idle) throw new Error('expected a fault of an empty slot');
  const played = playByAdvice(idle, { machine: workshop, reported: 'dead' });
  expect(played.trials).toEqual(['start', 'run-under-load']);
  expect(played).toMatchObject({ ended: true, repairs: [] });
});

function machineOf(declared: DeclaredMachine) {
  const completed = completeMachine(declared);
  if (!completed.ok) throw new Error('expected a machine');
  return completed.machine;
}
