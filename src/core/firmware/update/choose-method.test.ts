import { chooseMethod, type BoardBookEntry, type MethodSituation } from '..';

const board: BoardBookEntry = { model: 'Auk 6', revisions: [] };
const flash = {
  port: 'p',
  button: 'b',
  holdSeconds: 3,
  fileName: 'AUK.BIN',
  plugs: [],
  phases: [],
  worstSeconds: 600,
  gaveUpWithinSeconds: 15,
};
const situation: MethodSituation = {
  board,
  starts: false,
  isCorrupt: false,
  steps: 1,
  hasStick: true,
  processor: { isOnShelf: false, loanDays: null, shop: null, purchase: null },
  sendIn: { fee: 35, days: 14 },
  rates: { perHour: 40, perDayWaiting: 5, boardPrice: 140 },
};
const ways = (more: Partial<MethodSituation>) => chooseMethod({ ...situation, ...more });
const possible = (more: Partial<MethodSituation>) =>
  ways(more)
    .filter(({ isPossible }) => isPossible)
    .map(({ method }) => method);

test('a machine that starts is updated from its menu', () => {
  expect(possible({ starts: true })[0]).toBe('menu');
});

test('one that does not start is flashed bare where the board can, whatever is wrong with its image', () => {
  expect(possible({ board: { ...board, flash } })[0]).toBe('bare-board');
  expect(possible({ board: { ...board, flash }, isCorrupt: true })[0]).toBe('bare-board');
});

test('a broken image is started from the second one if there is one; an old image is not repaired by it', () => {
  const twin = { ...board, secondImage: 'Set the small switch to B.' };
  expect(possible({ board: twin, isCorrupt: true })[0]).toBe('second-image');
  expect(possible({ board: twin })).not.toContain('second-image');
  expect(possible({ isCorrupt: true, processor: { ...situation.processor, isOnShelf: true } })).toEqual(['sent-in']);
});

test('a processor is borrowed, lent by a shop, or bought and sold again: whichever costs least with its days', () => {
  const shop = { fee: 25, days: 2 };
  const purchase = { price: 60, resale: 45, days: 3 };
  const way = (processor: Partial<MethodSituation['processor']>) =>
    ways({ processor: { ...situation.processor, ...processor } }).find(({ method }) => method === 'borrowed-processor');
  expect(way({ shop, purchase })).toMatchObject({ money: 15, days: 3 });
  expect(way({ shop, purchase: { ...purchase, days: 6 } })).toMatchObject({ money: 25, days: 2 });
  expect(way({ shop, purchase, loanDays: 1 })).toMatchObject({ money: 0, days: 1 });
  expect(way({})).toMatchObject({ isPossible: false });
});

test('without a stick the post is left, and last of all the running system; the cost is money, work, days and risk together', () => {
  expect(possible({ board: { ...board, flash }, starts: true, hasStick: false })).toEqual([
    'sent-in',
    'running-system',
  ]);
  expect(possible({ starts: true }).at(-1)).toBe('running-system');
  expect(possible({ starts: false })).not.toContain('running-system');
  const sent = ways({}).find(({ method }) => method === 'sent-in');
  expect(sent?.cost).toBeCloseTo(35 + (20 / 60) * 40 + 14 * 5 + 0.001 * 140, 9);
});

test('every way that is not possible says why, and stands below those that are', () => {
  const all = ways({ starts: null });
  const firstImpossible = all.findIndex(({ isPossible }) => !isPossible);
  expect(all.slice(firstImpossible).every(({ isPossible, why }) => !isPossible && why.length > 10)).toBe(true);
});
