import { SILENT_OUTCOMES } from '../../../core/trials';
import type { OutcomeView, TrialView } from '../../../core/diagnosis';

/** At most this many outcomes are large buttons; the rest are behind "Something else was seen". */
const largeButtons = 4;
const likelyEnough = 0.04;

export interface OutcomeChoices {
  /** Likely ones: of a start the likeliest first, of a look in its order. */
  readonly likely: readonly OutcomeView[];
  readonly others: readonly OutcomeView[];
}

const likelihood = ({ probability }: OutcomeView) => probability ?? 0;
const likeliestFirst = (outcomes: readonly OutcomeView[]): OutcomeView[] =>
  [...outcomes].sort((a, b) => likelihood(b) - likelihood(a));

/** Splits a trial's outcomes into those worth a large button and the rest: more of them would hide what is to be done. */
export function splitOutcomes({ kind, outcomes }: TrialView): OutcomeChoices {
  if (kind !== 'start') return splitLook(outcomes);
  const ranked = likeliestFirst(outcomes);
  const works = ranked.find(({ id }) => id === 'works');
  const top = ranked.filter((outcome, i) => i < 2 || likelihood(outcome) >= likelyEnough).slice(0, largeButtons);
  // A start that works must always be one press away.
  const likely = works && !top.includes(works) ? [...top.slice(0, largeButtons - 1), works] : top;
  return { likely, others: outcomes.filter((outcome) => !likely.includes(outcome)) };
}

/** Those of a look keep their order: the sound one first, and with it the likeliest of the others. */
function splitLook(outcomes: readonly OutcomeView[]): OutcomeChoices {
  if (outcomes.length <= largeButtons) return { likely: outcomes, others: [] };
  const large = [...outcomes.slice(0, 1), ...likeliestFirst(outcomes.slice(1)).slice(0, largeButtons - 1)];
  return {
    likely: outcomes.filter((outcome) => large.includes(outcome)),
    others: outcomes.filter((outcome) => !large.includes(outcome)),
  };
}

/** What a digit key means on the trial card: likely outcomes first, then the silent ones. */
export function outcomeForKey(choices: OutcomeChoices, key: string): string | null {
  const index = Number(key) - 1;
  if (!Number.isInteger(index) || index < 0) return null;
  return [...choices.likely.map(({ id }) => id), ...SILENT_OUTCOMES.map(({ id }) => id)][index] ?? null;
}
