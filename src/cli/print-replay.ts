import type { ReplayedCase, ReplayTurn } from '../core/practice';
import { CAUTIONS } from '../core/trials';
import { counted, percent } from '../core/wording';

/** A replayed case as a person reads it: each piece of advice as the card says it, what was seen, what is thought then. */
export function printReplay({ machine, faults, reported, turns, left }: ReplayedCase): string {
  const last = turns.at(-1);
  const end = last?.advice.trial ? 'Given up: the advice did not end.' : `Ends: ${last?.advice.kind ?? 'nothing'}.`;
  const rest = left.length > 0 ? `Still in the machine: ${left.join(', ')}.` : 'No fault is left.';
  return [
    `${machine}, with ${faults.join(' and ')}`,
    `The owner: "${reported}"`,
    ...turns.flatMap((turn, index) => ['', ...turnLines(turn, index + 1)]),
    '',
    `${end} ${rest} ${counted(turns.length - 1, 'trial', 'trials')}, ${minutes(last?.minutes ?? 0)}.`,
    '',
  ].join('\n');
}

const minutes = (value: number): string => `${value.toFixed(1)} min`;

function turnLines({ advice, seen, minutes: total, suspects, doubts }: ReplayTurn, number: number): string[] {
  const { trial, kind, why } = advice;
  const head = `${String(number).padStart(2)}  [${kind}] ${why}`;
  if (!trial) return [head];
  return [
    head,
    `    ${trial.title} (${minutes(trial.minutes)}, ${minutes(total)} so far)`,
    ...trial.steps.map((step) => `      - ${step}`),
    ...trial.cautions.map((id) => `      ! ${CAUTIONS[id]}`),
    ...(trial.wait ? [`      wait ${trial.wait.seconds} s: ${trial.wait.reason}`] : []),
    `    Seen: ${seen ?? ''}`,
    `    Now: ${suspects.map(({ title, probability }) => `${percent(probability)} ${title}`).join(' · ')}`,
    ...doubts.map((doubt) => `    Doubtful: ${doubt}`),
  ];
}
