import type { Configuration, Machine } from '../machine';
import { attemptDoubt, missingBreaks, stopsAt, type Break, type StartDepth } from './break';
import { linkIndex, type LinkId } from './link';
import { START_OUTCOMES, startOutcomeIndex, type StartDistribution } from './start-outcome';

const works = startOutcomeIndex('works');

/**
 * The generative start-up model: probabilities of what is seen when a machine with these breaks is started.
 * Walks the chain; the first link that fails decides, later links are not reached.
 * Returns probabilities over START_OUTCOMES that sum to 1. Breaks at "load" count when the watch goes on to load, or by
 * how often they stop a start already. A spare in place may be bad itself, unless spares are to be trusted.
 */
export function expectStart(
  machine: Machine,
  configuration: Configuration,
  breaks: readonly Break[],
  { depth = 'start', trustSpares = false }: { depth?: StartDepth; trustSpares?: boolean } = {},
): StartDistribution {
  const seen = walk([...missingBreaks(machine, configuration), ...breaks], depth);
  const doubt = trustSpares ? null : attemptDoubt(machine, configuration);
  return doubt ? seen.map((p, o) => (1 - doubt.probability) * p + doubt.probability * (doubt.shows[o] ?? 0)) : seen;
}

function walk(breaks: readonly Break[], depth: StartDepth): StartDistribution {
  const seen = new Float64Array(START_OUTCOMES.length);
  let reached = 1;
  for (const stop of inChainOrder(breaks)) {
    const stopped = reached * stopsAt(stop, depth);
    for (let i = 0; i < seen.length; i++) seen[i] = (seen[i] ?? 0) + stopped * (stop.shows[i] ?? 0);
    reached -= stopped;
  }
  seen[works] = (seen[works] ?? 0) + reached;
  return seen;
}

const inChainOrder = (breaks: readonly Break[]): Break[] =>
  [...breaks].sort((a, b) => linkIndex(a.link) - linkIndex(b.link));

/** Probability, 0 to 1, that a start gets past a link, whatever may stop it later. */
export function probabilityToPass(
  machine: Machine,
  configuration: Configuration,
  breaks: readonly Break[],
  link: LinkId,
): number {
  return [...missingBreaks(machine, configuration), ...breaks]
    .filter((stop) => linkIndex(stop.link) <= linkIndex(link))
    .reduce((probability, stop) => probability * (1 - stop.probability), 1);
}
