/** One result that a person can tell from the others. */
export interface OutcomeOption {
  readonly id: string;
  readonly label: string;
  /** Nobody sees it where it is not: a sighting that outweighs doubts. */
  readonly isPlain?: boolean;
}
