import { useShelfLacks } from '../../api/shelf';
import { Link, useParams } from 'react-router';
import { useCaseDetail } from '../../api/cases';
import { Notice } from '../../components/Notice';
import { Progress } from '../../components/Progress';
import { Page } from '../../shell/Page';
import { useDesk } from '../../stores/desk-store';
import { useDiagnosis } from '../../workers/use-diagnosis';
import { useCaseView } from '../case-log/use-case-view';
import { CaseScreen } from './CaseScreen';

/** A case by its address: reads the log, folds it, has it diagnosed. */
export function CasePage() {
  const { id = '' } = useParams();
  return <OneCase key={id} caseId={id} />;
}

function OneCase({ caseId }: { readonly caseId: string }) {
  const { data, error } = useCaseDetail(caseId);
  const desk = useDesk(caseId);
  const viewed = useCaseView(caseId, data, desk);
  const diagnosed = useDiagnosis(viewed?.ok ? viewed.view : null, {
    chosen: desk.chosenTrial,
    shelfLacks: useShelfLacks(),
  });
  if (viewed?.ok && diagnosed && data)
    return (
      <CaseScreen
        caseId={caseId}
        number={data.number}
        contact={data.contact}
        newest={viewed.view}
        diagnosed={diagnosed}
      />
    );
  const message = viewed?.ok === false ? viewed.problem.message : error?.message;
  if (message !== undefined) return <CaseNotice message={message} />;
  return viewed ? <Progress words="Weighing what was seen" /> : null;
}

function CaseNotice({ message }: { readonly message: string }) {
  return (
    <Page title="Case">
      <Notice kind="danger">{message}</Notice>
      <p>
        <Link to="/">Back to the bench queue</Link>
      </p>
    </Page>
  );
}
