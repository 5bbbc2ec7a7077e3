import { diagnoseCase, foldCase, foldOn, powerReadings, sheetInForce, type CaseState, type EventBody } from '.';
import { assessPower, planOf, type PowerSheet } from '../power';
import { eventId, eventsOf, type BriefLog } from './testing-log';

/** A render box whose card hangs on one drive plug, on a supply of half of what it draws. */
const machine: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'supply', kind: 'supply' },
    { id: 'module-1', kind: 'module' },
    { id: 'module-2', kind: 'module' },
    { id: 'card', kind: 'card', name: 'render card' },
    { id: 'drive', kind: 'drive', bus: 'm2' },
  ],
  builtInGraphics: true,
};
const consumers: PowerSheet['consumers'] = [
  { id: 'processor', kind: 'processor', baseWatts: 95, boostWatts: 165 },
  { id: 'card', kind: 'graphics-card', boardWatts: 255 },
  { id: 'board', kind: 'board' },
  { id: 'module', kind: 'module', count: 2 },
];
const slot = { id: 'slot', kind: 'input', connector: 'card-slot', consumer: 'card' } as const;
const chained: PowerSheet = {
  consumers,
  supply: { watts: 310, v12Amps: [13, 12], v12Watts: 252 },
  years: 7,
  leads: [
    { id: 'out', kind: 'output', connector: 'drive-4' },
    { id: 'adapter', kind: 'adapter', connector: 'card-8', from: ['out'] },
    { id: 'in', kind: 'input', connector: 'card-8', from: ['adapter'], consumer: 'card' },
    slot,
  ],
};
const ownLeads: PowerSheet = {
  consumers,
  supply: { watts: 750, v12Amps: [60], v12Watts: 720 },
  leads: [
    { id: 'a', kind: 'output', connector: 'card-8' },
    { id: 'b', kind: 'output', connector: 'card-8' },
    { id: 'in-a', kind: 'input', connector: 'card-8', from: ['a'], consumer: 'card' },
    { id: 'in-b', kind: 'input', connector: 'card-8', from: ['b'], consumer: 'card' },
    slot,
  ],
};
const cutOutTrace = {
  readings: Array.from({ length: 30 }, (_, seconds) => ({
    seconds,
    watts: seconds < 20 ? 90 : seconds < 22 ? 372 : 2,
  })),
  phases: [{ phase: 'cut-out', fromSeconds: 20, toSeconds: 22 } as const],
};

let next = 50;
function after(state: CaseState, ...bodies: EventBody[]): CaseState {
  const folded = foldOn(
    state,
    bodies.map((body) => ({ ...body, id: eventId(next++), at: '2026-01-05T10:00:00Z', by: 'Test' })),
  );
  if (!folded.ok) throw new Error(JSON.stringify(folded.problem));
  return folded.state;
}
function opened(more: Partial<BriefLog> = {}): CaseState {
  const folded = foldCase(eventsOf({ machine, circumstances: ['card-changed'], reported: 'cuts-out', ...more }));
  if (!folded.ok) throw new Error(JSON.stringify(folded.problem));
  return folded.state;
}
const load = (outcome: string): EventBody => ({ kind: 'trial-done', trial: 'run-under-load', outcome });
const noted = (sheet: PowerSheet, of?: 'spare'): EventBody => ({ kind: 'power-noted', sheet, ...(of ? { of } : {}) });
const shareOf = (state: CaseState, fault: string) =>
  diagnoseCase(state).suspects.find((one) => one.fault === fault)?.probability ?? 0;

describe('an overload, from intake to the end', () => {
  const suspected = after(opened(), noted(chained));

  test('before any measurement the supply leads, and the chain is the weakest and part of the same cause', () => {
    const { suspects, together } = diagnoseCase(suspected);
    expect(suspects[0]?.fault).toBe('supply-too-small@supply');
    expect(together[0]?.faults).toEqual(['supply-too-small@supply', 'card-lead-split@card']);
    expect(together[0]?.probability).toBeGreaterThan(0.5);
    const { weakest, unsafe } = assessPower(planOf(chained));
    expect(weakest?.element.id).toBe('out');
    expect(unsafe.map(({ risk }) => risk)).toContain('drive-feeds-card');
  });

  const measured = after(suspected, load('cuts-out'), { kind: 'power-measured', trace: cutOutTrace });
  test('the wall trace ends it: the supply is to be replaced', () => {
    const { advice } = diagnoseCase(measured);
    expect([advice.kind, advice.trial?.id]).toEqual(['repair', 'fix/replace@supply']);
    expect(shareOf(measured, 'supply-too-small@supply')).toBeGreaterThan(0.99);
  });

  test('a spare that cures it is not taken out again to overload the leads once more', () => {
    const cured = after(measured, { kind: 'trial-done', trial: 'load-with-spare/supply', outcome: 'works' });
    const { advice } = diagnoseCase(cured);
    expect(advice.kind).toBe('repair');
    expect(advice.why).toContain('do not put it back');
  });

  test('a larger supply with its own leads makes it right', () => {
    const replaced = after(
      measured,
      { kind: 'trial-done', trial: 'fix/replace@supply', outcome: 'works' },
      load('works'),
    );
    const first = diagnoseCase(replaced);
    expect(first.rightProbability).toBeGreaterThan(0.95);
    // The new supply has no label yet; what draws is the same.
    expect(sheetInForce(replaced)).toEqual({ of: 'spare', sheet: { consumers } });
    const proven = after(replaced, load('works'));
    expect(diagnoseCase(proven).advice.kind).toBe('close');
  });
});

test('a supply that the start alone overloads is suspected of a cut-out at a plain start, a larger one is not', () => {
  const started = (sheet: PowerSheet) =>
    after(opened(), noted({ ...sheet, consumers }), { kind: 'trial-done', trial: 'start', outcome: 'cuts-out' });
  const tiny = started({ ...ownLeads, supply: { watts: 60, v12Amps: [4] } });
  expect(assessPower(planOf({ ...ownLeads, consumers, supply: { watts: 60 } })).verdict.sentence).toMatch(
    /start alone/,
  );
  expect(diagnoseCase(tiny).suspects[0]?.fault).toBe('supply-too-small@supply');
  expect(shareOf(started(ownLeads), 'supply-too-small@supply')).toBeLessThan(0.05);
});

test('without a load that is too much the same complaint is not the supply', () => {
  const enough = after(opened(), noted({ ...ownLeads, consumers }), load('cuts-out'));
  expect(shareOf(enough, 'supply-too-small@supply')).toBeLessThan(
    shareOf(after(opened(), load('cuts-out')), 'supply-too-small@supply'),
  );
  expect(shareOf(enough, 'card-lead-split@card')).toBeLessThan(0.05);
});

test('a spare brings its own label and leads: one that is as small cures nothing', () => {
  const small = { ...ownLeads, supply: { watts: 300, v12Amps: [18] } };
  const swapped: EventBody = { kind: 'trial-done', trial: 'load-with-spare/supply', outcome: 'cuts-out' };
  const before = after(opened(), noted(chained), load('cuts-out'));
  const blind = after(before, swapped);
  const known = after(before, noted(small, 'spare'), swapped);
  expect(shareOf(known, 'supply-too-small@supply')).toBeGreaterThan(shareOf(blind, 'supply-too-small@supply'));
  expect(sheetInForce(known)).toMatchObject({ of: 'spare', sheet: { supply: { watts: 300 } } });
  expect(sheetInForce(before)).toMatchObject({ of: 'own', sheet: { supply: { watts: 310 } } });
});

test('what is noted again takes the place of what was noted before, its leads as well', () => {
  const corrected = after(opened(), noted(chained), noted({ ...chained, leads: ownLeads.leads }));
  const looks = corrected.steps.filter(({ trial }) => trial.id === 'look/card-leads/card');
  expect(looks.map(({ outcome }) => outcome)).toEqual(['separate']);
  expect(shareOf(corrected, 'card-lead-split@card')).toBeLessThan(
    shareOf(after(opened(), noted(chained)), 'card-lead-split@card'),
  );
});

test('an adapter is judged by its own label, and a reversed one says nothing of its voltage', () => {
  const small: Partial<BriefLog> = {
    machine: { parts: [{ id: 'adapter', kind: 'adapter' }] },
    circumstances: [],
    reported: 'dead',
  };
  const of12 = after(
    opened(small),
    noted({ consumers: [{ kind: 'board' }], supply: { adapterVolts: 12, adapterAmps: 5 } }),
  );
  const read = (value: number) =>
    after(of12, { kind: 'power-measured', reading: { quantity: 'adapter', at: 'no-load', value } });
  expect(read(12.1).steps.at(-1)).toMatchObject({ outcome: 'within', volts: 12.1 });
  expect(read(0.1).steps.at(-1)).toMatchObject({ outcome: 'absent' });
  expect(read(-12).steps).toHaveLength(of12.steps.length);
  expect(shareOf(read(0.1), 'adapter-dead@adapter')).toBeGreaterThan(shareOf(read(12.1), 'adapter-dead@adapter'));
});

test('a trace in which nobody marked a load says nothing of the supply', () => {
  const state = after(opened(), noted(chained));
  const idle = {
    readings: cutOutTrace.readings.map((one) => ({ ...one, watts: Math.min(one.watts, 90) })),
    phases: [],
  };
  const traced = after(state, { kind: 'power-measured', trace: idle });
  expect(traced.steps).toHaveLength(state.steps.length);
  expect(traced.power.measured).toHaveLength(1);
});

test('readings of tests and of the power bench stand in one table; what was crossed out does not', () => {
  const state = after(
    opened({
      trials: [
        ['start', 'works'],
        ['measure/rail-12/supply', 'within', 12.08],
      ],
    }),
    { kind: 'power-measured', reading: { quantity: 'v12', at: 'cut-out', value: 11.2, meter: 'Bench meter' } },
    { kind: 'power-measured', reading: { quantity: 'power-good', at: 'idle', value: 240 } },
  );
  expect(powerReadings(state).map(({ quantity, load: at, value }) => [quantity, at, value])).toEqual([
    ['v12', 'idle', 12.08],
    ['v12', 'cut-out', 11.2],
    ['power-good', 'idle', 240],
  ]);
  const struck = after(state, { kind: 'entry-struck', entry: powerReadings(state)[1]?.id ?? '', reason: 'wrong pin' });
  expect(powerReadings(struck).map(({ quantity }) => quantity)).toEqual(['v12', 'power-good']);
});

test.each<[EventBody, string]>([
  [{ kind: 'power-measured' }, 'reading'],
  [
    {
      kind: 'power-noted',
      sheet: { ...chained, leads: [{ id: 'x', kind: 'lead', connector: 'card-8', from: ['x'] }] },
    },
    'sheet.leads.0.from',
  ],
])('%j is refused at its place', (body, path) => {
  const folded = foldOn(opened(), [{ ...body, id: eventId(next++), at: '2026-01-05T10:00:00Z', by: 'Test' }]);
  expect(folded.ok ? null : folded.problem.path.join('.')).toBe(path);
});
