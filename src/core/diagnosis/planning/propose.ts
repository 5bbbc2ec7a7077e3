import {
  APART_MINUTES,
  apartAfter,
  misreadProbabilityOf,
  takenApartFor,
  type TakenApart,
  type Trial,
} from '../../trials';
import type { FaultInstance, RepairClass } from '../../faults';
import type { DiagnosisInput } from '../evidence-step';
import { entropyBits } from './information';
import {
  JointScratch,
  jointProbabilities,
  forecastTrial,
  type JointProbabilities,
  type TrialForecast,
} from './joint-probabilities';
import { lazy } from '../model/lazy';
import { repeatedStart } from '../model/repeated-start';
import { readyWithSignals } from '../model/steady-signals';
import { activeHypotheses, type ActiveHypotheses } from './active-hypotheses';
import type { ReadyTrial, WatchedTrial } from '../model/outcome-model-cache';
import type { Replay } from '../belief/replay';
import { isRunning } from '../belief/complaint';
import { failingNow } from '../belief/failing-now';
import { mayHaveChanged } from '../belief/may-have-changed';
import { knownAlready, signalsShown } from '../belief/same-evidence';
import { seenInOrder } from './seen-in-order';
import { whatBlocks } from './what-blocks';

/** A trial that could be done next, what it would tell and what it takes. */
export interface Proposal {
  readonly trial: Trial;
  /** Minutes from the machine as it stands, set-up counted. */
  readonly minutes: number;
  /** What it would tell about repair classes; 0 where it commits, or would only repeat what is known. */
  readonly bits: number;
  /** What it would tell if nothing like it had been seen yet. */
  readonly bitsIfNew: number;
  /**
   * Null for what commits or is known: its outcomes are computed only when they are asked for. A repair that touches
   * nothing likely shows what a plain start shows.
   */
  readonly forecast: TrialForecast | null;
  /** Tools and spares that it needs and that are not at hand. */
  readonly lacks: readonly string[];
  /** Why it is not proposed now; see whatBlocks. */
  readonly blocked: string | null;
  readonly watched: ReadyTrial['watched'];
  /** A start that was made once in this very state, with nothing done since. */
  readonly isAgain: boolean;
}

/** Everything that can be proposed, and the means to look closer at one trial. */
export interface Plan {
  readonly live: ActiveHypotheses;
  /** Up to this, in bits, a trial counts as having no information, by any strategy. */
  readonly leastBits: number;
  /** By information per minute, best first; a trial without new information comes last with 0 bits. */
  readonly proposals: readonly Proposal[];
  /** Joint probabilities of class and outcome of one trial; good until they are asked for another trial. */
  readonly jointOf: (trial: Trial) => JointProbabilities;
}

/** A repair so unlikely tells less than a start with a change must; see worthTheChange. */
const tooUnlikelyToRepair = 0.005;
/** Every minute that a long one takes asks for as much again: nobody dries a board for an hour on a slight chance. */
const likelierByMinute = 0.003;
const longRepairMinutes = 12;

/** From this probability on, 0 to 1, a repair may be tried to see whether it helps. */
export const leastToTry = ({ minutes }: Pick<RepairClass, 'minutes'>): number =>
  minutes < longRepairMinutes ? tooUnlikelyToRepair : likelierByMinute * minutes;

/** Below this, in bits, a trial counts as having no information; and below this share of the entropy of the repair classes. */
const tellsNothing = 0.004;
const tellsTooLittle = 0.03;

/** Weighs every trial that is possible now, from what is believed now. */
export function planTrials(input: DiagnosisInput, replayed: Replay): Plan {
  const { book, space, belief } = replayed;
  const live = activeHypotheses(space, belief, failingNow(book, input));
  const scratch = new JointScratch();
  const afresh = book.trialsIn(input.configuration);
  const ready = readyWithSignals(afresh, signalsShown(input.steps));
  const runs = isRunning(input.steps);
  const joint = ({ trial, watched }: Pick<ReadyTrial, 'trial' | 'watched'>): JointProbabilities => {
    const { model, pass } = runs ? whileItRuns(watched()) : watched();
    return jointProbabilities(live, model, pass, misreadProbabilityOf(trial), scratch);
  };
  const known = knownAlready(input.steps, mayHaveChanged(replayed));
  const blocks = whatBlocks(input, space.faults);
  const cannotHelp = unlikelyToHelp(input, live, space.faults);
  const apart = apartAfter(input.steps);
  const isOpen = input.caseOpen || input.configuration.surface === 'bench';
  const plain = new Map(
    ready
      .filter(({ trial }) => isPlain(trial))
      .map((one) => [startKey(one), lazy(() => forecastTrial(joint(one)))] as const),
  );
  const curesNothing = ({ trial }: ReadyTrial) =>
    book.curesOf(trial).reduce((sum, [v]) => sum + weightAlone(live, v), 0) < tooUnlikelyToRepair;
  const plainAs = (one: ReadyTrial) => (curesNothing(one) ? (plain.get(startKey(one))?.() ?? null) : null);
  const leastBits = Math.max(tellsNothing, (input.skipsBelow ?? tellsTooLittle) * entropyBits(live.classWeights));
  const weighed = ready.map((one, at): Proposal => {
    const { trial, watched } = one;
    const spared = sparedMinutes(trial, apart);
    const minutes = (isOpen ? one.minutesOpen : one.minutesClosed) - spared;
    const blocked = blocks(trial);
    const lacks = lacksOf(trial, input);
    const { isKnown, shown, isRepeated } = known(one);
    const isVain = trial.repair !== null && cannotHelp(trial.repair);
    const isAgain = shown !== null && !isRepeated;
    // Written out, and not spread from a common part: it is made for each trial after each outcome.
    const proposed = (bits: number, bitsIfNew: number, forecast: TrialForecast | null, of = watched): Proposal => ({
      trial,
      minutes,
      bits,
      bitsIfNew,
      forecast,
      lacks,
      blocked,
      isAgain,
      watched: of,
    });
    if (blocked !== null || trial.commits || isVain || isHomecoming(trial) || (isKnown && !isPlain(trial)))
      // Where a plain start is not asked for, a changed one is still held against it.
      return proposed(0, isPlain(trial) ? (plain.get(startKey(one))?.().bits ?? 0) : 0, isVain ? plainAs(one) : null);
    const forecast = forecastTrial(joint(one));
    const { bits: bitsIfNew } = forecast;
    if (!isAgain || shown === 'works') return proposed(shown === null ? bitsIfNew : 0, bitsIfNew, forecast);
    const again = watchedAgain(afresh[at] ?? one, shown, space);
    const repeated = forecastTrial(joint({ trial, watched: again }));
    return proposed(repeated.bits < worthRepeating ? 0 : repeated.bits, bitsIfNew, repeated, again);
  });
  const proposals = withoutDisguisedStarts(weighed, runs).sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);
  return { live, leastBits, proposals, jointOf: jointByTrial(ready, joint) };
}

function jointByTrial(
  ready: readonly ReadyTrial[],
  joint: (one: ReadyTrial) => JointProbabilities,
): (trial: Trial) => JointProbabilities {
  const byTrial = new Map(ready.map((one) => [one.trial, one]));
  return (trial) => {
    const one = byTrial.get(trial);
    if (!one) throw new Error(`${trial.id}: expected a trial of this plan`);
    return joint(one);
  };
}

/** A machine that runs is measured as it runs: that is no new start, which might fail. */
const whileItRuns = ({ model, pass }: WatchedTrial): WatchedTrial =>
  model.whileItRuns ? { model: model.whileItRuns, pass: model.whileItRuns.pass } : { model, pass };

/** Of a repair: it is too unlikely for the minutes that it takes, or what it puts right was seen to be in order. */
function unlikelyToHelp(
  { steps }: DiagnosisInput,
  { classIds, classWeights }: ActiveHypotheses,
  faults: readonly FaultInstance[],
): (repair: RepairClass) => boolean {
  const weightOf = new Map(classIds.map((id, row) => [id, classWeights[row] ?? 0]));
  const inOrder = seenInOrder(steps, faults);
  return (repair) => (weightOf.get(repair.id) ?? 0) < leastToTry(repair) || inOrder.has(repair.id);
}

/**
 * So much, in bits, must a start tell that was made before: then it did not fit, and was perhaps misread. One that worked
 * is not made again for this: that it works every time is counted, or seen under load.
 */
const worthRepeating = 0.25;

/** A start that is made again with nothing done since it showed something. */
function watchedAgain(
  { trial, watched }: ReadyTrial,
  shown: string,
  { variants }: Replay['space'],
): ReadyTrial['watched'] {
  const last = trial.outcomes.findIndex(({ id }) => id === shown);
  const misreadProbability = misreadProbabilityOf(trial);
  return lazy(() => {
    const { model, pass } = watched();
    return { model: repeatedStart(model, last, { misreadProbability, variants }), pass };
  });
}

/** What the last trial took apart, and nobody has put together since, this one need not take apart again. */
const sparedMinutes = (trial: Trial, apart: ReadonlySet<TakenApart>): number =>
  apart.size === 0 ? 0 : takenApartFor(trial).reduce((sum, one) => sum + (apart.has(one) ? APART_MINUTES[one] : 0), 0);

/** What a trial needs that is not at hand. */
export function lacksOf({ tools, spares }: Trial, { lacking }: Pick<DiagnosisInput, 'lacking'>): string[] {
  if (!lacking) return [];
  return [
    ...tools.filter((tool) => lacking.tools.includes(tool)),
    ...spares.filter((kind) => lacking.spares.includes(kind)).map((kind) => `spare ${kind}`),
  ];
}

/** A start of the machine as it stands, against which all others are held. */
const isPlain = ({ ref }: Trial): boolean => ref.kind === 'start' || ref.kind === 'run-under-load';

/** It ends the work, and is no test: what is to be told is told by putting back one thing at a time. */
const isHomecoming = ({ ref }: Trial): boolean => ref.kind === 'all-back';

/** A start at which one waits: nothing is changed for it. */
const isPatient = ({ ref }: Trial): boolean => ref.kind === 'start-and-wait';

/** Probability that a variant is there and counts. */
function weightAlone({ of, group }: ActiveHypotheses, v: number): number {
  let weight = of.alone[v] ?? 0;
  for (let g = of.groupsFrom[v] ?? 0; g < (of.groupsFrom[v + 1] ?? 0); g++) weight += group.sum[g] ?? 0;
  return weight;
}

/** Starts with the same key show the same but for what their handling removes. */
const startKey = ({ trial: { observe }, stateKey }: ReadyTrial): string =>
  `${observe.kind === 'start' ? observe.depth : ''} ${stateKey}`;

/** Bits by which a changed start must beat a plain one to be worth its change; and the share of what the plain one would tell. */
const worthTheChange = 0.003;
const shareWorthTheChange = 0.25;

/**
 * A changed start with no more information than a plain start to the same depth counts as having none. Of a machine
 * that runs, to put back what was taken out is the other half of a swap, and no such.
 */
function withoutDisguisedStarts(proposals: readonly Proposal[], runs: boolean): Proposal[] {
  const depthOf = ({ trial }: Proposal) => (trial.observe.kind === 'start' ? trial.observe.depth : null);
  const plain = proposals.filter(({ trial }) => isPlain(trial));
  return proposals.map((proposal) => {
    const depth = depthOf(proposal);
    const bare = plain.find((p) => depth !== null && depthOf(p) === depth);
    if (!bare || bare === proposal || (runs && proposal.trial.ref.kind === 'back')) return proposal;
    const more = proposal.bitsIfNew - bare.bitsIfNew;
    const share = isPatient(proposal.trial) ? 0 : shareWorthTheChange;
    return more < Math.max(worthTheChange, share * bare.bitsIfNew) ? { ...proposal, bits: 0 } : proposal;
  });
}
