import { gateOf, leftToConfirm } from '.';

test('what could hurt somebody is confirmed first, what is only good to know is not', () => {
  expect(gateOf(['unplug', 'static', 'hot-cooler'])).toEqual(['cord out and lights off', 'strap on']);
  expect(gateOf(['static', 'hot-cooler'])).toEqual([]);
  expect(gateOf([])).toEqual([]);
});

test('what was confirmed for the whole case is not asked again, what the next start undoes is', () => {
  const cautions = ['unplug', 'static', 'supply-closed', 'live-measuring'] as const;
  expect(leftToConfirm(cautions, { confirmed: [], isOff: false })).toEqual(cautions);
  expect(leftToConfirm(cautions, { confirmed: [...cautions], isOff: false })).toEqual(['unplug', 'live-measuring']);
  expect(leftToConfirm(cautions, { confirmed: [...cautions], isOff: true })).toEqual(['live-measuring']);
  expect(leftToConfirm(['two-pins', 'liquid'], { confirmed: ['two-pins', 'liquid'], isOff: true })).toEqual([
    'two-pins',
    'liquid',
  ]);
});
