/** @jest-environment jsdom */
import { useMeterStore } from './meter-store';

const store = () => useMeterStore.getState();

afterEach(() => store().disconnect());

test('a meter says who it is, gives readings that are kept, and is let go', async () => {
  await store().connectSimulated();
  expect(store()).toMatchObject({ stage: 'connected', isSimulated: true, problem: null });
  expect(store().identity?.model).toBe('SIMULATED METER');
  store().setBench({ volts: 5.02 });
  const volts = await store().take('volts');
  expect(volts).toBeCloseTo(5.02, 2);
  expect(store().last).toEqual({ quantity: 'volts', value: volts });
  await store().disconnect();
  expect(store()).toMatchObject({ stage: 'none', identity: null, last: null, problem: null });
  expect(await store().take('volts')).toBeNull();
});

test.each([
  ['garbage', /no reading/],
  ['over-range', /out of the range/],
] as const)('a meter that is %s once stays connected, says why, and reads again', async (mood, why) => {
  await store().connectSimulated();
  const before = await store().take('watts');
  store().setBench({ mood });
  expect(await store().take('watts')).toBeNull();
  expect(store()).toMatchObject({ stage: 'connected', last: { quantity: 'watts', value: before } });
  expect(store().problem).toMatch(why);
  store().setBench({ mood: 'answers' });
  expect(await store().take('watts')).toBeCloseTo(before ?? 0, 0);
  expect(store().problem).toBeNull();
});

test('a meter that was unplugged is gone with its reading, and is connected again', async () => {
  await store().connectSimulated();
  await store().take('volts');
  store().setBench({ mood: 'unplugged' });
  expect(await store().take('volts')).toBeNull();
  expect(store()).toMatchObject({ stage: 'none', identity: null, last: null });
  expect(store().problem).toMatch(/unplugged or switched off/);
  await store().connectSimulated();
  expect(store()).toMatchObject({ stage: 'connected', problem: null });
});
