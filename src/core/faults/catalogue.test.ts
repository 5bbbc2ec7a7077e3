import { asFound, completeMachine } from '../machine';
import { expectStart, LINK_IDS, startOutcomeIndex } from '../startup';
import { LOOKS, QUANTITIES } from '../trials';
import { breakOf, canAct, FAULT_MODES, instantiateFaults, REPAIRS } from '.';

const machine = (() => {
  const completed = completeMachine({
    name: 'Everything',
    parts: [
      { id: 'module-1', kind: 'module', slot: 'A1' },
      { id: 'module-2', kind: 'module' },
      { id: 'card', kind: 'card' },
      { id: 'sata', kind: 'drive', bus: 'sata' },
      { id: 'm2', kind: 'drive', bus: 'm2' },
      { id: 'front-usb', kind: 'front-usb' },
      { id: 'front-audio', kind: 'front-audio' },
      { id: 'stick', kind: 'usb-device' },
    ],
  });
  if (!completed.ok) throw new Error('expected a machine');
  return completed.machine;
})();

test('there are fault modes at every link, each with an id of its own', () => {
  const ids = FAULT_MODES.map(({ id }) => id);
  expect(new Set(ids).size).toBe(ids.length);
  expect(ids.length).toBeGreaterThanOrEqual(100);
  expect(new Set(FAULT_MODES.map(({ link }) => link))).toEqual(new Set(LINK_IDS));
});

test.each(FAULT_MODES.map((mode) => [mode.id, mode] as const))('%s is well formed', (_id, mode) => {
  expect(mode.prior.weight).toBeGreaterThan(0);
  expect(mode.prior.source).not.toBe('');
  expect(mode.reason).toMatch(/\.$/);
  expect(Object.keys(REPAIRS)).toContain(mode.repair);
  expect(mode.presentations.reduce((sum, look) => sum + look.weight, 0)).toBeCloseTo(1, 9);
  // What goes off at work says how.
  expect(mode.cutsOut !== undefined).toBe(mode.presentations.some(({ as }) => as === 'cuts-out'));
});

test('every sighting names a look at that kind of part, or at all that is connected, and one of its options', () => {
  for (const mode of FAULT_MODES)
    for (const sighting of mode.sightings ?? []) {
      const look = LOOKS.find(({ id }) => id === sighting.look);
      if (!look?.everywhere) expect([mode.at, mode.repairedAt?.kind]).toContain(look?.at);
      expect([mode.id, look?.options.slice(1).map(({ id }) => id)]).toEqual([
        mode.id,
        expect.arrayContaining([sighting.as]),
      ]);
    }
});

test('every reading names a quantity', () => {
  const known = QUANTITIES.map(({ id }) => id);
  for (const mode of FAULT_MODES) for (const reading of mode.readings ?? []) expect(known).toContain(reading.quantity);
});

test('every fault that can act stops the machine as found, in every way that it shows, as often as it says', () => {
  const works = startOutcomeIndex('works');
  for (const fault of instantiateFaults(machine).filter((f) => canAct(f, machine, asFound)))
    for (const look of fault.mode.presentations) {
      const seen = expectStart(machine, asFound, [breakOf(fault, look, machine)], { depth: 'load' });
      const stops = look.stops ?? fault.stopProbability;
      expect([fault.id, seen[works]?.toFixed(9)]).toEqual([fault.id, (1 - stops).toFixed(9)]);
    }
});

test('something else waits at every link', () => {
  const elses = instantiateFaults(machine).filter(({ somethingElse }) => somethingElse);
  expect(elses.map(({ link }) => link)).toEqual([...LINK_IDS]);
});

test('circumstances raise the weight of what they make likelier', () => {
  const weight = (circumstances: Parameters<typeof instantiateFaults>[1]) =>
    instantiateFaults(machine, circumstances).find(({ id }) => id === 'switch-wet@case-switch')?.weight ?? 0;
  expect(weight(['spill'])).toBeGreaterThan(5 * weight([]));
});

test('wrong slots are suspected only where the modules are not in the order of the manual', () => {
  const completed = completeMachine({ name: 'M', parts: [] });
  if (!completed.ok) throw new Error('expected a machine');
  expect(instantiateFaults(completed.machine).map(({ id }) => id)).not.toContain('wrong-slots@board');
  expect(instantiateFaults(machine).map(({ id }) => id)).toContain('wrong-slots@board');
});

test('faults repaired by the same repair on the same part share a repair class', () => {
  const byId = new Map(instantiateFaults(machine).map((fault) => [fault.id, fault.repairClass.id]));
  expect(byId.get('supply-dead@supply')).toBe(byId.get('supply-fails-under-start@supply'));
  expect(byId.get('module-dead@module-1')).not.toBe(byId.get('module-dead@module-2'));
});

test('where a machine has two supplies, each fault says at which', () => {
  const two = completeMachine({
    name: 'Two',
    parts: [
      { id: 'supply-1', kind: 'supply' },
      { id: 'supply-2', kind: 'supply', loose: true },
    ],
  });
  if (!two.ok) throw new Error('expected a machine');
  const titles = instantiateFaults(two.machine).map(({ id, title }) => [id, title]);
  expect(titles).toContainEqual(['supply-dead@supply-2', 'The supply is dead: supply 2']);
  expect(titles).toContainEqual(['processor-dead@processor', 'The processor is dead']);
});
