import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { foldCase } from '../../../core/casework';
import { useCaseDetail } from '../../api/cases';
import { Page } from '../../app/Page';
import { Notice } from '../../components/Notice';
import { useDiagnosis } from '../../workers/use-diagnosis';
import { useDesk } from '../../stores/desk-store';
import { CaseScreen } from './CaseScreen';
import { withDraft } from './plan/draft';

/** A case by its address: reads the log, folds it, has it diagnosed. */
export function CasePage() {
  const { id = '' } = useParams();
  const { data, error } = useCaseDetail(id);
  const events = useMemo(() => data?.events.map(({ event }) => event) ?? null, [data]);
  const { draft } = useDesk(id);
  const folded = useMemo(() => (events ? foldCase(events) : null), [events]);
  const setUp = useMemo(() => (events ? withDraft(events, draft) : null), [events, draft]);
  const { diagnosis, prices, isCurrent } = useDiagnosis(setUp?.events ?? events);
  if (!data) return <CaseNotice message={error?.message ?? null} />;
  if (!folded?.ok) return <CaseNotice message={folded?.problem.message ?? null} />;
  return (
    <CaseScreen
      key={id}
      caseId={id}
      number={data.number}
      state={setUp?.state ?? folded.state}
      logged={folded.state}
      diagnosis={diagnosis}
      prices={prices}
      isCurrent={isCurrent}
    />
  );
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
