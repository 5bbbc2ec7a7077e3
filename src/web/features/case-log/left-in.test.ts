import { desktopWithLights, stateOf } from '../../../core/casework/testing-log';
import { askedToStrip, changesWithLeftIn, leftIn, leftInWords } from './left-in';

const state = stateOf({ machine: desktopWithLights, trials: [['start', 'twitch']] });
const strip = 'minimal-in-case';

test('what was not ticked stays connected, and all else comes off', () => {
  const all = askedToStrip(state).map(({ id }) => id);
  const left = leftIn(
    state,
    all.filter((id) => id !== 'drive'),
  );
  expect(left.map(({ id }) => id)).toEqual(['drive']);
  const moved = changesWithLeftIn(state, strip, left).flatMap((change) =>
    change.kind === 'place' ? [change.part] : [],
  );
  expect(moved).toContain('front-usb');
  expect(moved).not.toContain('drive');
  expect(leftInWords(left)).toBe('Still connected: drive');
});

test('with everything ticked nothing is left to ask', () => {
  const all = askedToStrip(state).map(({ id }) => id);
  expect(leftIn(state, all)).toEqual([]);
  expect(all).toContain('case-fans');
});
