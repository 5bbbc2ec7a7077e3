import { desktopWithLights, stateOf } from '../../../../core/casework/testing-log';
import { correctionOf } from './CorrectMachine';

const { machine } = stateOf({ machine: desktopWithLights });
const asItIs = {
  has: ['stageLights', 'standbyLight', 'trainsMemory', 'builtInGraphics'],
  form: machine.board.form,
  kind: 'none',
  name: '',
};

test('what is as it was written down is no correction', () => {
  expect(correctionOf(machine, asItIs)).toBeNull();
});

test('only what differs is written', () => {
  expect(
    correctionOf(machine, { ...asItIs, has: ['stageLights', 'speaker', 'standbyLight', 'builtInGraphics'] }),
  ).toEqual({
    kind: 'machine-corrected',
    board: { speaker: true, trainsMemory: false },
  });
  expect(correctionOf(machine, { ...asItIs, has: asItIs.has.slice(0, 3), form: 'Mini-ITX' })).toEqual({
    kind: 'machine-corrected',
    board: { form: 'Mini-ITX' },
    builtInGraphics: false,
  });
});

test('a forgotten part gets an id that no other has, and a name only where one was typed', () => {
  const added = (name: string) => correctionOf(machine, { ...asItIs, kind: 'module', name });
  expect(added('')).toEqual({ kind: 'machine-corrected', added: [{ id: 'module-3', kind: 'module' }] });
  expect(added(' spare one ')).toMatchObject({ added: [{ name: 'spare one' }] });
});
