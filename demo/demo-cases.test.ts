import { diagnoseCase, foldCase, memoryMatrixOf, proofOfCause } from '../src/core/casework';
import { caseEventSchema } from '../src/contracts';
import { demoCases } from './cases';
import { demoId, eventsOfDemoCase, type DemoCase } from './demo-case';

const now = new Date('2026-01-05T12:00:00Z');
const stateOf = (demo: DemoCase) => {
  const folded = foldCase(eventsOfDemoCase(demo, now));
  if (!folded.ok) throw new Error(`${demo.key}: ${folded.problem.message}`);
  return folded.state;
};
const caseOf = (key: string) => {
  const demo = demoCases.find((d) => d.key === key);
  if (!demo) throw new Error(`expected a demo case ${key}`);
  return stateOf(demo);
};

test('the demo shows every state of a case', () => {
  expect(demoCases.length).toBeGreaterThanOrEqual(12);
  expect(new Set(demoCases.map((demo) => stateOf(demo).stage))).toEqual(
    new Set(['waiting', 'on-bench', 'parked', 'closed']),
  );
});

test('demo events pass the same schema as requests, with ids of their own, and lie in the past', () => {
  const events = demoCases.flatMap((demo) => eventsOfDemoCase(demo, now));
  for (const event of events) expect(caseEventSchema.safeParse(event)).toMatchObject({ success: true });
  expect(new Set([...events.map(({ id }) => id), ...demoCases.map(({ key }) => demoId(key))]).size).toBe(
    events.length + demoCases.length,
  );
  expect(events.every(({ at }) => new Date(at) <= now)).toBe(true);
});

test('the case at the switch suspects the switch side, with standby proven', () => {
  const { parts, links } = diagnoseCase(caseOf('05'));
  expect(parts['case-switch']).toBeGreaterThan(0.6);
  expect(links.find(({ link }) => link === 'standby')?.state).toBe('proven');
});

test('the kiosk’s front lead is proven, the closed case’s cause is supported', () => {
  expect(proofOfCause(caseOf('02'), 'front-usb-overcurrent@front-usb')).toBe('proven');
  expect(proofOfCause(caseOf('01'), 'monitor-wrong-input@monitor')).toBe('supported');
});

test.each([
  ['07', 'memory'],
  ['09', 'processor'],
  ['10', 'peripherals'],
  ['11', 'graphics'],
  ['12', 'rails'],
  ['14', 'graphics'],
  ['15', 'memory'],
])('the log of case %s points at %s and is believable', (key, link) => {
  const { links, surprise } = diagnoseCase(caseOf(key));
  const [first] = [...links].sort((a, b) => b.probability - a.probability);
  expect(first?.link).toBe(link);
  expect(surprise.isUnusual).toBe(false);
});

test('the channel of the net loft machine is to blame, not two slots', () => {
  const matrix = memoryMatrixOf(caseOf('07'));
  expect(matrix.channels['channel-A']).toBe('bad');
  expect(matrix.deductions[0]).toContain('all its slots fail');
});

test('the closed adapter is proven', () => {
  expect(proofOfCause(caseOf('08'), 'adapter-sags@adapter')).toBe('proven');
});
