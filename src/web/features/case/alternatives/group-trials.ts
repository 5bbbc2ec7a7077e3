import type { TrialView } from '../../../../core/diagnosis';
import { parseTrialId } from '../../../../core/trials';

/** Kinds of test as a bench tells them apart, in the order in which they are listed. */
export const TRIAL_GROUPS = ['Look', 'Measure', 'Start', 'Swap', 'Repair'] as const;
export type TrialGroup = (typeof TRIAL_GROUPS)[number];

/** Below this, in bits, a trial has no new information worth saying. */
export const noInformation = 0.004;

const groupOf = ({ id, kind }: TrialView): TrialGroup => {
  if (kind === 'look') return 'Look';
  if (kind === 'measure') return 'Measure';
  const ref = parseTrialId(id)?.kind;
  return ref === 'repair' ? 'Repair' : ref === 'spare' || ref === 'load-with-spare' ? 'Swap' : 'Start';
};

export interface GroupedTrials {
  /** Those worth a look, by group, each in the order in which they came; empty groups are left out. */
  readonly groups: readonly { readonly group: TrialGroup; readonly trials: readonly TrialView[] }[];
  /** Those without new information now. */
  readonly folded: readonly TrialView[];
}

/** Trials whose title has every word that is searched for. Without a search, those without new information are set apart. */
export function groupTrials(trials: readonly TrialView[], search: string): GroupedTrials {
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const found = trials.filter(({ title }) => words.every((word) => title.toLowerCase().includes(word)));
  const isFolded = ({ bits, blocked }: TrialView) => words.length === 0 && blocked === null && bits < noInformation;
  const open = found.filter((trial) => !isFolded(trial));
  const groups = TRIAL_GROUPS.map((group) => ({ group, trials: open.filter((trial) => groupOf(trial) === group) }));
  return { groups: groups.filter((one) => one.trials.length > 0), folded: found.filter(isFolded) };
}
