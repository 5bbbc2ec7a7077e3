import type { CaseState } from '../core/casework';
import type { Diagnosis } from '../core/diagnosis';

const percent = (probability: number): string =>
  probability < 0.01 ? 'under 1 %' : `${Math.round(100 * probability)} %`;

/** The entry of an event in a few words. */
function wordsOf(state: CaseState, eventId: string): string {
  const event = state.entries.find((entry) => entry.event.id === eventId)?.event;
  return event?.kind === 'trial-done' ? `${event.trial} = ${event.outcome}` : 'what was told';
}

/** The diagnosis as lines for a terminal. */
export function printDiagnosis({ diagnosis, state }: { diagnosis: Diagnosis; state: CaseState }): string {
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
    '',
    'Instead',
    ...alternatives
      .slice(0, 6)
      .map((t) => `  ${t.bits.toFixed(3)} bits in ${t.minutes.toFixed(1)} min  ${t.title}  [${t.id}]`),
  ];
  return `${lines.join('\n')}\n`;
}
