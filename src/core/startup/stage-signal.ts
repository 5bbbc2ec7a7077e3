import type { BoardFacts } from '../machine';
import { distributionOf, type StartDistribution, type StartOutcome } from './start-outcome';

export type Stage = 'processor' | 'memory' | 'graphics';

/**
 * How far each kind of signal can be trusted to show the stage that hangs, and to show a neighbour instead.
 * Starting judgement: stage lights "are sometimes wrong"; a speaker has no pattern for a dead processor.
 */
const lightsTell = 0.9;
const displayTells = 0.88;
const speakerTells: Readonly<Record<Stage, number>> = { processor: 0, memory: 0.9, graphics: 0.85 };
const signalLies = 0.03;

const stages: readonly Stage[] = ['processor', 'memory', 'graphics'];

/**
 * What is seen when the machine hangs at a stage, given what the board can show.
 * Domain: any board. A board without lights, display or speaker always leaves the person with "blank".
 *
 * @example expectStageSignal('memory', { ...board, speaker: true }) // => mostly "at-memory", some "blank"
 */
export function expectStageSignal(stage: Stage, board: BoardFacts): StartDistribution {
  const ofBoard = signals.get(board) ?? new Map<Stage, StartDistribution>();
  signals.set(board, ofBoard);
  const known = ofBoard.get(stage) ?? signalOf(stage, board);
  ofBoard.set(stage, known);
  return known;
}

/** A board's signals never change; every fault and trial shares them. */
const signals = new WeakMap<BoardFacts, Map<Stage, StartDistribution>>();

function signalOf(stage: Stage, board: BoardFacts): StartDistribution {
  const silent =
    (board.stageLights ? 1 - lightsTell : 1) *
    (board.checkpointDisplay ? 1 - displayTells : 1) *
    (board.speaker ? 1 - speakerTells[stage] : 1);
  if (silent === 1) return distributionOf({ blank: 1 });
  const lies = board.stageLights || board.checkpointDisplay ? signalLies : signalLies / 4;
  const weights: Partial<Record<StartOutcome, number>> = { blank: silent };
  for (const other of stages) weights[`at-${other}`] = other === stage ? 1 - silent - 2 * lies : lies;
  return distributionOf(weights);
}
