import {
  assessPower,
  countPlugs,
  CONNECTOR_FACTS,
  graphicsDraw,
  leadLoads,
  leadProblems,
  powerBudget,
  processorDraw,
  shareLeft,
  unsafeChains,
  USUAL_DRAWS,
  USUAL_EFFICIENCY,
  USUAL_RAILS,
  usualDerating,
  weakestOf,
  type Consumer,
  type ConsumerKind,
  type Draw,
  type LeadElement,
  type PowerPlan,
  type SupplyLabel,
} from '.';

/** What a machine draws against its supply, and over which leads. */

const part = (kind: ConsumerKind, draw: Draw = USUAL_DRAWS[kind], count = 1): Consumer => ({
  id: kind,
  kind,
  name: kind,
  count,
  draw,
  rails: USUAL_RAILS[kind],
});
const sure = (watts: number): Draw => ({
  typical: { low: watts, high: watts },
  sustained: { low: watts, high: watts },
  peak: { low: watts, high: watts },
  source: 'own',
});
const label = (more: Partial<SupplyLabel> = {}): SupplyLabel => ({
  name: 'supply',
  watts: 430,
  v12Amps: [18, 16],
  v12Watts: 360,
  v5Amps: 20,
  v3Amps: 20,
  vsbAmps: 2.5,
  smallRailsWatts: 110,
  ...more,
});
const machine = [
  part('processor', processorDraw({ baseWatts: 65, boostWatts: 120 })),
  part('graphics-card', graphicsDraw(220)),
  part('board'),
  part('module', USUAL_DRAWS.module, 2),
  part('hard-drive', USUAL_DRAWS['hard-drive'], 2),
  part('fan', USUAL_DRAWS.fan, 3),
];
const planOf = (more: Partial<PowerPlan> = {}): PowerPlan => ({
  name: 'Test',
  consumers: machine,
  supply: label(),
  derating: usualDerating,
  leads: [],
  efficiency: USUAL_EFFICIENCY,
  calibration: { low: 1, high: 1 },
  ...more,
});

test('an old supply with a small +12 V gives there first, and it is said in words', () => {
  const { budget, verdict } = assessPower(planOf());
  expect(budget.limits[0]).toMatchObject({ limit: { id: 'v12' } });
  expect(verdict.verdict).toBe('too-small');
  expect(verdict.sentence).toMatch(
    /^Too small: peaks overload its \+12 V in (nearly every load|about \d of 10 loads)\./,
  );
});

test('a supply that is large enough says what is left; without a label it asks for it', () => {
  const large = assessPower(planOf({ supply: label({ watts: 850, v12Watts: 800, v12Amps: [67] }) }));
  expect(large.verdict.verdict).toBe('enough');
  expect(large.verdict.sentence).toMatch(/\d+ W left at sustained load\.$/);
  expect(assessPower(planOf({ supply: null })).verdict.verdict).toBe('no-label');
});

test('sure draws sum as on paper, rail by rail', () => {
  const { loads, limits } = powerBudget({
    consumers: [part('processor', sure(100)), part('sata-ssd', sure(3), 2), part('m2-drive', sure(6))],
    label: label(),
  });
  expect(loads.peak.middle).toBe(112);
  const on = (id: string) => limits.find(({ limit }) => limit.id === id)?.loads.sustained.middle;
  expect([on('total'), on('v12'), on('v5'), on('v3'), on('small-rails')]).toEqual([112, 100, 6, 6, 12]);
});

test('age and warmth take away what the assumption says, and no more than all', () => {
  expect(shareLeft({ ...usualDerating, years: 8 })).toBeCloseTo(0.95);
  expect(shareLeft({ ...usualDerating, degrees: 50 })).toBeCloseTo(0.8);
  expect(shareLeft({ ...usualDerating, degrees: 100 })).toBe(0);
  const old = powerBudget({ consumers: machine, label: label(), derating: { ...usualDerating, years: 8 } });
  expect(old.limits.find(({ limit }) => limit.id === 'total')?.watts).toBeCloseTo(430 * 0.95);
});

test('what was measured corrects the estimate', () => {
  const consumers = [part('processor', sure(100))];
  expect(powerBudget({ consumers, calibration: { low: 1.1, high: 1.3 } }).loads.sustained.middle).toBeCloseTo(120, 6);
});

test('each school asks for its own; the largest governs, and what would fit is sold', () => {
  const { schools } = assessPower(planOf());
  expect(new Set(schools.map(({ school }) => school)).size).toBe(4);
  expect(schools[0]?.watts).toBe(Math.max(...schools.map(({ watts }) => watts)));
  expect(schools[0]?.wouldFit.ratingWatts).toBeGreaterThanOrEqual(schools[0]?.watts ?? 0);
  expect(schools.every(({ watts, shortBy }) => Math.abs((shortBy ?? 0) - (watts - 430)) < 1e-9)).toBe(true);
});

// Contacts × amperes × volts, worked by hand; of a standard the figure of the standard.
test.each([
  ['board-24', 2 * 6 * 12, 144],
  ['cpu-8', 4 * 7 * 12, 336],
  ['cpu-4', 2 * 7 * 12, 168],
  ['card-6', 75, 75],
  ['card-8', 150, 150],
  ['card-slot', 75, 75],
  ['sata-power', 3 * 1.5 * 12, 54],
  ['drive-4', 1 * 11 * 12, 132],
  ['usb-port', 0.9 * 5, 4.5],
] as const)('%s may carry %d W', (connector, worked, watts) => {
  expect(worked).toBeCloseTo(watts, 6);
  expect(CONNECTOR_FACTS[connector].watts).toBe(watts);
});

const chain: LeadElement[] = [
  { id: 'drive-out', kind: 'output', connector: 'drive-4', from: [] },
  { id: 'drive-lead', kind: 'lead', connector: 'drive-4', from: ['drive-out'], limitWatts: 54 },
  { id: 'to-card', kind: 'adapter', connector: 'card-8', from: ['drive-lead'] },
  { id: 'card-in', kind: 'input', connector: 'card-8', from: ['to-card'], consumer: 'graphics-card' },
  { id: 'card-slot', kind: 'input', connector: 'card-slot', from: [], consumer: 'graphics-card' },
];

test('a card on a drive plug: the load runs back through the chain, and the weakest is named', () => {
  expect(leadProblems(chain)).toEqual([]);
  const loaded = leadLoads(chain, () => 225);
  const watts = Object.fromEntries(loaded.map(({ element, watts: own }) => [element.id, own]));
  // 225 W over an 8-pin of 150 W and a slot of 75 W.
  expect(watts).toEqual({ 'drive-out': 150, 'drive-lead': 150, 'to-card': 150, 'card-in': 150, 'card-slot': 75 });
  expect(weakestOf(loaded)?.element.id).toBe('drive-lead');
  expect(new Set(unsafeChains(loaded).map(({ risk, element }) => `${element} ${risk}`))).toEqual(
    new Set(['drive-lead overloaded', 'to-card drive-feeds-card']),
  );
});

test('two plugs that are joined share the load; two card plugs on one lead are pointed out', () => {
  const joined: LeadElement[] = [
    { id: 'a', kind: 'output', connector: 'card-8', from: [] },
    { id: 'b', kind: 'output', connector: 'card-8', from: [] },
    { id: 'join', kind: 'adapter', connector: 'card-12', from: ['a', 'b'], sense: 'middle' },
    { id: 'in', kind: 'input', connector: 'card-12', from: ['join'], consumer: 'graphics-card', sense: 'middle' },
  ];
  const carried = leadLoads(joined, () => 280).map(({ watts, limitWatts }) => [watts, limitWatts]);
  expect(carried).toEqual([
    [140, 150],
    [140, 150],
    [280, 300],
    [280, 300],
  ]);
  const split: LeadElement[] = [
    { id: 'out', kind: 'output', connector: 'card-8', from: [] },
    { id: 'lead', kind: 'lead', connector: 'card-8', from: ['out'], limitWatts: 300 },
    { id: 'one', kind: 'input', connector: 'card-8', from: ['lead'], consumer: 'graphics-card' },
    { id: 'two', kind: 'input', connector: 'card-8', from: ['lead'], consumer: 'graphics-card' },
  ];
  expect(unsafeChains(leadLoads(split, () => 260)).map(({ risk }) => risk)).toContain('split-card-lead');
  expect(unsafeChains(leadLoads(split, () => 140)).map(({ risk }) => risk)).not.toContain('split-card-lead');
});

test('leads of another supply and a plug without sense coding are unsafe whatever they carry', () => {
  const leads: LeadElement[] = [
    { id: 'out', kind: 'output', connector: 'card-12', from: [], isForeign: true },
    { id: 'in', kind: 'input', connector: 'card-12', from: ['out'], consumer: 'graphics-card', sense: 'none' },
  ];
  expect(unsafeChains(leadLoads(leads, () => 0)).map(({ risk }) => risk)).toEqual(['foreign-lead', 'no-sense-coding']);
});

const [driveOut, driveLead, toCard, cardIn] = chain as [LeadElement, LeadElement, LeadElement, LeadElement];

test.each<[string, LeadElement[], string, (string | number)[]]>([
  ['a loop', [{ ...driveLead, from: ['to-card'] }, toCard], 'loop', ['leads', 0, 'from']],
  ['what nobody knows', [{ ...driveLead, from: ['elsewhere'] }], 'unknown-element', ['leads', 0, 'from', 0]],
  ['what feeds nothing', [{ ...driveLead, from: [] }], 'feeds-nothing-in', ['leads', 0, 'from']],
  ['a plug that does not fit', [driveOut, { ...cardIn, from: ['drive-out'] }], 'does-not-fit', ['leads', 1, 'from', 0]],
  ['the same id twice', [driveOut, driveOut], 'twice', ['leads', 1, 'id']],
])('%s is said at its place', (_name, elements, code, path) => {
  expect(leadProblems(elements)).toContainEqual(expect.objectContaining({ code, path }));
});

test('plugs are counted before buying: what is missing, and whether an adapter may stand in', () => {
  const counted = countPlugs({ 'card-8': 2, 'sata-power': 3 }, { 'card-8': 1, 'drive-4': 4, 'sata-power': 2 });
  expect(counted.slice(0, 2)).toEqual([
    expect.objectContaining({
      connector: 'card-8',
      missing: 1,
      adapter: expect.objectContaining({ from: 'drive-4', isAllowed: false }),
    }),
    expect.objectContaining({
      connector: 'sata-power',
      missing: 1,
      adapter: expect.objectContaining({ from: 'drive-4', isAllowed: true }),
    }),
  ]);
  expect(countPlugs({ 'cpu-8': 1 }, { 'cpu-8': 1 })[0]).toMatchObject({ missing: 0, adapter: null });
});
