import { decide, type Rates } from '.';
import { diagnoseCase, type Worth } from '../casework';
import { stateOf } from '../casework/testing-log';

const rates: Rates = {
  currency: 'EUR',
  hour: '60',
  taxPercent: '20',
  stepMinutes: 15,
  onPartsPercent: '0',
  partPrices: {},
};
const state = stateOf({
  reported: 'dead',
  trials: [
    ['start', 'dead'],
    ['measure/vsb/supply', 'absent', 0],
    ['spare/supply', 'works'],
  ],
});
const diagnosis = diagnoseCase(state);
const decided = (worth: Worth = {}) => decide(diagnosis, { rates, worth });
const open = (worth: Worth) =>
  decided(worth)
    .options.filter(({ isOpen }) => isOpen)
    .map(({ decision }) => decision);
const optionOf = (worth: Worth, decision: string) => decided(worth).options.find((one) => one.decision === decision);

test('what nobody noted is not to be had; what is comes first, by its cost', () => {
  expect(open({}).toSorted()).toEqual(['repair', 'work-around']);
  expect(open({ underWarranty: true })).toContain('return-under-warranty');
  expect(open({ another: '40', value: '900' }).at(-1)).toBe('give-up');
  expect(decided({ another: '1' }).options.at(-1)?.isOpen).toBe(false);
});

test('each day without the machine is part of the cost', () => {
  const plain = optionOf({ another: '500', partDays: 4 }, 'repair');
  const dear = optionOf({ another: '500', partDays: 4, dayWithout: '100' }, 'repair');
  expect(Number(dear?.high) - Number(plain?.high)).toBeCloseTo(100 * (plain?.daysHigh ?? 0), 0);
  expect(plain?.daysHigh).toBe(5);
});

test('a repair that may cost more than the machine is worth says so', () => {
  expect(optionOf({ value: '5' }, 'repair')?.words).toContain('may cost more than the machine is worth');
  expect(optionOf({ value: '5000' }, 'repair')?.words).toContain('less than the machine is worth');
});

test('the break-even is the price of the part at which both cost the same, and never below nothing', () => {
  const at = (another: string) => Number(decided({ another }).breakEven);
  expect(at('600') - at('480')).toBeCloseTo(100, 2);
  expect(at('0')).toBe(0);
  expect(decided().breakEven).toBeNull();
});
