import { useEffect } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import type { Diagnosis } from '../../../core/diagnosis';
import { expectedAt } from '../../../core/casework';
import { decodeSignals } from '../../../core/signals';
import { START_OUTCOME_LABELS, type StartOutcome } from '../../../core/startup';
import { useBoardDetail } from '../../api/boards';
import { useCaseDetail } from '../../api/cases';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import { Page } from '../../shell/Page';
import { useMay } from '../../shell/me';
import { deskNow, useDesk, useDeskStore } from '../../stores/desk-store';
import { emptySignals, seenOfDraft, withSignals, type SignalsDraft } from '../../stores/signals-draft';
import { useDiagnosis, type Diagnosed } from '../../workers/use-diagnosis';
import { useTrialWork, type TrialWork } from '../case-log/use-trial-work';
import { useCaseKeys } from '../case-log/use-case-keys';
import { CaseRoom } from '../case-log/CaseRoom';
import type { CaseView } from '../case-log/case-view';
import { useCaseActions } from '../case-log/use-case-actions';
import { useCaseView } from '../case-log/use-case-view';
import type { ChosenBoard } from './BoardChoice';
import { SignalsRoom } from './SignalsRoom';

const Actions = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(16rem, 1fr));
  gap: 0.5rem;
  button {
    white-space: normal;
  }
`;

const noLinks: Diagnosis['links'] = [];

/** The signals room of a case: what is read here is written with the start in hand. */
export function CaseSignalsPage() {
  const { id = '' } = useParams();
  const { data, error } = useCaseDetail(id);
  const desk = useDesk(id);
  const viewed = useCaseView(id, data, desk);
  const view = viewed?.ok ? viewed.view : null;
  const diagnosed = useDiagnosis(view, desk.chosenTrial);
  if (!data || !view || !diagnosed)
    return <Page title="Signals">{error && <Notice kind="danger">{error.message}</Notice>}</Page>;
  return <CaseSignals key={id} caseId={id} number={data.number} newest={view} diagnosed={diagnosed} />;
}

interface CaseSignalsProps {
  readonly caseId: string;
  readonly number: number;
  readonly newest: CaseView;
  readonly diagnosed: Diagnosed<CaseView>;
}

function CaseSignals({ caseId, number, newest, diagnosed }: CaseSignalsProps) {
  const { view, diagnosis, isCurrent } = diagnosed;
  const state = view.drafted;
  const actions = useCaseActions(caseId);
  const mayWrite = useMay('write-cases');
  const work = useTrialWork({ caseId, view, newest, diagnosis, canWrite: isCurrent && mayWrite, actions });
  const start = work.trial?.kind === 'start' ? work.trial : null;
  const board = useCaseBoard(caseId, newest, mayWrite);
  const { draft, change, keep } = useSignalsDesk(caseId, board.tables);
  const { leave, write } = useWaysOut(caseId, work, keep);
  const isOnBench = state.stage !== 'closed' && state.stage !== 'parked';
  const canWrite = mayWrite && start !== null && isOnBench;
  useCaseKeys(
    useLatest((key: string) => {
      const { outcome } = decodeSignals(board.tables ?? {}, seenOfDraft(draft, Date.now()));
      if (key === '1' && canWrite && outcome) write(outcome);
      else if (key === '2' || key === 'escape') leave();
      else return false;
      return true;
    }),
  );
  return (
    <CaseRoom
      caseId={caseId}
      number={number}
      machine={state.opened.machine.name}
      room="Signals"
      links={diagnosis?.links ?? noLinks}
      onLeave={leave}
    >
      <SignalsRoom
        board={board.tables}
        choice={{ board: board.chosen, onChoose: board.choose }}
        draft={draft}
        onChange={change}
        expected={start ? expectedAt(state, start.id).map(({ outcome }) => outcome) : []}
        at={start?.title ?? null}
        actions={({ outcome }) => (
          <>
            {isOnBench && !start && diagnosis && (
              <Notice kind="plain">The test in hand is no start. What is entered here is kept for the next one.</Notice>
            )}
            <Actions>
              {canWrite && outcome && (
                <Button $kind="primary" onPress={() => write(outcome)}>
                  1 · {work.gate.isConfirmed ? `Write it down: ${START_OUTCOME_LABELS[outcome]}` : cautionsFirst}
                </Button>
              )}
              <Button onPress={leave}>2 · {outcome ? keptWords(start !== null) : 'Back to the card'}</Button>
            </Actions>
          </>
        )}
      />
    </CaseRoom>
  );
}

const cautionsFirst = 'To the card: its cautions come first';
const keptWords = (isStart: boolean): string =>
  isStart ? 'Keep it, choose the outcome on the card' : 'Keep it for the next start';

/** Back to the card, with what was read; or it is written at once, where nothing has to be made safe before. */
function useWaysOut(caseId: string, work: TrialWork, keep: () => void) {
  const navigate = useNavigate();
  const leave = useLatest(() => {
    keep();
    void navigate(`/cases/${caseId}`);
  });
  const write = useLatest((outcome: StartOutcome) => {
    keep();
    if (work.gate.isConfirmed) work.outcome(outcome);
    void navigate(`/cases/${caseId}`);
  });
  return { leave, write };
}

/** The board that the log names, and how another is named. */
function useCaseBoard(caseId: string, { logged }: CaseView, mayWrite: boolean) {
  const { record } = useCaseActions(caseId);
  const noted = logged.firmware.board;
  const { data } = useBoardDetail(noted?.board ?? null);
  const choose = (board: ChosenBoard | null) => {
    if (!board || !mayWrite || logged.stage === 'closed') return;
    const { id, model, revision } = board;
    const isSame = noted?.board === id && noted.revision === revision;
    void record({
      kind: 'board-noted',
      board: id,
      model,
      revision,
      installed: isSame ? logged.firmware.installed : null,
    });
  };
  return {
    tables: noted ? (data?.board ?? null) : null,
    chosen: noted ? { id: noted.board, revision: noted.revision } : null,
    choose,
  };
}

/** What is entered lies on the desk of the case; `keep` puts what it means to the start's signs. */
function useSignalsDesk(caseId: string, tables: Parameters<typeof decodeSignals>[0] | null) {
  const desk = useDesk(caseId);
  const store = useDeskStore((one) => one.change);
  const draft = desk.signals ?? emptySignals;
  const keep = useLatest(() => {
    const { seen, signals } = deskNow(caseId);
    if (!signals) return;
    const { signs } = decodeSignals(tables ?? {}, seenOfDraft(signals, Date.now()));
    store(caseId, { seen: withSignals(seen, signs) });
  });
  const change = useLatest((part: Partial<SignalsDraft>) => {
    const now = deskNow(caseId).signals ?? emptySignals;
    store(caseId, { signals: { ...now, ...part } });
    keep();
  });
  // The tables of the board may come after what was entered.
  useEffect(() => keep(), [keep, tables]);
  return { draft, change, keep };
}
