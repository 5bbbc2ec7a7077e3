import type { BoardBookEntry } from '../firmware';
import type { CaseState } from '../casework';
import { isOffByLog } from '../casework';
import type { RepairId } from '../faults';
import {
  findTrial,
  openingWords,
  powerAway,
  powerBack,
  repairMovements,
  type Bench,
  type Movement,
  type Trial,
} from '../trials';
import { afterLook, lookMovements } from './look-movements';
import { startMovements } from './start-movements';

/** Everything the hand does for one test or repair, in order. */
export interface Procedure {
  /** What has to be so before: only what this needs and what the log does not have already. */
  readonly preparation: readonly Movement[];
  readonly movements: readonly Movement[];
  /** How to know that it is done; null where an outcome says it. */
  readonly doneWhen: string | null;
  /** What goes back before anything else. */
  readonly afterwards: readonly Movement[];
}

/**
 * A test or repair as it is done on this machine, with what the board book knows of its board (null: nothing). Null for
 * an id that this machine does not have.
 */
export function procedureOf(state: CaseState, trialId: string, board: BoardBookEntry | null): Procedure | null {
  const { machine, configuration } = state;
  const trial = findTrial(machine, configuration, trialId);
  if (!trial) return null;
  const bench: Bench = { machine, configuration, board };
  return {
    preparation: preparationOf(trial, bench, state),
    movements: movementsOf(trial, bench),
    doneWhen: trial.repair ? 'It is done when a start shows whether the complaint is gone: press what you see.' : null,
    afterwards: trial.observe.kind === 'start' ? [] : afterLook(trial, bench),
  };
}

function preparationOf(trial: Trial, bench: Bench, state: CaseState): readonly Movement[] {
  const needsOff = trial.cautions.includes('unplug') || trial.cautions.includes('liquid');
  const inCase = bench.configuration.surface === 'case' && !bench.machine.onBench;
  return [
    ...(needsOff
      ? isOffByLog(state)
        ? [{ text: 'It is off and the cord is out, by the log: see that it still is.' }]
        : powerAway(bench)
      : []),
    ...(trial.inside && !state.caseOpen && inCase ? [{ text: openingWords(bench) }] : []),
    ...(trial.cautions.includes('static')
      ? [{ text: 'Wrist strap on, its clip on bare metal of the case; or touch bare metal often.' }]
      : []),
  ];
}

function movementsOf(trial: Trial, bench: Bench): readonly Movement[] {
  const { repair } = trial;
  if (trial.observe.kind !== 'start') return lookMovements(trial, bench);
  if (!repair) return startMovements(trial, bench);
  if (repair.repair === 'leave-slot-empty') return trial.steps.map((text) => ({ text }));
  const watch = trial.steps.at(-1);
  const pullsCord = trial.cautions.includes('unplug') && !givesPower.includes(repair.repair);
  return [
    ...repairMovements(repair.repair, { ...bench, part: repair.part }),
    ...(pullsCord ? powerBack(bench) : []),
    ...(watch ? [{ text: watch }] : []),
  ];
}

/** They end with the cord in by themselves. */
const givesPower: readonly RepairId[] = [
  'drain-latch',
  'hold-button',
  'use-live-outlet',
  'straight-from-wall',
  'push-cord',
];
