import { outputFromWall, planOf, shareLeft, sheetProblems, trialQuantityOf } from '../power';
import type { EvidenceStep } from '../diagnosis';
import { findTrial, formatTrialId, gradeReading, misreadProbabilityOf } from '../trials';
import type { CaseState } from './case-state';
import type { PowerMeasured, PowerNoted, PowerReading, WallTrace } from './event';
import { sheetInForce, withPower } from './power-of-case';
import { advance, refuse, type Stepped } from './stepped';

/** What draws and what feeds it: from then on faults of supply and leads are as likely as that makes them. */
export function notePower(state: CaseState, event: PowerNoted): Stepped {
  const [problem] = sheetProblems(event.sheet);
  if (problem) return refuse(['sheet', ...problem.path], problem.code, problem.message);
  const { own, spare } = state.power;
  const { consumers } = event.sheet;
  const other = event.of === 'spare' ? own : spare;
  // One machine draws the same from either.
  const shared = other && { ...other, consumers };
  const power =
    event.of === 'spare'
      ? { ...state.power, spare: event.sheet, own: shared ?? { consumers } }
      : { ...state.power, own: event.sheet, spare: shared };
  const machine = withPower(state.machine, power);
  const step = event.of === 'spare' ? null : stepOfLeads({ ...state, machine, power }, event.id);
  // What was drawn before is corrected by this, not confirmed.
  const before = state.entries.flatMap(({ event: { kind, id } }) => (kind === 'power-noted' ? [id] : []));
  const others = step ? state.steps.filter(({ id }) => !before.includes(id)) : state.steps;
  return advance({ ...state, power, machine, steps: step ? [...others, step] : others });
}

/** Leads that were drawn were looked at. */
function stepOfLeads(state: CaseState, id: string): EvidenceStep | null {
  const card = state.machine.parts.find(({ kind, loose }) => kind === 'card' && !loose);
  const plan = state.power.own && planOf(state.power.own);
  const leads = state.machine.power?.own?.leads ?? null;
  const feedsCard = plan?.leads.some(
    ({ kind, consumer, connector }) =>
      kind === 'input' &&
      connector !== 'card-slot' &&
      plan.consumers.some((one) => one.id === consumer && one.kind === 'graphics-card'),
  );
  if (!card || leads === null || !feedsCard) return null;
  const step = stepOf(state, id, formatTrialId({ kind: 'look', look: 'card-leads', part: card.id }));
  return (
    step && { ...step, outcome: leads === 'sound' ? 'separate' : 'split', misreadProbability: holdsAllTheSame[leads] }
  );
}

/** What is there need not be the fault: a chain may hold, and a sound lead may have been drawn wrongly. */
const holdsAllTheSame = { overloaded: 0.1, unsafe: 0.25, sound: 0.03 } as const;

/** A reading or a trace counts as the trial that takes it, where the machine has one. */
export function notePowerMeasured(state: CaseState, event: PowerMeasured): Stepped {
  const { reading, trace } = event;
  if ((reading === undefined) === (trace === undefined))
    return refuse(['reading'], 'one-of-two', 'expected a reading or a trace, found both or none');
  const step = reading ? stepOfReading(state, event.id, reading) : trace ? stepOfTrace(state, event.id, trace) : null;
  return advance({
    ...state,
    steps: step ? [...state.steps, step] : state.steps,
    power: { ...state.power, measured: [...state.power.measured, event] },
    stage: state.stage === 'waiting' ? 'on-bench' : state.stage,
  });
}

function stepOfReading(state: CaseState, id: string, { quantity, at, value }: PowerReading): EvidenceStep | null {
  const trialQuantity = trialQuantityOf(quantity, at);
  const part = supplyOf(state);
  // The wrong way round it says nothing of the voltage.
  const isReversed = quantity === 'adapter' && value < 0;
  if (!trialQuantity || !part || isReversed) return null;
  const step = stepOf(state, id, formatTrialId({ kind: 'measure', quantity: trialQuantity, part }));
  return step?.trial.observe.kind === 'measure'
    ? { ...step, outcome: gradeReading(step.trial.observe.quantity, value), volts: value }
    : null;
}

/** From this share of what the label leaves on, what was drawn is near it. */
const nearShare = 0.85;

/** What the supply gave at most, against its label: as the look at a wall meter under load says it. */
function stepOfTrace(state: CaseState, id: string, { readings, phases }: WallTrace): EvidenceStep | null {
  const part = supplyOf(state);
  const { sheet } = sheetInForce(state);
  const plan = sheet && planOf(sheet);
  const wasLoaded = phases.some(({ phase }) => loaded.includes(phase));
  if (!part || !plan?.supply || !wasLoaded) return null;
  const most = readings.reduce((peak, { watts }) => Math.max(peak, watts), 0);
  const { low, high } = outputFromWall(most, plan.supply.watts, plan.efficiency);
  const left = plan.supply.watts * shareLeft(plan.derating);
  const step = stepOf(state, id, formatTrialId({ kind: 'look', look: 'wall-meter-load', part }));
  return step && { ...step, outcome: (low + high) / 2 >= nearShare * left ? 'near' : 'below' };
}

const loaded: readonly string[] = ['graphics-load', 'processor-load', 'both', 'load', 'cut-out'];

const supplyOf = ({ machine }: CaseState): string | null =>
  machine.parts.find(({ kind, loose }) => (kind === 'supply' || kind === 'adapter') && !loose)?.id ?? null;

function stepOf({ machine, configuration }: CaseState, id: string, trialId: string): EvidenceStep | null {
  const trial = findTrial(machine, configuration, trialId);
  return (
    trial && {
      id,
      trial,
      configuration,
      handling: [],
      outcome: '',
      volts: null,
      misreadProbability: misreadProbabilityOf(trial),
    }
  );
}
