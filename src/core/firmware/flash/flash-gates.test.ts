import { FLASH_METHODS, flashGates, type BareFlash, type BoardBookEntry, type FlashMethod } from '..';

const flash: BareFlash = {
  port: 'the port with the anchor',
  button: 'The round button',
  holdSeconds: 4,
  fileName: 'AUK.BIN',
  plugs: ['24-pin', 'second EPS'],
  phases: [],
  worstSeconds: 600,
  gaveUpWithinSeconds: 15,
};
const board: BoardBookEntry = { model: 'Auk 6', revisions: [], secondImage: 'Slide to B.', flash };
const said = (method: FlashMethod, of = board) =>
  flashGates(of, method)
    .map(({ id, say }) => `${id}: ${say}`)
    .join(' ');

test('a bare-board flash is gated by the facts of this very board', () => {
  const words = said('bare-board');
  for (const fact of ['the port with the anchor', 'The round button', 'Hold it 4 s', '"AUK.BIN"', '24-pin, second EPS'])
    expect(words).toContain(fact);
});

test.each(FLASH_METHODS)('%s has gates, each once', (method) => {
  const ids = flashGates(board, method).map(({ id }) => id);
  expect(ids.length).toBeGreaterThan(0);
  expect(new Set(ids).size).toBe(ids.length);
});

test('wherever something is written the power is a gate; sending in needs neither power nor stick', () => {
  for (const method of FLASH_METHODS.filter((one) => one !== 'sent-in')) expect(said(method)).toContain('power: ');
  expect(said('sent-in')).not.toMatch(/power: |stick: /);
});

test('the second image is started in the way of this board', () => {
  expect(said('second-image')).toContain('Slide to B.');
});

test('only a borrowed processor asks for its cooler', () => {
  expect(said('borrowed-processor')).toContain('cooler');
  expect(said('menu')).not.toContain('cooler');
});
