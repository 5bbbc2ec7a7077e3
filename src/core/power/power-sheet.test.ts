import { completeMachine } from '../machine';
import {
  CARD_FEEDS,
  feedCard,
  assessPower,
  calibrateByTrace,
  consumersOfMachine,
  cutOutsOf,
  factsOf,
  leadProblems,
  markedCutOuts,
  measuredBy,
  phaseWatts,
  planOf,
  plugNeeds,
  standingOf,
  suggestPhases,
  thinTrace,
  trialQuantityOf,
  usualLeads,
  type PowerSheet,
  type WallReading,
} from '.';

const sheet: PowerSheet = {
  consumers: [
    { id: 'processor', kind: 'processor', baseWatts: 65, boostWatts: 120 },
    { id: 'card', kind: 'graphics-card', boardWatts: 300 },
    { id: 'board', kind: 'board' },
    { id: 'drive', kind: 'hard-drive', count: 2 },
  ],
  supply: { watts: 500, v12Amps: [20, 18] },
};

const byId = (a: { id: string }, b: { id: string }) => a.id.localeCompare(b.id);

test('the usual leads have no problem: the card has a plug for each 150 W beyond its slot, each drive its own', () => {
  const leads = usualLeads(sheet);
  expect(leadProblems(planOf({ ...sheet, leads }).leads)).toEqual([]);
  const inputs = leads
    .filter(({ kind }) => kind === 'input')
    .map(({ consumer, connector }) => `${consumer ?? ''} ${connector}`);
  expect(inputs.filter((one) => one === 'card card-8')).toHaveLength(2);
  expect(inputs.filter((one) => one === 'drive sata-power')).toHaveLength(2);
  expect(inputs).toContain('processor cpu-8');
});

test.each(CARD_FEEDS)('a card fed by %s is drawn whole, and nothing of how it was fed before is left', (feed) => {
  const before = { ...sheet, leads: usualLeads(sheet) };
  const leads = feedCard(before, 'card', feed);
  expect(leadProblems(planOf({ ...before, leads }).leads)).toEqual([]);
  const own = feedCard({ ...before, leads }, 'card', 'own-leads');
  expect([...own].sort(byId)).toEqual([...before.leads].sort(byId));
  expect(feedCard(before, 'nobody', feed)).toEqual(before.leads);
});

test('on a DC adapter everything hangs on its one plug', () => {
  const leads = usualLeads({ ...sheet, supply: { adapterVolts: 19, adapterAmps: 6 } });
  expect(new Set(leads.map(({ connector }) => connector))).toEqual(new Set(['barrel']));
});

test('plugs are counted by the card as it is drawn, else by what it draws', () => {
  expect(plugNeeds(sheet)).toEqual({ 'board-24': 1, 'cpu-8': 1, 'card-8': 2, 'sata-power': 2 });
  const leads = [
    { id: 'a', kind: 'output', connector: 'card-12' },
    { id: 'b', kind: 'input', connector: 'card-12', from: ['a'], consumer: 'card' },
  ] as const;
  expect(plugNeeds({ ...sheet, leads })).toEqual({ 'board-24': 1, 'cpu-8': 1, 'card-12': 1, 'sata-power': 2 });
});

test('each of several +12 V rails is counted by its own outputs', () => {
  const leads = [
    { id: 'p', kind: 'output', connector: 'cpu-8', rail: 1 },
    { id: 'p-in', kind: 'input', connector: 'cpu-8', from: ['p'], consumer: 'processor' },
    { id: 'c1', kind: 'output', connector: 'card-8', rail: 2 },
    { id: 'c2', kind: 'output', connector: 'card-8', rail: 2 },
    { id: 'c1-in', kind: 'input', connector: 'card-8', from: ['c1'], consumer: 'card' },
    { id: 'c2-in', kind: 'input', connector: 'card-8', from: ['c2'], consumer: 'card' },
  ] as const;
  const { rails } = assessPower(planOf({ ...sheet, leads }));
  expect(rails).toEqual([
    { rail: 1, watts: 120, limitWatts: 240 },
    { rail: 2, watts: 300, limitWatts: 216 },
  ]);
});

test('a card draws no more through its slot than that may carry; the rest comes by its plugs', () => {
  const leads = usualLeads({ ...sheet, consumers: [{ id: 'card', kind: 'graphics-card', boardWatts: 330 }] });
  const { leads: loaded } = assessPower(
    planOf({ ...sheet, consumers: [{ id: 'card', kind: 'graphics-card', boardWatts: 330 }], leads }),
  );
  const inputs = loaded.filter(({ element }) => element.kind === 'input').map(({ watts }) => watts);
  expect(Math.max(...inputs.slice(0, 1))).toBeLessThanOrEqual(75);
  expect(inputs.reduce((sum, watts) => sum + watts, 0)).toBeCloseTo(330, 9);
});

test('a machine says what draws: parts of a kind together, its turning drives apart from its cards', () => {
  const completed = completeMachine({
    name: 'm',
    parts: [
      { id: 'module-1', kind: 'module' },
      { id: 'module-2', kind: 'module' },
      { id: 'card', kind: 'card', name: 'drawing card' },
      { id: 'ssd', kind: 'drive', bus: 'sata', name: 'system SSD' },
      { id: 'archive', kind: 'drive', bus: 'sata', name: 'archive drive' },
      { id: 'm2', kind: 'drive', bus: 'm2' },
      { id: 'spare', kind: 'module', loose: true },
    ],
  });
  if (!completed.ok) throw new Error('expected a machine');
  const found = consumersOfMachine(completed.machine).map(({ kind, count = 1 }) => `${count} ${kind}`);
  expect(found).toEqual(
    expect.arrayContaining(['1 processor', '1 graphics-card', '2 module', '1 sata-ssd', '1 hard-drive', '1 m2-drive']),
  );
});

test('nothing follows for the diagnosis where neither label nor leads are known', () => {
  const standing = (more: Partial<PowerSheet>) => standingOf(assessPower(planOf({ ...sheet, ...more })));
  expect(standing({ supply: null })).toBeNull();
  expect(standing({ supply: { watts: 2000 } })).toMatchObject({ peakPasses: 0, sustainedPasses: 0, leads: null });
  expect(standing({ supply: { watts: 200 }, leads: usualLeads(sheet) })).toMatchObject({
    peakPasses: 1,
    leads: 'sound',
  });
});

describe('a trace', () => {
  const watts = (seconds: number) =>
    seconds < 20 ? 3 : seconds < 80 ? 90 : seconds < 140 ? 260 : seconds < 141 ? 610 : 2;
  const trace: WallReading[] = Array.from({ length: 1800 }, (_, i) => ({ seconds: i / 10, watts: watts(i / 10) }));

  test('thinned out it keeps its peak, its end and its cut-out', () => {
    const thin = thinTrace(trace, 200);
    expect(thin.length).toBeLessThanOrEqual(200);
    expect(Math.max(...thin.map((one) => one.watts))).toBe(610);
    expect(thin.at(-1)).toEqual(trace.at(-1));
    expect(cutOutsOf(thin).map(({ watts: before }) => before)).toEqual([610]);
    expect(thin.every(({ seconds }, i) => i === 0 || seconds > (thin[i - 1]?.seconds ?? 0))).toBe(true);
    expect(thinTrace(trace, 5000)).toBe(trace);
  });

  test('a cut-out is kept however long the trace is: both readings of the fall', () => {
    const long: WallReading[] = Array.from({ length: 100_000 }, (_, i) => ({
      seconds: i / 10,
      watts: i < 61_234 ? 250 + 9 * Math.sin(i) : 2,
    }));
    const thin = thinTrace(long, 2000);
    expect(thin.length).toBeLessThanOrEqual(2000);
    expect(cutOutsOf(thin)).toEqual(cutOutsOf(long));
  });

  test('a machine that is switched off while it idles has not cut out', () => {
    const calm = trace.map(({ seconds, watts: own }) => ({ seconds, watts: Math.min(own, 90) }));
    expect(cutOutsOf(calm)).toHaveLength(1);
    expect(markedCutOuts(calm, suggestPhases(calm))).toEqual([]);
    expect(markedCutOuts(trace, suggestPhases(trace)).map(({ watts: before }) => before)).toEqual([610]);
  });

  test('its phases are suggested, the kind of load left to a person', () => {
    expect(suggestPhases(trace).map(({ phase }) => phase)).toEqual(['standby', 'idle', 'load', 'cut-out', 'standby']);
  });

  test('only a load that somebody named corrects the estimate', () => {
    const plan = planOf(sheet);
    expect(calibrateByTrace(plan, phaseWatts(trace, suggestPhases(trace)))).toBeNull();
    const marked = [{ phase: 'processor-load', fromSeconds: 80, toSeconds: 139 } as const];
    const { factor, output } = calibrateByTrace(plan, phaseWatts(trace, marked)) ?? {};
    expect(output?.low).toBeGreaterThan(200);
    expect(factor?.low).toBeLessThan(factor?.high ?? 0);
    expect(calibrateByTrace({ ...plan, supply: null }, phaseWatts(trace, marked))).toBeNull();
  });
});

test('a reading finds its trial and back; an adapter is judged by its own label', () => {
  expect(trialQuantityOf('v12', 'load')).toBe('rail-12-load');
  expect(trialQuantityOf('v12', 'cut-out')).toBe('rail-12-load');
  expect(trialQuantityOf('v5', 'load')).toBeNull();
  expect(measuredBy('rail-3v3')).toEqual({ quantity: 'v3', at: 'idle' });
  expect(measuredBy('coin-cell-volts')).toBeNull();
  expect(factsOf('adapter', { adapterVolts: 19.5, adapterAmps: 4 }).limits).toEqual({
    low: 19.5 * 0.95,
    high: 19.5 * 1.05,
  });
  expect(factsOf('adapter', null).source).toContain('label is not noted');
});
