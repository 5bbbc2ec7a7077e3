import { LINK_IDS, type LinkId } from '../../startup';
import { lastLinkPassed, standLinks } from './link-states';

const shares = (given: Partial<Record<LinkId, number>>) =>
  LINK_IDS.map((link) => ({ link, probability: given[link] ?? 0 }));
const states = (given: Partial<Record<LinkId, number>>, rightUpTo: LinkId | null = null, hasEvidence = true) =>
  Object.fromEntries(standLinks(shares(given), { hasEvidence, rightUpTo }).map(({ link, state }) => [link, state]));

test('links before the suspected ones are proven, links behind them not reached', () => {
  expect(states({ start: 0.7, rails: 0.29, load: 0.01 })).toMatchObject({
    wall: 'proven',
    standby: 'proven',
    start: 'suspected',
    rails: 'suspected',
    processor: 'not-reached',
    load: 'not-reached',
  });
});

test('a link that is as good as certain is failing', () => {
  expect(states({ memory: 0.95, boot: 0.05 })).toMatchObject({ memory: 'failing', boot: 'suspected' });
});

test('without evidence nothing is proven', () => {
  expect(states({ boot: 1 }, null, false).wall).toBe('not-reached');
});

test('once the machine is right, everything seen to pass is proven', () => {
  expect(states({ memory: 1 }, 'system')).toMatchObject({ memory: 'proven', system: 'proven', load: 'not-reached' });
});

test('a good outcome proves as far as it got', () => {
  expect(lastLinkPassed('works', true)).toBe('load');
  expect(lastLinkPassed('works', false)).toBe('system');
  expect(lastLinkPassed('no-boot', false)).toBe('peripherals');
  expect(lastLinkPassed('at-memory', false)).toBe('rails');
});
