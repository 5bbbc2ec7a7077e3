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

/** The diagnosis as lines for a terminal. */
export function printDiagnosis({
  diagnosis,
  prices,
  state,
}: {
  readonly diagnosis: Diagnosis;
  readonly prices: readonly StrategyPrice[];
  readonly state: CaseState;
}): string {
  const { suspects, advice, alternatives, rightProbability } = diagnosis;
  const lines = [
    `${state.machine.name}: "${state.opened.complaint}"`,
    '',
    'Suspects',
    ...suspects
      .slice(0, 10)
      .map(
        (s) =>
          `  ${percent(s.probability).padStart(9)}  ${s.title}  [${s.fault}]${s.confirmation === 'suggested' ? '' : `  ${s.confirmation}`}`,
      ),
    `  right as it stands: ${percent(rightProbability)}`,
    '',
    'Evidence on the first two, in decibans',
    ...suspects
      .slice(0, 2)
      .flatMap((s) => [
        `  ${s.title}: ${signed(s.priorDecibans)} before (${s.priorSource})`,
        ...s.evidence
          .filter(({ decibans }) => Math.abs(decibans) >= 0.1)
          .map(({ eventId, decibans }) => `    ${signed(decibans)}  ${wordsOf(state, eventId)}`),
      ]),
    '',
    `Do this now: ${advice.kind}. ${advice.why}`,
    ...(advice.trial
      ? [`  ${advice.trial.title}  [${advice.trial.id}], about ${advice.trial.minutes.toFixed(1)} min`]
      : []),
    ...(advice.trial?.outcomes ?? [])
      .filter((o) => o.probability >= 0.01)
      .map(
        (o) =>
          `    ${percent(o.probability).padStart(9)}  ${o.label}  [${o.id}]${o.then ? `, then ${o.then.title} ${percent(o.then.probability)}` : ''}`,
      ),
    ...diagnosis.doubts.map(
      ({ eventId, probability }) =>
        `Doubtful: ${wordsOf(state, eventId)}, ${percent(probability)} likely given the rest`,
    ),
    ...(diagnosis.surprise.isUnusual ? ['The record as a whole is unusual for this model.'] : []),
    stopLine(diagnosis.stopRule),
    '',
    'By other orders, from here',
    ...prices.map(
      ({ strategy, minutes, extraMinutes, next }) =>
        `  ${strategy.padEnd(11)} ${minutes.toFixed(0).padStart(4)} min, +${extraMinutes.toFixed(0)}  next: ${next?.title ?? 'nothing tells'}${next ? `  [${next.trial}]` : ''}`,
    ),
    '',
    'Instead',
    ...alternatives
      .slice(0, 6)
      .map((t) => `  ${t.bits.toFixed(3)} bits in ${t.minutes.toFixed(1)} min  ${t.title}  [${t.id}]`),
  ];
  return `${lines.join('\n')}\n`;
}
