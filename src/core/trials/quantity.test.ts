import { asFound, completeMachine, type Part } from '../machine';
import { breakOf, instantiateFaults } from '../faults';
import {
  gradeProbabilities,
  unfedComponentOf,
  densityOfReading,
  expectReading,
  gradeReading,
  QUANTITIES,
  READING_OUTCOMES,
  type PresentFault,
} from '.';
import { normalBelow } from '../numbers';

const completed = completeMachine({ name: 'M', parts: [] });
if (!completed.ok) throw new Error('expected a machine');
const { machine } = completed;
const supply = machine.parts.find(({ kind }) => kind === 'supply') as Part;
const vsb = QUANTITIES.find(({ id }) => id === 'vsb');
if (!vsb) throw new Error('expected the quantity vsb');
const setting = { machine, configuration: asFound };

function present(id: string): PresentFault[] {
  const fault = instantiateFaults(machine).find((f) => f.id === id);
  const look = fault?.mode.presentations[0];
  if (!fault || !look) throw new Error(`expected the fault ${id}`);
  return [{ fault, stops: breakOf(fault, look, machine) }];
}
const grades = (faults: readonly PresentFault[]) => [
  ...gradeProbabilities(vsb, expectReading(vsb, supply, faults, setting)),
];

test.each([
  [0, 'absent'],
  [0.9, 'absent'],
  [4.74, 'low'],
  [4.75, 'within'],
  [5.25, 'within'],
  [5.26, 'high'],
])('%f V of +5 VSB is %s', (volts, grade) => {
  expect(gradeReading(vsb, volts)).toBe(grade);
});

test('a sound supply reads within limits, a dead one nothing, and probabilities sum to 1', () => {
  const [within = 0] = grades([]);
  const [, absent = 0] = grades(present('supply-dead@supply'));
  expect(within).toBeGreaterThan(0.97);
  expect(absent).toBeGreaterThan(0.97);
  expect(grades(present('supply-fails-under-start@supply')).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
});

test('nothing before the supply, nothing at its plug; a board that does not take standby up leaves the plug alone', () => {
  expect(grades(present('rocker-off@supply'))[1]).toBeGreaterThan(0.97);
  expect(grades(present('board-standby-dead@board'))[0]).toBeGreaterThan(0.9);
});

test('the density of a reading is highest at what the fault would read', () => {
  const mixture = expectReading(vsb, supply, [], setting);
  expect(densityOfReading(mixture, 5)).toBeGreaterThan(20 * densityOfReading(mixture, 4.7));
});

test('a faulty part now and then reads nothing like its fault, a sound one never does', () => {
  const weak = expectReading(vsb, supply, present('supply-standby-weak@supply'), setting);
  const sound = expectReading(vsb, supply, [], setting);
  expect(weak.reduce((sum, { weight }) => sum + weight, 0)).toBeCloseTo(1, 9);
  for (const volts of [3, 3.5, 4]) expect(densityOfReading(weak, volts)).toBeGreaterThan(0.01);
  expect(densityOfReading(weak, 4.7)).toBeGreaterThan(10 * densityOfReading(weak, 3.5));
  expect(densityOfReading(sound, 3.5)).toBeLessThan(1e-9);
});

test.each(QUANTITIES.map((quantity) => [quantity.id, quantity] as const))(
  'probabilities of the grades of %s are probabilities, and those of the readings that they stand for',
  (_id, quantity) => {
    const { nominalVolts, highVolts, healthySpreadVolts: spreadVolts } = quantity;
    for (const meanVolts of [0, 0.3 * nominalVolts, 0.9 * nominalVolts, nominalVolts, highVolts, 1.2 * highVolts]) {
      const mixture = [{ weight: 1, meanVolts, spreadVolts }];
      const grades = [...gradeProbabilities(quantity, mixture)];
      expect(grades.filter((probability) => probability < 0 || probability > 1)).toEqual([]);
      // Summed reading by reading; a reading below zero is a meter held the wrong way round.
      const counted = [0, 0, 0, 0];
      const step = 1e-4 * highVolts;
      for (let volts = -highVolts; volts < 2 * highVolts; volts += step) {
        const grade = volts < 0 ? 'absent' : gradeReading(quantity, volts);
        const at = READING_OUTCOMES.findIndex(({ id }) => id === grade);
        counted[at] = (counted[at] ?? 0) + step * densityOfReading(mixture, volts, quantity.meterVolts);
      }
      grades.forEach((probability, i) => expect(probability).toBeCloseTo(counted[i] ?? 0, 2));
    }
  },
);

test('what is not fed reads as absent, a ripple in millivolts as much as a rail in volts', () => {
  for (const quantity of QUANTITIES)
    expect(gradeProbabilities(quantity, [unfedComponentOf(quantity)])[1]).toBeGreaterThan(0.9);
});

test('the normal distribution agrees with the tables', () => {
  expect(normalBelow(0)).toBeCloseTo(0.5, 7);
  expect(normalBelow(1.959964)).toBeCloseTo(0.975, 6);
  expect(normalBelow(-1)).toBeCloseTo(0.158655, 6);
});
