import type { CaseState } from '../core/casework';
import type { Diagnosis, StrategyPrice } from '../core/diagnosis';

const percent = (probability: number): string =>
  probability < 0.01 ? 'under 1 %' : `${Math.round(100 * probability)} %`;

/** The entry of an event in a few words. */
function wordsOf(state: CaseState, eventId: string): string {
  const event = state.entries.find((entry) => entry.event.id === eventId)?.event;
  return event?.kind === 'trial-done' ? `${event.trial} = ${event.outcome}` : 'what the owner says';
}

const signed = (decibans: number): string => `${decibans < 0 ? '' : '+'}${decibans.toFixed(1)}`.padStart(6);

function stopLine({ test, saves, costNow }: Diagnosis['stopRule']): string {
  if (test === null) return 'No test at hand tells the rest apart.';
  return saves > 0
    ? `One more test pays: it saves ${saves.toFixed(1)} of an expected ${costNow.toFixed(1)}.`
    : 'Testing on costs more than it saves.';
}

interface Printed {
  readonly diagnosis: Diagnosis;
  readonly prices: readonly StrategyPrice[];
  readonly state: CaseState;
}

/** The diagnosis as lines for a terminal. */
export function printDiagnosis({ diagnosis, prices, state }: Printed): string {
  const lines = [
    `${state.machine.name}: "${state.opened.complaint}"`,
    '',
    ...suspectLines(diagnosis),
    '',
    ...evidenceLines(diagnosis, state),
    '',
    ...adviceLines(diagnosis),
    ...doubtLines(diagnosis, state),
    stopLine(diagnosis.stopRule),
    '',
    ...orderLines(prices),
    '',
    ...insteadLines(diagnosis),
  ];
  return `${lines.join('\n')}\n`;
}

function suspectLines({ suspects, together, rightProbability }: Diagnosis): string[] {
  const rows = suspects.slice(0, 10).map(({ probability, title, fault, confirmation }) => {
    const proof = confirmation === 'suggested' ? '' : `  ${confirmation}`;
    return `  ${percent(probability).padStart(9)}  ${title}  [${fault}]${proof}`;
  });
  const joint = together.map(
    ({ title, titles, probability }) => `  ${percent(probability).padStart(9)}  both: ${titles.join(' + ')} (${title})`,
  );
  return ['Suspects', ...rows, ...joint, `  right as it stands: ${percent(rightProbability)}`];
}

function evidenceLines({ suspects }: Diagnosis, state: CaseState): string[] {
  const rows = suspects
    .slice(0, 2)
    .flatMap(({ title, priorDecibans, priorSource, evidence }) => [
      `  ${title}: ${signed(priorDecibans)} before (${priorSource})`,
      ...evidence
        .filter(({ decibans }) => Math.abs(decibans) >= 0.1)
        .map(({ eventId, decibans }) => `    ${signed(decibans)}  ${wordsOf(state, eventId)}`),
    ]);
  return ['Evidence on the first two, in decibans', ...rows];
}

function adviceLines({ advice }: Diagnosis): string[] {
  const head = `Do this now: ${advice.kind}. ${advice.why}`;
  const { trial } = advice;
  if (!trial) return [head];
  const outcomes = trial.outcomes.flatMap(({ probability, label, id, then }) => {
    if (probability === null || probability < 0.01) return [];
    const next = then ? `, then ${then.title} ${percent(then.probability)}` : '';
    return [`    ${percent(probability).padStart(9)}  ${label}  [${id}]${next}`];
  });
  return [head, `  ${trial.title}  [${trial.id}], about ${trial.minutes.toFixed(1)} min`, ...outcomes];
}

function doubtLines({ doubts, surprise }: Diagnosis, state: CaseState): string[] {
  const rows = doubts.map(
    ({ eventId, probability }) => `Doubtful: ${wordsOf(state, eventId)}, ${percent(probability)} likely given the rest`,
  );
  return surprise.isUnusual ? [...rows, 'The record as a whole is unusual for this model.'] : rows;
}

function orderLines(prices: readonly StrategyPrice[]): string[] {
  const rows = prices.map(({ strategy, minutes, extraMinutes, next }) => {
    const id = next ? `  [${next.trial}]` : '';
    const time = `${minutes.toFixed(0).padStart(4)} min, +${extraMinutes.toFixed(0)}`;
    return `  ${strategy.padEnd(11)} ${time}  next: ${next?.title ?? 'nothing tells'}${id}`;
  });
  return ['By other orders, from here', ...rows];
}

function insteadLines({ alternatives }: Diagnosis): string[] {
  const rows = alternatives
    .slice(0, 6)
    .map(({ bits, minutes, title, id }) => `  ${bits.toFixed(3)} bits in ${minutes.toFixed(1)} min  ${title}  [${id}]`);
  return ['Instead', ...rows];
}
