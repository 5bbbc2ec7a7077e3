import { canAct, putsRightAsWell, type Circumstance, type RepairClass } from '../faults';
import { analyseCase, isolatedAt, leadingSuspect, type RankedRepair, type Replay, type Strategy } from '../diagnosis';
import type { FaultyMachine } from './faulty-machine';
import { sillinessOf, type Silliness } from './silliness';
import { createPracticeBench, doTrial, firstTrialId, inputAt, trialAt } from './practice-bench';

/** How one faulty machine was played. Minutes are those that the engine computes for each trial, set-up counted. */
export interface PlayedCase {
  /** Until the true repair class was at least as likely as `isolatedAt`, or its fault was gone; all minutes if never. */
  readonly minutesToIsolate: number;
  /** Until the case was closed with the machine right; all minutes if it never was. */
  readonly minutesToFix: number;
  readonly isolated: boolean;
  /** Closed with nothing wrong left in the machine. */
  readonly isRight: boolean;
  /** Something was written, erased or bought that repaired nothing, or the case was closed with the fault in it. */
  readonly repairedWrongly: boolean;
  readonly wrongParts: number;
  /** After each trial: the probability of the first suspect of the list, and whether the machine had that fault. */
  readonly forecasts: readonly { readonly probability: number; readonly came: boolean }[];
  readonly trials: readonly { readonly trial: string; readonly outcome: string }[];
  /** What was silly about the advice, once for each time. */
  readonly silly: readonly Silliness[];
}

/** A case that takes more is given up. */
const maxTrials = 60;

export interface PlayOptions {
  readonly strategy?: Strategy;
  /** An analysis of the same machine and circumstances, whose tables are used again. */
  readonly known?: Replay | null;
  /** Probabilities, 0 to 1, that a trial cannot be done, and that it leaves one unsure. Default 0. */
  readonly couldNot?: number;
  readonly notSure?: number;
  /** Probability, 0 to 1, that a circumstance is not told before some tests are done. Default 0. */
  readonly toldLate?: number;
  /** What the strategy leaves out; see DiagnosisInput. */
  readonly skipsBelow?: number;
}

/** How many tests are done before the last of what was kept back is told. */
const toldWithin = 6;

/**
 * Plays a faulty machine by the engine's own advice in the order of a strategy, from the reproduced complaint until the
 * engine says to close. Deterministic: everything that happens comes from the machine's dice.
 */
export function playCase(
  faulty: FaultyMachine,
  { strategy = 'best-value', known = null, couldNot = 0, notSure = 0, toldLate = 0, skipsBelow }: PlayOptions = {},
) {
  const { machine, faults } = faulty;
  const bench = createPracticeBench(faulty);
  doTrial(bench, trialAt(bench, firstTrialId(faulty)), faulty.complaint);
  const classes = new Set(faults.map(({ fault }) => fault.repairClass.id));
  const forecasts: { probability: number; came: boolean }[] = [];
  let replay = known;
  let isolated: number | null = null;
  let repairedWrongly = false;
  let wrongParts = 0;
  const silly: Silliness[] = [];
  for (;;) {
    bench.known = toldBy(faulty, bench.steps.length, toldLate);
    const analysis = analyseCase(
      inputAt(bench, { strategy, ...(skipsBelow === undefined ? {} : { skipsBelow }) }),
      replay,
    );
    replay = analysis.known;
    const top = analysis.repairs.find(({ repairClass }) => repairClass.repair !== 'look-deeper');
    const lead = leadingSuspect(analysis);
    if (lead && bench.there.length > 0)
      forecasts.push({
        probability: lead.probability / knownShare(analysis.repairs),
        came: faults.some(({ fault }) => fault.id === lead.fault.id),
      });
    if (bench.there.length === 0 || (top && top.probability >= isolatedAt && classes.has(top.repairClass.id)))
      isolated ??= bench.minutes;
    const { trialId } = analysis.advice;
    if (trialId === null || bench.steps.length > maxTrials) {
      const isRight = trialId === null && !bench.there.some(({ fault }) => canAct(fault, machine, bench.configuration));
      return {
        played: {
          minutesToIsolate: isolated ?? bench.minutes,
          minutesToFix: bench.minutes,
          isolated: isolated !== null,
          isRight,
          repairedWrongly: repairedWrongly || (analysis.advice.kind === 'close' && !isRight),
          wrongParts,
          forecasts,
          trials: bench.steps.slice(1).map(({ trial, outcome }) => ({ trial: trial.id, outcome })),
          silly: trialId === null ? silly : [...silly, 'endless'],
        } satisfies PlayedCase,
        known: replay,
      };
    }
    const proposal = analysis.plan.proposals.find(({ trial }) => trial.id === trialId);
    const trial = proposal?.trial ?? trialAt(bench, trialId);
    if (trial.commits && !bench.there.some(({ fault }) => putsRight(trial.repair, fault.repairClass))) {
      repairedWrongly = true;
      if (trial.repair && trial.repair.repair === 'replace') wrongParts += 1;
    }
    silly.push(...sillinessOf(bench, trial));
    bench.minutes += proposal?.minutes ?? trial.minutes;
    const at = faulty.dice(`silent ${trial.id} ${bench.steps.length}`);
    doTrial(bench, trial, at < couldNot ? 'could-not' : at < couldNot + notSure ? 'not-sure' : null);
  }
}

/** A repair that was not in vain. */
const putsRight = (repair: RepairClass | null, needed: RepairClass): boolean =>
  repair !== null && (repair.id === needed.id || putsRightAsWell(repair, needed));

/** The circumstances that are known after a number of steps: those that are not told at once come out within the next few. */
const toldBy = ({ circumstances, dice }: FaultyMachine, steps: number, toldLate: number): Circumstance[] =>
  circumstances.filter(
    (id) => dice(`told late ${id}`) >= toldLate || steps > 2 + Math.floor(toldWithin * dice(`told when ${id}`)),
  );

/** Share of what the catalogue knows: machines are drawn from it, so "something else" is left out of forecasts. */
const knownShare = (repairs: readonly RankedRepair[]): number =>
  repairs.reduce(
    (sum, { repairClass, probability }) => sum + (repairClass.repair === 'look-deeper' ? 0 : probability),
    0,
  );
