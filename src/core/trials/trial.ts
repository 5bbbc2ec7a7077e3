import type { Change, Part, PartKind } from '../machine';
import type { HandlingAct, RepairClass } from '../faults';
import type { StartDepth } from '../startup';
import type { CautionId } from './caution';
import type { Look } from './look';
import type { OutcomeOption } from './outcome-option';
import type { PowerNeed } from './power-need';
import type { Quantity } from './quantity';
import type { TrialRef } from './trial-id';

/** How a trial finds something out. */
export type Observation =
  | { readonly kind: 'start'; readonly depth: StartDepth }
  | { readonly kind: 'look'; readonly look: Look }
  | { readonly kind: 'measure'; readonly quantity: Quantity };

/** Handling of a part that may remove a fault without meaning to. */
export interface Handling {
  readonly act: HandlingAct;
  readonly part: string;
}

/** Outcomes that every trial has and that say nothing about the machine. */
export const SILENT_OUTCOMES = [
  { id: 'not-sure', label: 'Not sure' },
  { id: 'could-not', label: 'Could not do it' },
] as const satisfies readonly OutcomeOption[];

/** An experiment on one machine, ready to do. */
export interface Trial {
  readonly ref: TrialRef;
  /** `ref` as it stands in logs. */
  readonly id: string;
  readonly title: string;
  /** One sentence: why anybody would do it. */
  readonly purpose: string;
  readonly steps: readonly string[];
  readonly part: Part | null;
  readonly observe: Observation;
  /** What it changes in the configuration in force. */
  readonly changes: readonly Change[];
  readonly handling: readonly Handling[];
  /** The repair that it carries out, if it is one. */
  readonly repair: RepairClass | null;
  /** Writes, erases or buys: only when the cause is as good as certain. */
  readonly commits: boolean;
  /** Minutes of the trial itself, without setting up. */
  readonly minutes: number;
  readonly tools: readonly string[];
  readonly spares: readonly PartKind[];
  readonly cautions: readonly CautionId[];
  /** Null where it is done with nothing powered. */
  readonly needs: PowerNeed | null;
  /** The case must be open. */
  readonly inside: boolean;
  /** Exclusive; SILENT_OUTCOMES come on top. */
  readonly outcomes: readonly OutcomeOption[];
}

/** True for "not sure" and "could not do it". */
export const isSilent = (outcome: string): boolean => SILENT_OUTCOMES.some(({ id }) => id === outcome);

/** What doing a trial handles: putting a part back or somewhere else seats it again, whatever the trial was for. */
export function handlingOf({ handling }: Pick<Trial, 'handling'>, changes: readonly Change[]): Handling[] {
  const seated = changes.flatMap((change): Handling[] =>
    change.kind === 'place' && (change.to.state === 'as-found' || change.to.state === 'moved')
      ? [{ act: 'reseat', part: change.part }]
      : [],
  );
  const known = new Set(handling.map(({ act, part }) => `${act} ${part}`));
  return [...handling, ...seated.filter(({ act, part }) => !known.has(`${act} ${part}`))];
}
