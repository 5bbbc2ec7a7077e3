import type { Trial } from '../../trials';
import type { DiagnosisInput } from '../evidence-step';
import { entropyBits } from './information';
import { JointScratch, jointChances, tell, type JointChances, type Told } from './joint-chances';
import type { LiveWays } from './live-ways';
import type { ModelBook, ReadyTrial } from '../model/model-book';
import { knownAlready } from '../belief/same-evidence';

/** A trial that could be done next, what it would tell and what it takes. */
export interface Proposal {
  readonly trial: Trial;
  /** Minutes from the machine as it stands, set-up counted. */
  readonly minutes: number;
  /** What it would tell about repair classes; 0 where it commits, or would only repeat what is known. */
  readonly bits: number;
  /** What it would tell if nothing like it had been seen yet. */
  readonly bitsIfNew: number;
  /** Null for what commits or is known: its outcomes are reckoned only when they are asked for. */
  readonly told: Told | null;
  /** Tools and spares that it needs and that are not at hand. */
  readonly lacks: readonly string[];
}

/** Everything that can be proposed, and the means to look closer at one trial. */
export interface Plan {
  readonly live: LiveWays;
  /** Entropy of the repair classes: all that tests could tell, in bits. */
  readonly openBits: number;
  /** By information per minute, best first; a trial that tells nothing new comes last with 0 bits. */
  readonly proposals: readonly Proposal[];
  /** Joint chances of class and outcome of one trial; good until the next call. */
  readonly jointOf: (trial: Trial) => JointChances;
}

/** A technician's eyes: chance of misreading an outcome. Starting judgement. */
export const technicianMisreads = 0.015;

/** A repair so unlikely tells less than a start with a change must; see worthTheChange. */
const tooUnlikelyToMend = 0.0002;

/** Weighs every trial that is possible now, from what is believed now. */
export function planTrials(input: DiagnosisInput, live: LiveWays, book: ModelBook): Plan {
  const scratch = new JointScratch();
  const ready = book.trialsIn(input.configuration);
  const joint = ({ model, pass }: ReadyTrial): JointChances =>
    jointChances(live, model, pass, technicianMisreads, scratch);
  const known = knownAlready(input.steps);
  const weightOf = new Map(live.classIds.map((id, row) => [id, live.classWeights[row] ?? 0]));
  const weighed = ready.map((one): Proposal => {
    const { trial, stateKey } = one;
    const minutes = input.caseOpen ? one.minutesOpen : one.minutesClosed;
    const lacks = lacksOf(trial, input);
    const isKnown = known(trial, stateKey);
    const isVain = trial.repair !== null && (weightOf.get(trial.repair.id) ?? 0) < tooUnlikelyToMend;
    if (trial.commits || isVain || (isKnown && !isPlain(trial)))
      return { trial, minutes, bits: 0, bitsIfNew: 0, told: null, lacks };
    const told = tell(joint(one));
    return { trial, minutes, bits: isKnown ? 0 : told.bits, bitsIfNew: told.bits, told, lacks };
  });
  const proposals = withoutDisguisedStarts(weighed).sort((a, b) => b.bits / b.minutes - a.bits / a.minutes);
  const byTrial = new Map(ready.map((one) => [one.trial, one]));
  const jointOf = (trial: Trial): JointChances => {
    const one = byTrial.get(trial);
    if (!one) throw new Error(`${trial.id}: expected a trial of this plan`);
    return joint(one);
  };
  return { live, openBits: entropyBits(live.classWeights), proposals, jointOf };
}

/** What a trial needs that is not at hand. */
export function lacksOf({ tools, spares }: Trial, { lacking }: Pick<DiagnosisInput, 'lacking'>): string[] {
  if (!lacking) return [];
  return [
    ...tools.filter((tool) => lacking.tools.includes(tool)),
    ...spares.filter((kind) => lacking.spares.includes(kind)).map((kind) => `spare ${kind}`),
  ];
}

/** A start of the machine as it stands, against which all others are held. */
const isPlain = ({ id }: Trial): boolean => id === 'start' || id === 'run-under-load';

/** Bits by which a changed start must beat a plain one to be worth its change. */
const worthTheChange = 0.003;

/** A start with a change that tells no more than a plain start to the same depth tells nothing by its change. */
function withoutDisguisedStarts(proposals: readonly Proposal[]): Proposal[] {
  const depthOf = ({ trial }: Proposal) => (trial.observe.kind === 'start' ? trial.observe.depth : null);
  const plain = proposals.filter(({ trial }) => isPlain(trial));
  return proposals.map((proposal) => {
    const depth = depthOf(proposal);
    const bare = plain.find((p) => depth !== null && depthOf(p) === depth);
    const isDisguised = bare && bare !== proposal && proposal.bitsIfNew - bare.bitsIfNew < worthTheChange;
    return isDisguised ? { ...proposal, bits: 0 } : proposal;
  });
}
