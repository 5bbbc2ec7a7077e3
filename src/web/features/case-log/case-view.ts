import { foldOn, foldStored, type CaseEvent, type CaseProblem, type CaseState } from '../../../core/casework';
import { applyChanges, differ, type Change } from '../../../core/machine';
import { readEvent, type StoredEvent } from '../../../contracts';

/** A case as a screen shows it, in three depths; each goes on from the one before and is the same object where it adds nothing. */
export interface CaseView {
  /** What the server has. */
  readonly stored: CaseState;
  /** With what is on its way to the server. */
  readonly logged: CaseState;
  /** With what was changed on the plan and is not written yet. */
  readonly drafted: CaseState;
  /** The log of `drafted`: what is diagnosed. */
  readonly events: readonly CaseEvent[];
}

export type Viewed =
  { readonly ok: true; readonly view: CaseView } | { readonly ok: false; readonly problem: CaseProblem };

/** What a view is made of. */
export interface ViewParts {
  readonly records: readonly StoredEvent[];
  readonly pending: readonly CaseEvent[];
  /** Changes made on the plan. */
  readonly draft?: readonly Change[];
  /** The id under which the draft is being written, if it is: once it stands in the log it counts no more. */
  readonly draftId?: string | null;
}

/** The id under which the draft stands at the end of the log until it is written. */
export const draftEventId = 'draft';

/**
 * Makes the views of one case as it grows, each from the one before: what was folded is not folded again, and a log with
 * the same events gives the same objects, so that storing what was already shown draws and diagnoses nothing again.
 */
export function createCaseViewer(): (parts: ViewParts) => Viewed {
  let last: CaseView | null = null;
  return ({ records, pending, draft = [], draftId = null }) => {
    const stored = foldGrown(
      last?.stored ?? null,
      records.map(({ event }) => readEvent(event)),
    );
    if (!stored.ok) return stored;
    const logged = withPending(stored.state, pending, last?.logged ?? null);
    const drafted = withDraft(logged, draft, draftId);
    const before: CaseView | null = last;
    const isSame = before?.logged === logged && isSameDraft(before.drafted, drafted);
    last = isSame
      ? { ...before, stored: stored.state }
      : { stored: stored.state, logged, drafted, events: eventsIn(drafted) };
    return { ok: true, view: isSame && before.stored === stored.state ? before : last };
  };
}

const eventsIn = ({ entries }: CaseState): CaseEvent[] => entries.map(({ event }) => event);

/** Folds a stored log, going on from an earlier state of it where it only grew. */
function foldGrown(before: CaseState | null, events: readonly CaseEvent[]) {
  const known = before ? before.entries.length : 0;
  const hasGrown =
    before !== null && known <= events.length && before.entries.every(({ event }, i) => event === events[i]);
  const more = events.slice(known);
  if (hasGrown && more.length === 0) return { ok: true, state: before } as const;
  const grown = hasGrown ? foldOn(before, more) : null;
  return grown?.ok ? grown : foldStored(events);
}

/** What is on its way counts where it fits; the server says why it refuses what does not. */
function withPending(stored: CaseState, pending: readonly CaseEvent[], before: CaseState | null): CaseState {
  const ids = new Set(stored.entries.map(({ event }) => event.id));
  const more = pending.filter(({ id }) => !ids.has(id));
  const wanted = [...stored.entries.map(({ event }) => event.id), ...more.map(({ id }) => id)];
  if (before && hasIds(before, wanted)) return before;
  const folded = more.length > 0 ? foldOn(stored, more) : null;
  return folded?.ok ? folded.state : stored;
}

const hasIds = ({ entries }: CaseState, ids: readonly string[]): boolean =>
  entries.length === ids.length && entries.every(({ event }, i) => event.id === ids[i]);

/** The draft as if it were written; without it where it is written already, or does not fit any more. */
function withDraft(logged: CaseState, draft: readonly Change[], draftId: string | null): CaseState {
  const last = logged.entries.at(-1)?.event;
  if (draft.length === 0 || !last || logged.entries.some(({ event }) => event.id === draftId)) return logged;
  const { at, by } = last;
  const folded = foldOn(logged, [{ kind: 'configuration-changed', id: draftEventId, at, by, changes: draft }]);
  return folded.ok ? folded.state : logged;
}

const isSameDraft = (a: CaseState, b: CaseState): boolean =>
  a === b || (a.entries.length === b.entries.length && draftIn(a) !== null && draftIn(a) === draftIn(b));

const draftIn = ({ entries }: CaseState): readonly Change[] | null => {
  const event = entries.at(-1)?.event;
  return event?.kind === 'configuration-changed' && event.id === draftEventId ? event.changes : null;
};

/** True where something was changed on the plan that is not written yet. */
export const isDrafted = ({ logged, drafted }: CaseView): boolean => logged !== drafted;

/** The draft after more changes: what leads from the log to how the machine would then be set up. */
export const draftAfter = ({ logged, drafted }: CaseView, changes: readonly Change[]): Change[] =>
  differ(logged.configuration, applyChanges(drafted.configuration, changes));
