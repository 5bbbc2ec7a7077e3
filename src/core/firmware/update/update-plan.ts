/** One installation on the way, and why it is needed. */
export interface UpdateStep {
  readonly version: string;
  readonly why: string;
}

export interface RuledOut {
  readonly version: string;
  readonly why: string;
}

export interface Planned {
  readonly kind: 'plan';
  /** In order; empty where nothing is to be done. */
  readonly steps: readonly UpdateStep[];
  readonly target: string;
  readonly why: string;
  /** Newer or better-looking releases, and why they are not the target. */
  readonly ruledOut: readonly RuledOut[];
  /** What is on the board now is not known: the version is to be read after the first flash, and planned again. */
  readonly readAfterFirst?: true;
}

export interface NoPlan {
  readonly kind: 'none';
  readonly why: string;
  readonly ruledOut: readonly RuledOut[];
  /** The best that can be had without what bars the way, where there is anything. */
  readonly instead?: Planned;
}

export type UpdatePlan =
  | Planned
  | NoPlan
  | {
      readonly kind: 'ask';
      readonly question: string;
      /** What would be done for each answer. */
      readonly answers: readonly { readonly versions: readonly string[]; readonly plan: UpdatePlan }[];
    };
