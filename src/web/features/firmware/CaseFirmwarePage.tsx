import { useShelfLacks } from '../../api/shelf';
import { useMemo } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { flashRefusals, type CaseState } from '../../../core/casework';
import type { Diagnosis } from '../../../core/diagnosis';
import { useCaseDetail } from '../../api/cases';
import { Page } from '../../shell/Page';
import { useMay } from '../../shell/me';
import { Notice } from '../../components/Notice';
import { useDiagnosis } from '../../workers/use-diagnosis';
import { CaseRoom } from '../case-log/CaseRoom';
import { useCaseActions } from '../case-log/use-case-actions';
import { useCaseView } from '../case-log/use-case-view';
import { FirmwareRoom } from './FirmwareRoom';
import type { FirmwareLog } from './step-props';
import { startsByLog } from './starts-by-log';

const NotNow = styled.section`
  display: grid;
  align-content: start;
  gap: 0.9rem;
  max-width: 54rem;
  padding: 1.1rem 1rem;
`;
const noLinks: Diagnosis['links'] = [];

/** The firmware bay of a case: the chain on top, the steps below; what is done is written to the case's log. */
export function CaseFirmwarePage() {
  const { id = '' } = useParams();
  const { data, error } = useCaseDetail(id);
  const viewed = useCaseView(id, data);
  const view = viewed?.ok ? viewed.view : null;
  const diagnosed = useDiagnosis(view, { shelfLacks: useShelfLacks() });
  if (!data || !view) return <Page title="Firmware">{error && <Notice kind="danger">{error.message}</Notice>}</Page>;
  const links = diagnosed?.diagnosis?.links ?? noLinks;
  return <CaseFirmware caseId={id} number={data.number} state={view.logged} links={links} />;
}

function CaseFirmware({
  caseId,
  number,
  state,
  links,
}: {
  readonly caseId: string;
  readonly number: number;
  readonly state: CaseState;
  readonly links: Diagnosis['links'];
}) {
  const mayFlash = useMay('flash-firmware');
  const log = useFirmwareLog(caseId, state);
  return (
    <CaseRoom
      caseId={caseId}
      number={number}
      machine={state.opened.machine.name}
      room="Firmware"
      links={links}
      onLeave={log.leave}
    >
      {mayFlash && state.stage !== 'closed' ? (
        <FirmwareRoom deskKey={caseId} log={log} />
      ) : (
        <NotNow>
          <h1>Firmware bay</h1>
          <Notice kind="plain">
            {mayFlash
              ? 'The case is closed. Reopen it before you flash anything.'
              : 'Only technicians and leads can flash in a case. To practise, use Firmware in the top bar.'}
          </Notice>
        </NotNow>
      )}
    </CaseRoom>
  );
}

/** What is done at the bay goes into the log of the case, and the log has its say at the gate. */
function useFirmwareLog(caseId: string, state: CaseState): FirmwareLog {
  const { record } = useCaseActions(caseId);
  const navigate = useNavigate();
  const { board, installed } = state.firmware;
  const starts = startsByLog(state);
  const known = useMemo(
    () => ({ starts, installed, board: board && { id: board.board, revision: board.revision } }),
    [starts, installed, board],
  );
  return useMemo<FirmwareLog>(
    () => ({
      record: (body) => record(body),
      leave: () => void navigate(`/cases/${caseId}`),
      known,
      refusals: (method) => flashRefusals(state, method),
    }),
    [record, navigate, caseId, known, state],
  );
}
