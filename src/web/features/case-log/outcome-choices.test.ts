import { diagnosisOf } from '../../../core/casework/testing-log';
import type { TrialView } from '../../../core/diagnosis';
import { outcomeForKey, splitOutcomes } from './outcome-choices';

const { advice, alternatives } = diagnosisOf({ reported: 'at-memory', machine: { board: { stageLights: true } } });
const start = advice.trial as TrialView;
const look = alternatives.find(({ id }) => id === 'look/cord/cord') as TrialView;

test('a start has at most four large buttons, the likeliest first, and working is always among them', () => {
  const { likely, others } = splitOutcomes(start);
  expect(likely.length).toBeLessThanOrEqual(4);
  expect(likely[0]?.id).toBe('at-memory');
  expect(likely.map(({ id }) => id)).toContain('works');
  expect(likely.length + others.length).toBe(start.outcomes.length);
});

test('a look shows all that can be seen, in its own order', () => {
  expect(splitOutcomes(look)).toEqual({ likely: look.outcomes, others: [] });
});

test('of many things that a look can show the sound one and the likeliest have large buttons', () => {
  const many: TrialView = {
    ...look,
    outcomes: [0.01, 0.3, 0.02, 0.2, 0.1, 0.37].map((probability, n) => ({
      id: `seen-${n}`,
      label: `Seen ${n}`,
      probability,
      then: null,
    })),
  };
  const { likely, others } = splitOutcomes(many);
  expect(likely.map(({ id }) => id)).toEqual(['seen-0', 'seen-1', 'seen-3', 'seen-5']);
  expect(others.map(({ id }) => id)).toEqual(['seen-2', 'seen-4']);
});

test('digits mean the large buttons, then "not sure" and "could not"', () => {
  const choices = splitOutcomes(look);
  expect(['1', '3', '4', '5', '6', '0', 'x'].map((key) => outcomeForKey(choices, key))).toEqual([
    'seated',
    'damaged',
    'not-sure',
    'could-not',
    null,
    null,
    null,
  ]);
});
