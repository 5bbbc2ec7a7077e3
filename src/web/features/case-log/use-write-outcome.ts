import type { ReadingMeter } from '../../../core/casework';
import type { TrialView } from '../../../core/diagnosis';
import type { Change } from '../../../core/machine';
import { formatTrialId, isSilent } from '../../../core/trials';
import { deskNow, useDeskStore, type Desk } from '../../stores/desk-store';
import { newId } from '../../stores/new-id';
import { isDrafted, type CaseView } from './case-view';
import type { CaseActions } from './use-case-actions';

export interface SeenOutcome {
  readonly outcome: string;
  readonly volts?: number | undefined;
  /** With what a reading was taken. */
  readonly meter?: ReadingMeter | undefined;
  readonly note: string;
  /** What was really set up for it, where the trial was not done as it stands: then a plain start is written. */
  readonly setUpAs?: readonly Change[];
}

/**
 * Writes what was seen of a trial, together with what was changed on the plan for it. Once it is stored, what belonged to
 * it leaves the desk; what was laid there since stays.
 */
export function useWriteOutcome(caseId: string, view: CaseView, actions: CaseActions) {
  const change = useDeskStore((store) => store.change);
  return (trial: TrialView, { outcome, volts, meter, note, setUpAs }: SeenOutcome): void => {
    const desk = deskNow(caseId);
    const seen = trial.kind === 'start' && !isSilent(outcome) ? desk.seen : null;
    const changes = [...(isDrafted(view) ? desk.draft : []), ...(setUpAs ?? [])];
    const draftId = changes.length > 0 ? newId() : null;
    const setUp = draftId ? [{ kind: 'configuration-changed', id: draftId, changes } as const] : [];
    if (draftId) change(caseId, { draftId });
    void actions
      .record(...setUp, {
        kind: 'trial-done',
        trial: setUpAs ? formatTrialId({ kind: 'start' }) : trial.id,
        outcome,
        ...(volts === undefined ? {} : { volts }),
        ...(meter && Object.keys(meter).length > 0 ? { meter } : {}),
        ...(seen ? { seen } : {}),
        ...(note ? { note } : {}),
      })
      .then((saved) => {
        if (saved) clearDesk({ trial: trial.id, draftId, note: desk.note, seen: desk.seen });
      });
  };

  function clearDesk(of: Pick<Desk, 'note' | 'draftId' | 'seen'> & { readonly trial: string }) {
    const now = deskNow(caseId);
    change(caseId, {
      ...(now.note === of.note ? { note: '' } : {}),
      ...(now.seen === of.seen ? { seen: null, signals: null } : {}),
      ...(now.wait?.trial === of.trial ? { wait: null } : {}),
      ...(of.draftId !== null && now.draftId === of.draftId ? { draft: [], draftId: null } : {}),
    });
  }
}
