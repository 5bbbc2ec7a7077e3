import { completeMachine, type BoardFacts } from '../machine';
import type { START_OUTCOMES } from '.';
import { expectStageSignal, startOutcomeIndex, distributionOf } from '.';

const board = (facts: Partial<BoardFacts>): BoardFacts => {
  const completed = completeMachine({ name: 'M', parts: [], board: facts });
  if (!completed.ok) throw new Error('expected a board');
  return completed.machine.board;
};
const probability = (
  stage: Parameters<typeof expectStageSignal>[0],
  facts: Partial<BoardFacts>,
  outcome: (typeof START_OUTCOMES)[number],
) => expectStageSignal(stage, board(facts))[startOutcomeIndex(outcome)] ?? 0;

test('a board that shows nothing leaves nothing to read', () => {
  for (const stage of ['processor', 'memory', 'graphics'] as const) expect(probability(stage, {}, 'blank')).toBe(1);
});

test('lights and display together tell more than either', () => {
  const lights = probability('memory', { stageLights: true }, 'at-memory');
  const both = probability('memory', { stageLights: true, checkpointDisplay: true }, 'at-memory');
  expect(lights).toBeGreaterThan(0.7);
  expect(both).toBeGreaterThan(lights);
});

test('lights are sometimes wrong: a neighbour is named now and then', () => {
  expect(probability('memory', { stageLights: true }, 'at-processor')).toBeGreaterThan(0.01);
});

test('a speaker complains of memory and graphics, and has no pattern for a dead processor', () => {
  expect(probability('memory', { speaker: true }, 'at-memory')).toBeGreaterThan(0.8);
  expect(probability('processor', { speaker: true }, 'blank')).toBe(1);
});

test('a distribution without weight is a mistake of the programmer', () => {
  expect(() => distributionOf({})).toThrow('at least one positive weight');
});
