import type { Reason } from '../core/firmware';

/** Reasons, one a line. */
export const lines = (reasons: readonly Reason[]): string[] =>
  reasons.map(({ severity, message, fix, code }) => `  ${severity}: ${message}${fix ? ` ${fix}` : ''} [${code}]`);
