import { useDeskStore } from './desk-store';

const stored = new Map<string, string>();
beforeAll(() => {
  Object.assign(globalThis, {
    localStorage: {
      getItem: (key: string) => stored.get(key) ?? null,
      setItem: (key: string, value: string) => void stored.set(key, value),
      removeItem: (key: string) => void stored.delete(key),
    },
  });
});

test('each case keeps its own desk; a change leaves the rest of it and every other desk alone', () => {
  const { change } = useDeskStore.getState();
  change('a', { note: 'soft click' });
  change('b', { chosenTrial: 'bridge-pins' });
  change('a', { accounted: ['drive'] });
  const { desks } = useDeskStore.getState();
  expect(desks['a']).toEqual({
    chosenTrial: null,
    note: 'soft click',
    seen: null,
    signals: null,
    wait: null,
    accounted: ['drive'],
    draft: [],
    draftId: null,
    confirmed: null,
    cautions: [],
    chosenAfter: 0,
  });
  expect(desks['b']).toMatchObject({ chosenTrial: 'bridge-pins', note: '', accounted: [] });
});
