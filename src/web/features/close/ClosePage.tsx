import { useMemo } from 'react';
import { useParams } from 'react-router';
import { foldCase } from '../../../core/casework';
import { useCaseDetail } from '../../api/cases';
import { useMay } from '../../shell/me';
import { Page } from '../../shell/Page';
import { caseNumber } from '../../components/format';
import { Notice } from '../../components/Notice';
import { useDiagnosis } from '../../workers/use-diagnosis';
import { CloseForm } from './CloseForm';

/** Closing a case: what it was, how far the log proves it, what was done. */
export function ClosePage() {
  const { id = '' } = useParams();
  const { data, error } = useCaseDetail(id);
  const events = useMemo(() => data?.events.map(({ event }) => event) ?? null, [data]);
  const folded = useMemo(() => (events ? foldCase(events) : null), [events]);
  const { diagnosis } = useDiagnosis(events);
  const mayClose = useMay('close-cases');
  const title =
    data && folded?.ok ? `Close ${caseNumber(data.number)} ${folded.state.opened.machine.name}` : 'Close the case';
  return (
    <Page title={title}>
      {error && <Notice kind="danger">{error.message}</Notice>}
      {!mayClose && <Notice kind="plain">Closing a case is for technicians and leads.</Notice>}
      {mayClose && folded?.ok && diagnosis && (
        <CloseForm key={id} caseId={id} state={folded.state} diagnosis={diagnosis} />
      )}
    </Page>
  );
}
