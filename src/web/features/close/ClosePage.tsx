import { useParams } from 'react-router';
import { useCaseDetail } from '../../api/cases';
import { useShelfLacks } from '../../api/shelf';
import { useMay } from '../../shell/me';
import { Page } from '../../shell/Page';
import { caseNumber } from '../../components/format';
import { Notice } from '../../components/Notice';
import { useDiagnosis } from '../../workers/use-diagnosis';
import { useCaseView } from '../case-log/use-case-view';
import { CloseForm } from './CloseForm';

/** Closing a case: what it was, how far the log proves it, what was done. */
export function ClosePage() {
  const { id = '' } = useParams();
  const { data, error } = useCaseDetail(id);
  const viewed = useCaseView(id, data);
  const view = viewed?.ok ? viewed.view : null;
  const diagnosis = useDiagnosis(view, { shelfLacks: useShelfLacks() })?.diagnosis;
  const mayClose = useMay('close-cases');
  const title = data && view ? `Close ${caseNumber(data.number)} ${view.logged.opened.machine.name}` : 'Close the case';
  return (
    <Page title={title}>
      {error && <Notice kind="danger">{error.message}</Notice>}
      {!mayClose && <Notice kind="plain">Only technicians and leads can close a case.</Notice>}
      {mayClose && view && diagnosis && <CloseForm key={id} caseId={id} state={view.logged} diagnosis={diagnosis} />}
    </Page>
  );
}
