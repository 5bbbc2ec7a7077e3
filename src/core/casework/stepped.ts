import type { CaseState } from './case-state';
import type { Refusal } from './check-event';

/** What one event makes of a case: its next state, or why it does not fit. */
export type Stepped =
  { readonly ok: true; readonly state: CaseState } | { readonly ok: false; readonly refusal: Refusal };

export const advance = (state: CaseState): Stepped => ({ ok: true, state });
export const refuse = (path: Refusal['path'], code: string, message: string): Stepped => ({
  ok: false,
  refusal: { path, code, message },
});
export const notWaiting = { waitingFor: null, waitingUntil: null } as const;
