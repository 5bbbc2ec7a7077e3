import fc from 'fast-check';
import { completeMachine, foundConfiguration } from '../machine';
import { instantiateFaults, parseFaultId, parseRepairClassId, formatFaultId, formatRepairClassId } from '../faults';
import { formatTrialId, leavesMachine, parseTrialId, trialsFor } from '.';

const completed = completeMachine({
  name: 'M',
  parts: [
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
    { id: 'card', kind: 'card' },
    { id: 'front-usb', kind: 'front-usb' },
  ],
});
if (!completed.ok) throw new Error('expected a machine');
const { machine } = completed;

test('every trial of a machine is named by its id and found again by it', () => {
  for (const { id, ref } of trialsFor(machine, foundConfiguration(machine))) {
    expect(parseTrialId(id)).toEqual(ref);
    expect(formatTrialId(ref)).toBe(id);
  }
});

test('every fault and repair class of a machine is named by its id', () => {
  for (const { id, mode, part, repairClass, somethingElse } of instantiateFaults(machine)) {
    const ref = parseFaultId(id);
    expect(ref && formatFaultId(ref)).toBe(id);
    if (!somethingElse) expect(ref).toEqual({ kind: 'mode', mode: mode.id, part: part.id });
    const own = parseRepairClassId(repairClass.id);
    expect(own).toEqual({ repair: repairClass.repair, part: repairClass.part.id });
    expect(own && formatRepairClassId(own)).toBe(repairClass.id);
  }
});

test.each([
  '',
  'nothing',
  'start/supply',
  'look',
  'look/rocker',
  'look/rocker/',
  'look/rocker/supply/more',
  'out/',
  'build/roof',
  'fix/replace',
  'fix/@supply',
  'fix/no-such-repair@supply',
  'fix/toString@supply',
  '/start',
])('"%s" is no trial', (id) => {
  expect(parseTrialId(id)).toBeNull();
});

test('whatever is read as a trial is written as the same text', () => {
  const text = fc.oneof(
    fc.string(),
    fc
      .array(fc.constantFrom('start', 'look', 'fix', 'out', 'only', 'build', '/', '@', 'memory', 'supply', 'replace'))
      .map((pieces) => pieces.join('')),
  );
  fc.assert(
    fc.property(text, (id) => {
      const ref = parseTrialId(id);
      if (ref) expect(formatTrialId(ref)).toBe(id);
    }),
  );
});

test('looking and measuring leave the machine as it is, a start does not', () => {
  expect(['look/rocker/supply', 'measure/vsb/supply'].map(leavesMachine)).toEqual([true, true]);
  expect(['start', 'out/drive', 'looks/like/nothing'].map(leavesMachine)).toEqual([false, false, false]);
});
