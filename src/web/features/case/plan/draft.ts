import { foldCase, type CaseEvent, type CaseState } from '../../../../core/casework';
import { applyChanges, differ, type Change } from '../../../../core/machine';

/** The id under which what was changed on the plan stands at the end of the log, until it is written. */
export const draftEventId = 'draft';

/**
 * The log with the draft as if it were written, and the state that it leads to. Null where there is no draft, where it is
 * written already under `draftId`, or where it does not fit the log any more: then the log stands alone.
 */
export function withDraft(
  events: readonly CaseEvent[],
  draft: readonly Change[],
  draftId: string | null = null,
): { readonly events: readonly CaseEvent[]; readonly state: CaseState } | null {
  const last = events.at(-1);
  if (draft.length === 0 || !last || events.some(({ id }) => id === draftId)) return null;
  const written: CaseEvent = {
    kind: 'configuration-changed',
    id: draftEventId,
    at: last.at,
    by: last.by,
    changes: draft,
  };
  const all = [...events, written];
  const folded = foldCase(all);
  return folded.ok ? { events: all, state: folded.state } : null;
}

/** The draft after one more change: what leads from the log to how the machine would then be set up. */
export const draftAfter = (logged: CaseState, setUp: CaseState, changes: readonly Change[]): Change[] =>
  differ(logged.configuration, applyChanges(setUp.configuration, changes));
