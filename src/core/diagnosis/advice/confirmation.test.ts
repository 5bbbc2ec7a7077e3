import { proofOfCause } from '../../casework';
import { stateOf, type BriefLog } from '../../casework/testing-log';

const proof = (fault: string, trials: BriefLog['trials']) =>
  proofOfCause(
    stateOf({ machine: { parts: [{ id: 'front-usb', kind: 'front-usb' }] }, reported: 'twitch', trials: trials ?? [] }),
    fault,
  );
const lead = 'front-usb-short@front-usb';

test('a cause that is only computed is suggested', () => {
  expect(proof(lead, [['start', 'twitch']])).toBe('suggested');
});

test('a fault that went away with the change is supported', () => {
  expect(
    proof(lead, [
      ['start', 'twitch'],
      ['out/front-usb', 'works'],
    ]),
  ).toBe('supported');
});

test('away, back, away is proof', () => {
  const away: BriefLog['trials'] = [
    ['start', 'twitch'],
    ['out/front-usb', 'works'],
    ['back/front-usb', 'twitch'],
  ];
  expect(proof(lead, away)).toBe('supported');
  expect(proof(lead, [...away, ['fix/leave-unplugged@front-usb', 'works']])).toBe('proven');
});

test('a fault that stays while the suspect is away supports nothing', () => {
  expect(
    proof(lead, [
      ['start', 'twitch'],
      ['out/front-usb', 'twitch'],
    ]),
  ).toBe('suggested');
});

test('what the owner reported proves nothing', () => {
  expect(proof(lead, [['out/front-usb', 'works']])).toBe('suggested');
});
