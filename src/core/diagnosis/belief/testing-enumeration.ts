import { canAct } from '../../faults';
import type { Machine, Part } from '../../machine';
import {
  attemptDoubt,
  expectStart,
  fitOfCutOut,
  fitOfProgress,
  likelihoodOfOwnersWord,
  likelihoodOfSigns,
  linkIndex,
  missingBreaks,
  startOutcomeIndex,
  stopsAt,
  type StartOutcome,
} from '../../startup';
import { densityOfReading, expectReading, type PresentFault } from '../../trials';
import { cureProbability } from '../model/cure-probability';
import type { EvidenceStep } from '../evidence-step';
import { expectOutcomes } from '../model/expect-outcomes';
import { NONE, type HypothesisSpace, type Variant } from '../model/hypothesis-space';
import { withoutRepeats } from './same-evidence';

/** Likelihood of what was seen in one step: a probability, or a density per volt where a reading was written down. */
function likelihoodOf(step: EvidenceStep, machine: Machine, there: readonly PresentFault[]): number {
  const present = step.after === undefined ? showingAgain(step, there) : there;
  const setting = { machine, configuration: step.configuration };
  const { observe } = step.trial;
  if (observe.kind === 'measure' && step.volts !== null) {
    const mixture = expectReading(observe.quantity, step.trial.part as Part, present, setting);
    const anywhere = 1 / (1.5 * observe.quantity.nominalVolts);
    const misread = 0.4 * step.misreadProbability;
    return (1 - misread) * densityOfReading(mixture, step.volts, observe.quantity.meterVolts) + misread * anywhere;
  }
  if (step.after !== undefined) return likelihoodAgain(step, machine, present);
  const index = step.trial.outcomes.findIndex(({ id }) => id === step.outcome);
  if (index < 0) throw new Error(`${step.trial.id}: expected one of its outcomes, found "${step.outcome}"`);
  const expected = expectOutcomes(step.trial, setting, present, step.misreadProbability);
  const noted = step.outcome as StartOutcome;
  const isTold = step.trial.ref.kind === 'reported' || step.trial.ref.kind === 'tried';
  const weights = step.signs
    ? likelihoodOfSigns(step.signs, noted)
    : isTold && observe.kind === 'start'
      ? likelihoodOfOwnersWord(noted)
      : null;
  if (!weights) return expected[index] ?? 0;
  const shown = messagesShown(step, machine, present);
  const fit = fitOfCutOut(step.signs ?? {});
  const progress = fitOfProgress(step.signs ?? {});
  const onAverage = (o: number) => (fit && o === cutOut ? fit.of(undefined) : 1);
  const all = expected.reduce((sum, p, o) => sum + p * (weights[o] ?? 0) * onAverage(o), 0);
  return (
    shown *
    (all +
      beyond(step, machine, present, ({ fault: { mode }, stops: { shows } }) => {
        const more = fit
          ? (fit.of(mode.cutsOut) - fit.of(undefined)) * (shows[cutOut] ?? 0) * (weights[cutOut] ?? 0)
          : 0;
        const busy =
          progress && mode.isProgress ? shows.map((p, o) => p * (weights[o] ?? 0) * ((progress[o] ?? 1) - 1)) : [];
        return more + [...busy].reduce((sum, p) => sum + p, 0);
      }))
  );
}

/** Each of several messages that one start showed comes from a fault that shows it, or hardly ever from nothing. */
function messagesShown(
  { outcome, signs, configuration }: EvidenceStep,
  machine: Machine,
  present: readonly PresentFault[],
): number {
  const [first, last] = [startOutcomeIndex('message-fan'), startOutcomeIndex('system-stops')];
  const shown = [...new Set([outcome as StartOutcome, ...(signs?.messages ?? [])])]
    .map(startOutcomeIndex)
    .filter((at) => at >= first && at <= last);
  if (shown.length < 2) return 1;
  return shown.reduce((product, at) => {
    const unseen = present
      .filter(({ fault }) => canAct(fault, machine, configuration))
      .reduce((q, { stops }) => q * (1 - stopsAt(stops, 'start') * (stops.shows[at] ?? 0)), 1);
    return product * (0.95 * (1 - unseen) + 0.001 * unseen);
  }, 1);
}

/** What could have shown the signals of an earlier start shows them again four times in five, and else as ever. */
function showingAgain({ shownBefore }: EvidenceStep, present: readonly PresentFault[]): readonly PresentFault[] {
  const last = shownBefore === undefined ? -1 : startOutcomeIndex(shownBefore as StartOutcome);
  return present.map((one) => {
    const { shows } = one.stops;
    if (last < 0 || (shows[last] ?? 0) === 0) return one;
    return { ...one, stops: { ...one.stops, shows: shows.map((p, o) => 0.2 * p + (o === last ? 0.8 : 0)) } };
  });
}

const cutOut = startOutcomeIndex('cuts-out');

/** In chain order: by how much better what was seen fits the cause of each fault than its outcome alone says. */
function beyond(
  { trial: { observe }, configuration, misreadProbability }: EvidenceStep,
  machine: Machine,
  present: readonly PresentFault[],
  moreFor: (one: PresentFault) => number,
): number {
  const depth = observe.kind === 'start' ? observe.depth : 'start';
  let through = (1 - misreadProbability) * (1 - (attemptDoubt(machine, configuration)?.probability ?? 0));
  let more = 0;
  for (const one of present) {
    if (!canAct(one.fault, machine, configuration)) continue;
    const s = stopsAt(one.stops, depth);
    more += through * s * moreFor(one);
    through *= 1 - s;
  }
  return more;
}

/**
 * A start made again: in chain order each fault acts or lets the next one decide. One that acts shows what it showed
 * before, if it acted then, and else its own; what was noted before may have been misread.
 */
function likelihoodAgain(step: EvidenceStep, machine: Machine, present: readonly PresentFault[]): number {
  const { observe, outcomes } = step.trial;
  const depth = observe.kind === 'start' ? observe.depth : 'start';
  const at = (id: string | undefined) => outcomes.findIndex((outcome) => outcome.id === id);
  const [last, now] = [at(step.after), at(step.outcome)];
  const { configuration, misreadProbability: m } = step;
  const healthy = expectStart(machine, configuration, [], { depth, trustSpares: true });
  const spare = attemptDoubt(machine, configuration);
  /** Probability that this was shown and that was noted. */
  const shownAndNoted = (shows: ArrayLike<number>, o: number): number => {
    const bad = spare?.probability ?? 0;
    const shown = (1 - bad) * (shows[o] ?? 0) + bad * (spare?.shows[o] ?? 0);
    return shown * (m / outcomes.length + (o === last ? 1 - m : 0));
  };
  const noted = (shows: ArrayLike<number>) => outcomes.reduce((sum, _, o) => sum + shownAndNoted(shows, o), 0);
  const firstMissing = Math.min(99, ...missingBreaks(machine, configuration).map(({ link }) => linkIndex(link)));
  let through = 1;
  let seen = 0;
  for (const { fault, stops } of present) {
    const s = stopsAt(stops, depth);
    const reached = linkIndex(stops.link) < firstMissing;
    if (s === 0 || !reached || !canAct(fault, machine, configuration)) continue;
    const loose = outcomes.map((_, o) =>
      fault.somethingElse ? 0.8 * (stops.shows[o] ?? 0) + 0.2 / outcomes.length : (stops.shows[o] ?? 0),
    );
    const [acted, quiet] = [s * noted(loose), (1 - s) * noted(healthy)];
    const asBefore = shownAndNoted(loose, now) / noted(loose);
    seen += (through * s * (acted * asBefore + quiet * (stops.shows[now] ?? 0))) / (acted + quiet);
    through *= 1 - s;
  }
  seen += (through * shownAndNoted(healthy, now)) / noted(healthy);
  return (1 - m) * seen + m / outcomes.length;
}

/**
 * The posterior by plain enumeration, written apart: every set of one or two faults with every pair of moments at which
 * handling may have removed them, multiplied out in probabilities, with the plain model's likelihoods and no filtering.
 */
export function enumeratePosterior(
  machine: Machine,
  log: readonly EvidenceStep[],
  space: HypothesisSpace,
): Map<string, number> {
  const steps = withoutRepeats(log).filter(({ outcome }) => outcome !== 'could-not');
  const likelihood = (step: EvidenceStep, ...there: Variant[]) =>
    step.outcome === 'not-sure'
      ? 1
      : likelihoodOf(
          step,
          machine,
          there.map(({ present }) => present),
        );
  const none = steps.map((step) => likelihood(step));
  const one = space.variants.map((v) => steps.map((step) => likelihood(step, v)));
  const cures = space.variants.map(({ fault }) =>
    steps.map((step) => cureProbability(fault, { ...step.trial, handling: step.handling })),
  );
  const goes = (v: number, at: number) =>
    steps.reduce(
      (probability, _, k) => probability * (k < at ? 1 - (cures[v]?.[k] ?? 0) : k === at ? (cures[v]?.[k] ?? 0) : 1),
      1,
    );
  const weights = new Map<string, number>();
  let total = 0;
  for (let h = 0; h < space.first.length; h++) {
    const [a = 0, b = NONE] = [space.first[h], space.second[h]];
    const [x, y] = [space.variants[a], space.variants[b]];
    if (!x) continue;
    const both = y ? steps.map((step) => likelihood(step, x, y)) : none;
    let weight = 0;
    for (let atA = 0; atA <= steps.length; atA++)
      for (let atB = 0; atB <= (y ? steps.length : 0); atB++) {
        const history = goes(a, atA) * (y ? goes(b, atB) : 1);
        if (history === 0) continue;
        const seen = steps.map((_, k) => {
          const [thereA, thereB] = [k < atA, y !== undefined && k < atB];
          return (thereA ? (thereB ? both[k] : one[a]?.[k]) : thereB ? one[b]?.[k] : none[k]) ?? 0;
        });
        weight += seen.reduce((p, q) => p * q, history);
      }
    weight *= space.prior[h] ?? 0;
    total += weight;
    for (const fault of y ? [x.fault, y.fault] : [x.fault])
      weights.set(fault.id, (weights.get(fault.id) ?? 0) + weight);
  }
  return new Map([...weights].map(([id, weight]) => [id, weight / total]));
}
