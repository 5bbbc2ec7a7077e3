import { listOf } from '../../wording';
import { crowdsSlot, goesBackWithCard, nameInWords, placementOf } from '../../machine';
import { formatTrialId } from '../../trials';
import { isComplaintGone, reproducedComplaint } from '../belief/complaint';
import type { DiagnosisInput } from '../evidence-step';
import { forecastTrial } from '../planning/joint-probabilities';
import type { Proposal } from '../planning/propose';
import { sureEnough } from './how-sure';
import { lastStart, partsAway, repairsDone } from './log-facts';
import { canBeDone, type Advice, type Situation } from './situation';
import { quickFirst } from './while-it-runs';

/** What was taken away for a test and is innocent goes home. */

/** What was away and is not the cause goes home: all in one go where that will do no harm, else one thing at a time. */
export function putBackInnocent(situation: Situation): Advice | null {
  const { input, repairs, plan } = situation;
  const away = partsAway(input).filter((id) => id !== repairs[0]?.repairClass.part.id || isMendedElsewhere(situation));
  const innocents = away.filter(
    (part) => !failsWith(situation, formatTrialId({ kind: 'back', part })) && !isSlotTaken(input, part),
  );
  if (goesBackAtOnce(situation, innocents))
    return quickFirst(situation, {
      kind: 'put-back',
      trialId: allBack,
      why: `${asItIsNow(input)}, and what is away is not the cause. Put it all back in one go.`,
    });
  const ids = innocents.map((part) => formatTrialId({ kind: 'back', part }));
  const next = ids.find((id) => canBeDone({ plan }, id));
  if (next !== undefined)
    return quickFirst(situation, {
      kind: 'put-back',
      trialId: next,
      why: `${asItIsNow(input)}. Put back what was taken out or moved, one thing at a time.`,
    });
  return innocents.length === 0 ? null : runsWithout(situation, innocents);
}

const allBack = formatTrialId({ kind: 'all-back' });
/** So likely, 0 to 1, must it run with all of it back: if it did not, one would not know with which. */
const surelyRuns = 0.9;

function goesBackAtOnce(situation: Situation, innocents: readonly string[]): boolean {
  const { machine, configuration } = situation.input;
  const homecoming = situation.plan.proposals.find(({ trial }) => trial.id === allBack);
  if (!homecoming || !canBeDone(situation, allBack)) return false;
  const parts = machine.parts.filter(({ id }) =>
    homecoming.trial.changes.some((change) => change.kind === 'place' && change.part === id),
  );
  return (
    parts.every((part) => innocents.includes(part.id) || goesBackWithCard(machine, configuration, part)) &&
    chanceToFail(situation, homecoming) <= 1 - surelyRuns
  );
}

/** The likeliest repair was carried out while its part stood in another place: where it belongs it has yet to work. */
function isMendedElsewhere({ input, repairs: [top] }: Situation): boolean {
  if (!top || !repairsDone(input).has(top.repairClass.id)) return false;
  const placement = placementOf(input.configuration, top.repairClass.part.id);
  return placement.state === 'moved' && placement.spare !== true;
}

/** Where it was found another module stands, which has to go home first. */
const isSlotTaken = ({ machine, configuration }: DiagnosisInput, part: string): boolean =>
  crowdsSlot(machine, configuration, [{ kind: 'place', part, to: { state: 'as-found' } }]);

const asItIsNow = (input: DiagnosisInput): string =>
  lastStart(input) === 'works' ? 'It runs like this' : 'The complaint is gone';

/** It ends with parts left out: they cannot go back, or it would stop again. */
export function runsWithout({ input }: Situation, partIds: readonly string[]): Advice {
  const names = input.machine.parts.filter(({ id }) => partIds.includes(id)).map(nameInWords);
  const [them, stay] = names.length > 1 ? ['them', 'they stay'] : ['it', 'it stays'];
  const why = `${asItIsNow(input)}, without ${listOf(names)}. Put ${them} back as soon as that can be done, or note why ${stay} out.`;
  return { kind: 'undecided', trialId: null, why };
}

/** So likely, 0 to 1, must the complaint come back with a part that this part waits until the cause is repaired. */
const surelyFails = 0.8;

/** Two that are each innocent may not go together: the cause is known well enough, and with this one back in it would stop again. */
function failsWith(situation: Situation, trialId: string): boolean {
  const { plan, repairs } = situation;
  const [top] = repairs;
  const proposal = plan.proposals.find(({ trial }) => trial.id === trialId);
  if (!proposal || !top || top.probability < sureEnough(top.repairClass)) return false;
  return chanceToFail(situation, proposal) > surelyFails;
}

/** Probability that a start shows no more than the complaint did; 0 where there is none. */
function chanceToFail({ input, plan }: Situation, { trial, forecast }: Proposal): number {
  const complaint = reproducedComplaint(input.steps);
  if (complaint === null) return 0;
  const { probabilities } = forecast ?? forecastTrial(plan.jointOf(trial));
  const fails = probabilities.filter(
    (_, o) => isComplaintGone(complaint, { trial, outcome: trial.outcomes[o]?.id ?? '' }) === false,
  );
  return sumOf(fails) / sumOf(probabilities);
}

const sumOf = (probabilities: Float64Array): number => probabilities.reduce((sum, p) => sum + p, 0);
