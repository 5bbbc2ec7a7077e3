/** One result that a person can tell from the others. */
export interface OutcomeOption {
  readonly id: string;
  readonly label: string;
}
