import { capitalized, listOf, plural } from '../wording';
import { nameInWords, type Configuration, type Machine } from '../machine';
import { START_OUTCOME_LABELS, startOutcomeIndex, type StartOutcome } from '../startup';
import { buildUpSteps, type BuildStep } from './build-up';

/** One step of the build-up with what was seen at it, and what that means. */
export interface BuildUpRow {
  readonly step: BuildStep;
  /** Outcomes that a sound machine shows here, likeliest first. */
  readonly expected: readonly StartOutcome[];
  /** What was seen last at this step; null if it was not made. */
  readonly seen: StartOutcome | null;
  readonly verdict: 'as-expected' | 'too-early' | 'further' | 'open';
  /** What follows, in a sentence; null while it is open. */
  readonly meaning: string | null;
}

/**
 * The build-up as a run: each step's expected signal beside what was seen. `seen` maps a step's id to the last outcome
 * of a start at it. As expected proves what was added; stopping short of it blames what was added; getting further
 * means that something else is in than was thought.
 */
export function buildUpRun(
  machine: Machine,
  configuration: Configuration,
  seen: Readonly<Partial<Record<BuildStep['id'], StartOutcome>>>,
): BuildUpRow[] {
  return buildUpSteps(machine, configuration).map((step) => {
    const expected = step.expect.map(({ outcome }) => outcome);
    const outcome = seen[step.id] ?? null;
    const verdict = verdictOf(expected, outcome);
    return { step, expected, seen: outcome, verdict, meaning: meaningOf(step, expected, verdict) };
  });
}

function verdictOf(expected: readonly StartOutcome[], seen: StartOutcome | null): BuildUpRow['verdict'] {
  if (seen === null) return 'open';
  if (expected.includes(seen)) return 'as-expected';
  const [likeliest] = expected;
  return likeliest && startOutcomeIndex(seen) > startOutcomeIndex(likeliest) ? 'further' : 'too-early';
}

function meaningOf(
  { adds }: BuildStep,
  [likeliest]: readonly StartOutcome[],
  verdict: BuildUpRow['verdict'],
): string | null {
  const added = listOf(adds.map(nameInWords));
  switch (verdict) {
    case 'open':
      return null;
    case 'as-expected':
      return `${capitalized(added)}: good so far.`;
    case 'too-early':
      return `It stops before the expected signal: suspect ${added}, or what ${plural(adds.length, 'it is', 'they are')} plugged into.`;
    case 'further':
      return `It gets further than ${likeliest ? `"${START_OUTCOME_LABELS[likeliest].toLowerCase()}"` : 'it should'}: see what else is still attached.`;
  }
}
