import type { BoardFacts, Machine } from '../machine';
import type { StartOutcome, StartSigns } from '../startup';

type SignalFacts = Pick<BoardFacts, 'stageLights' | 'checkpointDisplay' | 'speaker'>;

/** Machines with what was seen of their boards, so that a log that is folded again gives the same object. */
const known = new WeakMap<Machine, Map<string, Machine>>();

/**
 * The machine with what a start showed that its board has, whatever was declared at intake: a light or a code that
 * was seen and a beep that was heard are there. The same object where nothing new is learned.
 */
export function withSeenSignals(machine: Machine, outcome: string, seen: StartSigns = {}): Machine {
  const { board } = machine;
  const shown: SignalFacts = {
    stageLights: board.stageLights || seen.light !== undefined || seen.dark === true,
    checkpointDisplay: board.checkpointDisplay || seen.code !== undefined,
    speaker: board.speaker || seen.beeps !== undefined || seen.silent === true,
  };
  const hasNone = !shown.stageLights && !shown.checkpointDisplay && !shown.speaker;
  const isStage = stageOutcomes.includes(outcome as StartOutcome);
  // Something told the stage; most often it is a light.
  const facts = hasNone && isStage ? { ...shown, stageLights: true } : shown;
  if (isSame(board, facts)) return machine;
  const ofMachine = known.get(machine) ?? new Map<string, Machine>();
  known.set(machine, ofMachine);
  const key = JSON.stringify(facts);
  const learned = ofMachine.get(key) ?? { ...machine, board: { ...board, ...facts } };
  ofMachine.set(key, learned);
  return learned;
}

const stageOutcomes: readonly StartOutcome[] = ['at-processor', 'at-memory', 'at-graphics'];

const isSame = (board: BoardFacts, facts: SignalFacts): boolean =>
  board.stageLights === facts.stageLights &&
  board.checkpointDisplay === facts.checkpointDisplay &&
  board.speaker === facts.speaker;
