import { describeChanges, nameOf, type Machine } from '../../machine';
import { misreadProbabilityOf, recommendedWait, type OutcomeOption, type Trial } from '../../trials';
import { observedStart } from '../belief/complaint';
import type { RankedSuspects } from '../belief/suspects';
import type { Replay } from '../belief/replay';
import type { OutcomeView, TrialView } from '../diagnosis';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import { rightClass } from './active-hypotheses';
import { forecastSuspects } from './forecast-suspects';
import { forecastTrial } from './joint-probabilities';
import type { Plan, Proposal } from './propose';

/** Turns proposals into what is shown of them; what is read at a glance is forecast to the figure of the list. */
export function viewOf(
  { machine, steps }: DiagnosisInput,
  { plan, known }: { readonly plan: Plan; readonly known: Replay },
  ranked: RankedSuspects,
): (proposal: Proposal, isShown: boolean) => TrialView {
  const isFirstAfterFlash = awaitsFirstStart(steps);
  const foresee = foreseen(machine, plan, known, ranked);
  return (proposal, isShown) => {
    const { trial, minutes, bits, lacks, blocked } = proposal;
    const { probabilities, then } = foresee(proposal, isShown);
    return {
      id: trial.id,
      title: trial.title,
      purpose: trial.purpose,
      steps: trial.steps,
      cautions: trial.cautions,
      tools: trial.tools,
      spares: trial.spares,
      kind: trial.observe.kind,
      isUnderLoad: isUnderLoad(trial),
      limits: limitsOf(trial),
      changes: describeChanges(machine, trial.changes),
      touches: touchesOf(trial),
      wait: recommendedWait(machine, trial, { isFirstAfterFlash }),
      lacks,
      blocked,
      minutes,
      bits,
      outcomes: offered(machine, trial.outcomes, probabilities).map(({ o, id, label, probability }) => ({
        id,
        label,
        probability,
        then: then(o),
      })),
    };
  };
}

/** The outcomes that can be seen in this machine; what the others would get by mistake goes to the first. They sum to 1. */
function offered({ parts }: Machine, outcomes: readonly OutcomeOption[], probabilities: ArrayLike<number> | null) {
  const canBeSeen = ({ withPart }: OutcomeOption): boolean =>
    !withPart || parts.some(({ kind }) => withPart.includes(kind));
  const lost = outcomes.reduce((sum, one, o) => sum + (canBeSeen(one) ? 0 : (probabilities?.[o] ?? 0)), 0);
  return outcomes.flatMap((one, o) => {
    const probability = probabilities === null ? null : (probabilities[o] ?? 0) + (o === 0 ? lost : 0);
    return canBeSeen(one) ? [{ o, id: one.id, label: one.label, probability }] : [];
  });
}

const isUnderLoad = ({ observe }: Trial): boolean => observe.kind === 'start' && observe.depth === 'load';

/** What a list shows of a trial that is not in hand. */
export const briefOf = ({ trial, minutes, bits, lacks, blocked }: Proposal): TrialView => ({
  id: trial.id,
  title: trial.title,
  kind: trial.observe.kind,
  isUnderLoad: isUnderLoad(trial),
  tools: trial.tools,
  spares: trial.spares,
  limits: limitsOf(trial),
  lacks,
  blocked,
  minutes,
  bits,
  purpose: '',
  steps: [],
  cautions: [],
  changes: '',
  touches: [],
  wait: null,
  outcomes: [],
});

/** What each outcome would leave: "fixed", or the first of the list of suspects with the figure that it will have. */
function foreseen(
  machine: Machine,
  { live, jointOf }: Plan,
  { space, belief }: Replay,
  { suspects, spent }: RankedSuspects,
) {
  const titles = new Map([...suspects].reverse().map(({ fault }) => [fault.repairClass.id, fault.title]));
  return ({ trial, forecast, watched, blocked }: Proposal, isShown: boolean) => {
    if (!forecast && blocked !== null) return { probabilities: null, then: () => null };
    const { probabilities, leaders, leads } = forecast ?? forecastTrial(jointOf(trial));
    const first = isShown
      ? forecastSuspects(space, belief, watched(), { misreadProbability: misreadProbabilityOf(trial), spent })
      : null;
    const then = (o: number): OutcomeView['then'] => {
      const id = live.classIds[leaders[o] ?? 0] ?? rightClass;
      const probability = leads[o] ?? 0;
      if (id === rightClass) return { title: 'fixed', probability };
      const suspect = first?.[o];
      if (suspect)
        return {
          title: space.faults[suspect.fault]?.title ?? '',
          probability: suspect.probability,
          part: { name: nameOf(machine, suspect.part.id), probability: suspect.part.probability },
        };
      const title = titles.get(id);
      return title ? { title, probability } : null;
    };
    return { probabilities, then };
  };
}

/** Firmware was written and nobody has started it since. */
function awaitsFirstStart(steps: readonly EvidenceStep[]): boolean {
  const flashed = steps.findLastIndex(({ handling }) => handling.some(({ act }) => act === 'flash'));
  return flashed > steps.findLastIndex((step) => observedStart(step) !== null);
}

function touchesOf({ part, changes, repair }: Trial): string[] {
  const changed = changes.flatMap((change) => (change.kind === 'place' ? [change.part] : []));
  return [...new Set([...(part ? [part.id] : []), ...(repair ? [repair.part.id] : []), ...changed])];
}

function limitsOf(trial: Trial): TrialView['limits'] {
  if (trial.observe.kind !== 'measure') return null;
  const { lowVolts, highVolts, nominalVolts } = trial.observe.quantity;
  return { lowVolts, highVolts, nominalVolts };
}
