import { desktopWithLights, eventId, eventsOf, stateOf, type BriefLog } from '../casework/testing-log';
import { foldCase } from '../casework';
import type { BoardBookEntry } from '../firmware';
import { trialsFor } from '../trials';
import { procedureOf } from '.';

const board: BoardBookEntry = {
  model: 'Skua 2',
  revisions: [],
  setupKey: 'F4',
  headers: [
    {
      name: 'FRONT',
      purpose: 'Case switch',
      rows: 2,
      columns: 3,
      pins: ['DISK+', 'DISK-', '', 'LIGHT', 'SWITCH', 'SWITCH'].map((label, i) => ({
        row: Math.floor(i / 3) + 1,
        column: (i % 3) + 1,
        label,
      })),
    },
  ],
  memorySlots: [
    { name: 'A2', channel: 'A' },
    { name: 'A1', channel: 'A' },
  ],
  resets: [
    { how: 'coin-cell', where: 'beside the slot', seconds: 600 },
    { how: 'pins', where: 'CLEAR, under the cell', seconds: 12 },
  ],
};
const small: NonNullable<BriefLog['machine']> = {
  parts: [
    { id: 'adapter', kind: 'adapter' },
    { id: 'module-1', kind: 'module' },
  ],
  board: { form: 'palm-size' },
  builtInGraphics: true,
};
const at = (trial: string, log: BriefLog = {}, book: BoardBookEntry | null = board) => {
  const procedure = procedureOf(stateOf({ machine: desktopWithLights, ...log }), trial, book);
  if (!procedure) throw new Error(`expected a procedure of ${trial}`);
  return procedure;
};
const words = (movements: readonly { readonly text: string }[]) => movements.map(({ text }) => text).join(' ');

test.each([
  ['a tower', desktopWithLights],
  ['a small machine with an adapter', small],
])('every test and repair of %s has movements, and no repair is its own title and "start it"', (_, machine) => {
  const state = stateOf({ machine });
  for (const trial of trialsFor(state.machine, state.configuration)) {
    const procedure = procedureOf(state, trial.id, board);
    expect([trial.id, (procedure?.movements.length ?? 0) > 0]).toEqual([trial.id, true]);
    if (!trial.repair || trial.repair.repair === 'leave-slot-empty') continue;
    const [first = ''] = trial.steps.filter((step) => step !== 'Switch off and pull the cord.');
    expect([trial.id, first]).not.toEqual([trial.id, `${trial.repair.title}.`]);
    for (const { text } of procedure?.movements ?? []) expect(text).toMatch(/^[A-Z].*[.:?]$/);
  }
});

test.each<[string, BriefLog, BoardBookEntry | null]>([
  ['as found', {}, board],
  ['on a board that nobody has written down', {}, null],
  ['that cuts out', { trials: [['run-under-load', 'cuts-out']] }, null],
  ['that lies bare on the bench', { trials: [['minimal-on-bench', 'at-memory']] }, board],
])(
  'what is bridged or comes out only with the cord out is asked for with the cord out: a machine %s',
  (_, log, book) => {
    const state = stateOf({ machine: desktopWithLights, ...log });
    const inDanger = trialsFor(state.machine, state.configuration).filter(({ id, cautions }) => {
      const { movements = [] } = procedureOf(state, id, book) ?? {};
      const isOnlyOff = movements.some(
        ({ avoid, drawing }) => avoid === 'Only with the cord out.' || drawing?.kind === 'clear-pins',
      );
      return isOnlyOff && !cautions.includes('unplug');
    });
    expect(inDanger.map(({ id }) => id)).toEqual([]);
  },
);

test('the pins of this very board are named and drawn', () => {
  const [find, touch] = at('bridge-pins').movements;
  expect(find).toEqual({
    text: 'Find the two switch pins of FRONT: lower row, second and third from the left.',
    drawing: { kind: 'switch-pins' },
  });
  expect(touch?.text).toContain('one second');
  expect(at('bridge-pins', {}, null).movements[0]?.text).toContain('the manual');
});

test('settings are reset by the quickest way that this board has, for as long as it needs', () => {
  expect(words(at('fix/reset-settings@board').movements)).toContain('Bridge the two pins with a blade for 12 seconds.');
  const cellOnly = { ...board, resets: board.resets?.slice(0, 1) };
  expect(words(at('fix/reset-settings@board', {}, cellOnly).movements)).toContain('wait 10 minutes');
});

test('on a board that nobody has written down the pins come first, and the ten minutes without the cell only where it has none', () => {
  const said = words(at('fix/reset-settings@board', {}, null).movements);
  const [pins, none, minutes] = ['marked for clearing', 'No such pins?', 'wait ten minutes'].map((text) =>
    said.indexOf(text),
  );
  expect(pins).toBeGreaterThan(-1);
  expect(none).toBeGreaterThan(pins ?? 0);
  expect(minutes).toBeGreaterThan(none ?? 0);
});

test('a machine that starts and fails under load gets its defaults in setup: nothing inside is bridged', () => {
  const { preparation, movements } = at('load-with-defaults');
  expect(words(movements)).toMatch(/^Start it\. Press F4 again and again.*Load the defaults.*under full load/);
  expect(words([...preparation, ...movements])).not.toMatch(/pins|cell|case button/);
});

test('every way of this board to reset its settings is told, each after the one before left them as they were', () => {
  const ways = [
    { how: 'coin-cell', where: 'below the card slot', seconds: 600 },
    { how: 'pins', where: 'CLR, at the lower edge', seconds: 12 },
    { how: 'menu', where: 'in setup', seconds: 5 },
  ] as const;
  const said = words(at('fix/reset-settings@board', {}, { ...board, resets: ways }).movements);
  expect(said).toContain('Find CLR, at the lower edge.');
  expect(said).toContain('Still the old settings? Off, cord out. Find the coin cell: below the card slot.');
  expect(said.indexOf('Bridge the two pins')).toBeLessThan(said.indexOf('Still the old settings?'));
  expect(said.match(/Still the old settings/g)).toHaveLength(1);
});

test('a spare supply stands beside the machine for a test: its own one is not unscrewed, and no lead is shared', () => {
  const beside = words(at('spare/supply').movements);
  expect(beside).toContain('stand the known-good one beside the machine');
  expect(beside).not.toContain('screws');
  expect(at('spare/supply').movements.some(({ avoid }) => avoid?.includes('belong to this very supply'))).toBe(true);
  expect(words(at('fix/replace@supply').movements)).toContain('screws');
});

test('a spare board lies beside the open case for a test, with what sits on the own one; a new one is built in', () => {
  const { movements } = at('spare/board');
  expect(words(movements)).toContain('on its box beside the open case');
  expect(words(movements)).not.toMatch(/screws of the board|[Uu]nplug the board/);
  expect(words(at('back/board', { trials: [['spare/board', 'works']] }).movements)).toContain('its own board');
  const built = words(at('fix/replace@board').movements);
  for (const said of ['Compare each stand-off', 'take out the screws of the board'])
    expect(built.toLowerCase()).toContain(said.toLowerCase());
});

test('setup is entered by the key of this board', () => {
  expect(at('look/boot-settings/board').movements[0]?.text).toContain('Press F4 again and again');
  expect(words(at('look/temperature-setup/cooler').movements)).toContain('Then open the page with the temperatures.');
});

test('a small machine is opened with care, its module tilted, its adapter pulled', () => {
  const { preparation, movements } = at('fix/seat-module@module-1', { machine: small });
  expect(words(preparation)).toContain('pull the adapter out of the wall');
  expect(words(preparation)).toContain('Lift the lid slowly');
  expect(words(movements)).toContain('at an angle');
  const tower = at('fix/seat-module@module-1');
  expect(words(tower.preparation)).toContain('set the rocker to O and pull the cord');
  expect(tower.movements.at(-3)?.feel).toContain('Both sides click');
});

test('preparation asks only for what the log does not have already', () => {
  const opened = at('look/power-plugs/board', { trials: [['look/module-latches/module-1', 'closed']] });
  expect(words(opened.preparation)).not.toContain('Open the side');
  expect(words(at('look/rocker/supply').preparation)).toBe('');
  const off = { id: eventId(9), at: '2026-01-05T10:00:00Z', by: 'Test', kind: 'switched-off' } as const;
  const folded = foldCase([...eventsOf({ machine: desktopWithLights, trials: [['start', 'dead']] }), off]);
  const procedure = folded.ok ? procedureOf(folded.state, 'look/power-plugs/board', board) : null;
  expect(procedure?.preparation[0]?.text).toBe('It is off and the cord is out, by the log: see that it still is.');
});

test('what was taken off for a look goes back, and a measured pin is drawn', () => {
  expect(words(at('look/cooler-mount/cooler').afterwards)).toContain('fresh paste');
  const drawings = at('measure/vsb/supply').movements.map(({ drawing }) => drawing);
  expect(drawings).toContainEqual({ kind: 'probe', pin: 9 });
});

test('a cord that went in again for a measurement is not said to be out', () => {
  const off = { id: eventId(9), at: '2026-01-05T10:00:00Z', by: 'Test', kind: 'switched-off' } as const;
  const measured = {
    ...off,
    id: eventId(10),
    kind: 'trial-done',
    trial: 'measure/vsb/supply',
    outcome: 'within',
  } as const;
  const folded = foldCase([...eventsOf({ machine: desktopWithLights, trials: [['start', 'dead']] }), off, measured]);
  const procedure = folded.ok ? procedureOf(folded.state, 'look/power-plugs/board', board) : null;
  expect(words(procedure?.preparation ?? [])).toContain('pull the cord');
});

test('of a fitted speaker only the plugging falls away', () => {
  const steps = (speaker: BoardBookEntry['speaker']) => at('look/beep/board', {}, { ...board, speaker }).movements;
  const [plug, listen] = steps({ fitted: true });
  expect(plug?.text).toContain('nothing has to be plugged on');
  expect(listen?.text).toContain('listen');
  expect(steps({ fitted: false, header: 'SPK' })[0]?.text).toContain('onto SPK');
});

test('no movement of a machine that is off asks for it to run, and settings are not reset in a menu out of reach', () => {
  for (const id of ['fix/seat-processor@processor', 'fix/replace@processor', 'spare/processor'])
    expect(words(at(id).movements)).not.toMatch(/run for/);
  const menuFirst = { ...board, resets: [{ how: 'menu', where: 'in setup', seconds: 5 } as const] };
  expect(words(at('fix/reset-settings@board', {}, menuFirst).movements)).toContain('take the cell out');
});

test('the password jumper goes back, and nothing is done without proof', () => {
  const { movements } = at('fix/clear-password@board');
  expect(movements[0]?.text).toContain('Without it, stop here');
  expect(words(movements)).toContain('Move the cap back');
  expect(movements.some(({ drawing }) => drawing?.kind === 'clear-pins' && drawing.pins === 3)).toBe(true);
});

test('an id that the machine does not have has no procedure', () => {
  expect(procedureOf(stateOf({ machine: small }), 'look/no-such/thing', null)).toBeNull();
});
