export type Severity = 'bad' | 'warning' | 'note';

export interface Reason {
  readonly code: string;
  readonly severity: Severity;
  readonly message: string;
  /** What to do about it; empty where there is nothing to do. */
  readonly fix: string;
}

export const reasonOf =
  (severity: Severity) =>
  (code: string, message: string, fix = ''): Reason => ({ code, severity, message, fix });
export const bad = reasonOf('bad');
export const warning = reasonOf('warning');
export const note = reasonOf('note');

export const isBad = ({ severity }: Reason): boolean => severity === 'bad';
