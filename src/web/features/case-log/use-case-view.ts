import { useMemo, useState } from 'react';
import type { CaseDetail } from '../../../contracts';
import type { Change } from '../../../core/machine';
import { useWaiting } from '../../device/outbox-store';
import { createCaseViewer, type Viewed } from './case-view';

interface Draft {
  readonly draft: readonly Change[];
  readonly draftId: string | null;
}

const noDraft: Draft = { draft: [], draftId: null };

/** A case as it is shown: what is stored, what is on its way, and what was changed on the plan. Null until it is read. */
export function useCaseView(
  caseId: string,
  detail: CaseDetail | undefined,
  { draft, draftId }: Draft = noDraft,
): Viewed | null {
  const pending = useWaiting(caseId);
  const [view] = useState(createCaseViewer);
  return useMemo(
    () => (detail ? view({ records: detail.events, pending, draft, draftId }) : null),
    [view, detail, pending, draft, draftId],
  );
}
