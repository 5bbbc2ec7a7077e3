import { applyChanges, asFound, completeMachine, type Change, type DeclaredMachine } from '../machine';
import { CAUTIONS, findTrial, LOOKS, recommendedWait, setUpMinutes, soundShows, trialsFor, type Trial } from '.';

function machineOf(declared: Partial<DeclaredMachine> = {}) {
  const completed = completeMachine({
    name: 'M',
    parts: [
      { id: 'module-1', kind: 'module' },
      { id: 'module-2', kind: 'module' },
      { id: 'card', kind: 'card' },
      { id: 'drive', kind: 'drive' },
      { id: 'front-usb', kind: 'front-usb' },
    ],
    builtInGraphics: true,
    ...declared,
  });
  if (!completed.ok) throw new Error('expected a machine');
  return completed.machine;
}
const machine = machineOf();
const out = (part: string): Change => ({ kind: 'place', part, to: { state: 'out' } });
const trial = (id: string, changes: readonly Change[] = []): Trial => {
  const found = findTrial(machine, applyChanges(asFound, changes), id);
  if (!found) throw new Error(`expected the trial ${id}`);
  return found;
};

test('every trial has an id of its own, two or more outcomes and known cautions', () => {
  const trials = trialsFor(machine, asFound);
  expect(new Set(trials.map(({ id }) => id)).size).toBe(trials.length);
  for (const { outcomes, cautions, minutes } of trials) {
    expect(new Set(outcomes.map(({ id }) => id)).size).toBeGreaterThanOrEqual(2);
    expect(minutes).toBeGreaterThan(0);
    for (const caution of cautions) expect(CAUTIONS[caution]).toMatch(/\.$/);
  }
});

test('one machine has more than 35 kinds of trial', () => {
  const kinds = trialsFor(machine, asFound).map(({ id }) =>
    id.startsWith('look/') ? id.split('/')[1] : id.split(/[/@]/).slice(0, 2).join('/'),
  );
  expect(new Set(kinds).size).toBeGreaterThan(35);
  expect(LOOKS.length).toBeGreaterThan(20);
});

test('what is out can be put back, and cannot be taken out again', () => {
  expect(findTrial(machine, asFound, 'back/drive')).toBeNull();
  const without = applyChanges(asFound, [out('drive')]);
  expect(findTrial(machine, without, 'out/drive')).toBeNull();
  expect(trial('back/drive', [out('drive')]).changes).toEqual([
    { kind: 'place', part: 'drive', to: { state: 'as-found' } },
  ]);
});

test('all that is out or moved goes home at once, the monitor cable with the card; a spare stays', () => {
  const after = [...trial('out/card').changes, out('drive'), ...trial('spare/supply').changes];
  const home = trial('all-back', after);
  expect(home.changes.map((change) => change.kind === 'place' && [change.part, change.to.state])).toEqual(
    expect.arrayContaining([
      ['card', 'as-found'],
      ['drive', 'as-found'],
      ['display-cable', 'as-found'],
    ]),
  );
  expect(home.changes).toHaveLength(3);
  expect(home.steps[1]).toMatch(/drive.*monitor cable/);
  const spareCable = trial('spare/display-cable').changes;
  const withSpare = [...spareCable, ...trial('out/card', spareCable).changes, out('drive')];
  expect(trial('all-back', withSpare).changes).toContainEqual({
    kind: 'place',
    part: 'display-cable',
    to: { state: 'spare' },
  });
  expect(findTrial(machine, applyChanges(asFound, [out('drive')]), 'all-back')).toBeNull();
});

test('taking the card out moves the cable to the board where the processor makes a picture; else it says that there is none', () => {
  expect(trial('out/card').changes).toContainEqual({
    kind: 'place',
    part: 'display-cable',
    to: { state: 'moved', to: 'the board output' },
  });
  const withoutPicture = findTrial(machineOf({ builtInGraphics: false }), asFound, 'out/card');
  expect(withoutPicture?.changes).toEqual([out('card')]);
  expect(withoutPicture?.purpose).toMatch(/no picture without it/);
});

test('the memory matrix has a cell for each module in each slot, the other modules out', () => {
  const cells = trialsFor(machine, asFound).filter(({ id }) => id.startsWith('only/'));
  expect(cells).toHaveLength(2 * 4);
  expect(trial('only/module-1/slot-B2').changes).toEqual([
    out('module-2'),
    { kind: 'place', part: 'module-1', to: { state: 'moved', to: 'slot-B2' } },
  ]);
});

test('the minimum leaves one module, no drive and no front lead', () => {
  expect(trial('minimal-in-case').changes).toEqual(
    expect.arrayContaining([out('drive'), out('front-usb'), out('module-2'), out('card')]),
  );
  expect(trial('minimal-in-case').changes).not.toContainEqual(out('module-1'));
});

test('a machine on the bench can be built back', () => {
  expect(findTrial(machine, asFound, 'back-in-case')).toBeNull();
  expect(trial('back-in-case', [{ kind: 'surface', to: 'bench' }]).changes).toEqual([{ kind: 'surface', to: 'case' }]);
});

test('nothing is ever started without a cooler', () => {
  const leavesCoolerOff = ({ changes }: Trial) =>
    changes.some((change) => change.kind === 'place' && change.part === 'cooler' && change.to.state === 'out');
  expect(trialsFor(machine, asFound).filter(leavesCoolerOff)).toEqual([]);
});

test('trials that handle the supply warn never to open it', () => {
  const handled = trialsFor(machine, asFound).filter(
    ({ part, changes }) => part?.kind === 'supply' && changes.length > 0,
  );
  expect(handled.length).toBeGreaterThan(1);
  for (const { cautions } of handled) expect(cautions).toContain('supply-closed');
});

test('the case is opened once: set-up costs less while it is open', () => {
  const look = trial('look/power-plugs/board');
  expect(setUpMinutes(machine, look, { caseOpen: false })).toBeGreaterThan(
    setUpMinutes(machine, look, { caseOpen: true }),
  );
  expect(setUpMinutes(machine, trial('look/cord/cord'), { caseOpen: false })).toBe(0);
});

test('a bench set-up costs more minutes than a lead', () => {
  const minutes = (id: string) => setUpMinutes(machine, trial(id), { caseOpen: true });
  expect(minutes('minimal-on-bench')).toBeGreaterThan(minutes('out/front-usb') + 15);
});

test.each([
  ['start', 60],
  ['only/module-1/slot-A2', 180],
  ['spare/module-1', 180],
  ['bridge-pins', 10],
  ['run-under-load', 300],
  ['fix/update-firmware@board', 90],
  ['fix/reset-settings@board', 600],
  ['fix/drain-latch@supply', 60],
])('%s is waited for %i seconds', (id, seconds) => {
  expect(recommendedWait(machine, trial(id))?.seconds).toBe(seconds);
});

test('a board that does not train memory shows a picture sooner; a look needs no wait', () => {
  expect(recommendedWait(machineOf({ board: { trainsMemory: false } }), trial('start'))?.seconds).toBe(15);
  expect(recommendedWait(machine, trial('look/cord/cord'))).toBeNull();
});

test('where memory or processor are changed, the steps say the wait that the timer counts', () => {
  const patient = /three minutes/;
  for (const id of [
    'spare/module-1',
    'spare/processor',
    'spare/board',
    'fix/replace@module-1',
    'only/module-1/slot-A2',
  ])
    expect([id, patient.test(trial(id).steps.join(' ')), recommendedWait(machine, trial(id))?.seconds]).toEqual([
      id,
      true,
      180,
    ]);
  for (const id of ['spare/supply', 'fix/push-power-plugs@board'])
    expect(trial(id).steps.at(-1)).toBe('Start it and watch for a minute.');
});

test('with more memory the first start is waited for longer', () => {
  const four = machineOf({
    parts: [1, 2, 3, 4].map((n) => ({ id: `module-${n}`, kind: 'module' as const })),
  });
  const swap = findTrial(four, asFound, 'spare/module-1');
  expect(swap && recommendedWait(four, swap)?.seconds).toBe(240);
});

test('a start after bridged pins is made with the case button again, unless the switch is out', () => {
  const bridged: Change = { kind: 'start', to: 'bridge' };
  expect(trial('start', [bridged]).changes).toEqual([{ kind: 'start', to: 'button' }]);
  expect(trial('start', [bridged, out('case-switch')]).changes).toEqual([]);
  expect(trial('start', [bridged, { kind: 'surface', to: 'bench' }]).changes).toEqual([]);
});

test('to leave a slot empty its module goes to a free one; with none free it cannot be done', () => {
  expect(trial('fix/leave-slot-empty@slot-A2').changes).toEqual([
    { kind: 'place', part: 'module-1', to: { state: 'moved', to: 'slot-A1' } },
  ]);
  const oneSlot = machineOf({ board: { slots: [{ name: 'A1', channel: 'A' }] }, parts: [{ id: 'm', kind: 'module' }] });
  expect(findTrial(oneSlot, asFound, 'fix/leave-slot-empty@slot-A1')).toBeNull();
});

test('there are at least 120 kinds of trial over all machines', () => {
  const kindOf = ({ id, observe, repair }: Trial) =>
    repair ? repair.repair : observe.kind === 'start' ? (id.split('/')[0] ?? id) : id.split('/').slice(0, 2).join('/');
  const rich = machineOf({
    parts: [
      { id: 'module-1', kind: 'module', slot: 'A1' },
      { id: 'module-2', kind: 'module' },
      { id: 'card', kind: 'card' },
      ...(['sata', 'm2'] as const).map((bus) => ({ id: bus, kind: 'drive' as const, bus })),
      ...(['front-usb', 'front-audio', 'usb-device', 'fan'] as const).flatMap((kind) =>
        [1, 2].map((n) => ({ id: `${kind}-${n}`, kind })),
      ),
    ],
    builtInGraphics: true,
  });
  const small = machineOf({ parts: [{ id: 'adapter', kind: 'adapter' }] });
  const touched = applyChanges(asFound, [out('front-usb-1')]);
  const bench = applyChanges(asFound, [{ kind: 'surface', to: 'bench' }]);
  const kinds = new Set(
    [
      ...[asFound, touched, bench].flatMap((configuration) => trialsFor(rich, configuration)),
      ...trialsFor(small, asFound),
    ].map(kindOf),
  );
  expect(kinds.size).toBeGreaterThanOrEqual(120);
});

test('plugs that are pushed in seat nothing else; a board that is exchanged seats all that moves over', () => {
  const seated = (id: string) => trial(id).handling.flatMap(({ act, part }) => (act === 'reseat' ? [part] : []));
  expect(seated('fix/push-power-plugs@board')).toEqual(['board']);
  for (const id of ['spare/board', 'fix/replace@board'])
    expect(seated(id)).toEqual(expect.arrayContaining(['processor', 'cooler', 'module-1', 'card']));
  expect(seated('fix/replace@supply')).toEqual(['board']);
});

test('to fit a new part takes what that part takes', () => {
  const minutes = (id: string) => trial(id).minutes;
  expect(minutes('fix/replace@module-1')).toBeLessThan(8);
  expect(minutes('fix/replace@processor')).toBeGreaterThan(20);
  expect(minutes('fix/replace@board')).toBeGreaterThan(2 * minutes('fix/replace@processor'));
});

test('what a look at a sound part shows sums to 1; of two drives one may well be empty, of one it is no more than an error', () => {
  const withDrives = (...ids: string[]) => {
    const completed = completeMachine({ name: 'M', parts: ids.map((id) => ({ id, kind: 'drive' as const })) });
    if (!completed.ok) throw new Error('expected a machine');
    return completed.machine;
  };
  for (const look of LOOKS)
    for (const one of [withDrives('drive-1'), withDrives('drive-1', 'drive-2')]) {
      const shows = soundShows(look, one);
      expect(shows.reduce((sum, probability) => sum + probability, 0)).toBeCloseTo(1, 12);
      expect(Math.min(...shows)).toBeGreaterThanOrEqual(0);
    }
  const contents = LOOKS.find(({ id }) => id === 'drive-contents');
  if (!contents) throw new Error('expected the look');
  expect(soundShows(contents, withDrives('drive-1'))[1]).toBeLessThan(0.01);
  expect(soundShows(contents, withDrives('drive-1', 'drive-2'))[1]).toBeGreaterThan(0.2);
});
