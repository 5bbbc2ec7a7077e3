import { useMemo, useRef } from 'react';
import { Link, useParams } from 'react-router';
import type { CaseState } from '../../../core/casework';
import { useCaseDetail } from '../../api/cases';
import { Page } from '../../shell/Page';
import { Notice } from '../../components/Notice';
import { useDiagnosis } from '../../workers/use-diagnosis';
import { useDesk } from '../../stores/desk-store';
import { CaseScreen } from './CaseScreen';
import { withDraft } from './plan/draft';
import { useCaseLog } from '../case-log/use-case-log';

/** A case by its address: reads the log, folds it, has it diagnosed. */
export function CasePage() {
  const { id = '' } = useParams();
  const { data, error } = useCaseDetail(id);
  const log = useCaseLog(id, data);
  const events = log?.events ?? null;
  const folded = log?.folded ?? null;
  const { draft, draftId, chosenTrial } = useDesk(id);
  const setUp = useMemo(() => (events ? withDraft(events, draft, draftId) : null), [events, draft, draftId]);
  const { diagnosis, prices, isCurrent } = useDiagnosis(setUp?.events ?? events, chosenTrial);
  const settled = useSettled(folded?.ok ? folded.state : null, setUp?.state ?? null, isCurrent);
  if (!data) return <CaseNotice message={error?.message ?? null} />;
  if (!folded?.ok) return <CaseNotice message={folded?.problem.message ?? null} />;
  if (!settled) return null;
  return (
    <CaseScreen
      key={id}
      caseId={id}
      number={data.number}
      state={settled.state}
      logged={settled.logged}
      newest={folded.state}
      diagnosis={diagnosis}
      prices={prices}
      isCurrent={isCurrent}
    />
  );
}

interface Settled {
  readonly state: CaseState;
  readonly logged: CaseState;
}

/**
 * The states that the diagnosis in view speaks of: while a newer log is being diagnosed, those before it, so that
 * nothing is drawn twice and nothing jumps.
 */
function useSettled(logged: CaseState | null, setUp: CaseState | null, isCurrent: boolean): Settled | null {
  const last = useRef<Settled | null>(null);
  const fresh = useMemo(() => (logged ? { logged, state: setUp ?? logged } : null), [logged, setUp]);
  if (fresh && (isCurrent || last.current === null)) last.current = fresh;
  return last.current;
}

function CaseNotice({ message }: { readonly message: string | null }) {
  if (message === null) return null;
  return (
    <Page title="Case">
      <Notice kind="danger">{message}</Notice>
      <p>
        <Link to="/">Back to the bench queue</Link>
      </p>
    </Page>
  );
}
