import { gateOf } from '.';

test('what could hurt somebody is confirmed first, what is only good to know is not', () => {
  expect(gateOf(['unplug', 'static', 'hot-cooler'])).toEqual(['cord out and lights off', 'strap on']);
  expect(gateOf(['static', 'hot-cooler'])).toEqual([]);
  expect(gateOf([])).toEqual([]);
});
