import { useEffect } from 'react';
import { useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import type { Diagnosis, TrialView } from '../../../core/diagnosis';
import { expectedAt } from '../../../core/casework';
import { decodeSignals } from '../../../core/signals';
import {
  forecastSigns,
  START_OUTCOME_LABELS,
  START_OUTCOMES,
  type ForecastSigns,
  type StartOutcome,
} from '../../../core/startup';
import { useBoardDetail } from '../../api/boards';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import { useLatest } from '../../components/use-latest';
import { Page } from '../../shell/Page';
import { useMay } from '../../shell/me';
import { deskNow, useDesk, useDeskStore } from '../../stores/desk-store';
import { emptySignals, seenOfDraft, withSignals, type SignalsDraft } from '../../stores/signals-draft';
import { useTrialWork, type TrialWork } from '../case-log/use-trial-work';
import { useCaseKeys } from '../case-log/use-case-keys';
import { CaseRoom } from '../case-log/CaseRoom';
import type { CaseView } from '../case-log/case-view';
import { useCaseActions } from '../case-log/use-case-actions';
import { useDiagnosedCase, type DiagnosedCase } from '../case-log/use-diagnosed-case';
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
  const { found, error } = useDiagnosedCase(id);
  if (!found) return <Page title="Signals">{error && <Notice kind="danger">{error.message}</Notice>}</Page>;
  return <CaseSignals key={id} caseId={id} {...found} />;
}

interface CaseSignalsProps extends DiagnosedCase {
  readonly caseId: string;
}

function CaseSignals({ caseId, number, newest, diagnosed }: CaseSignalsProps) {
  const { view, diagnosis, isCurrent } = diagnosed;
  const state = view.drafted;
  const actions = useCaseActions(caseId);
  const mayWrite = useMay('write-cases');
  const work = useTrialWork({ caseId, view, newest, diagnosis, canWrite: isCurrent && mayWrite, actions });
  const start = work.trial?.kind === 'start' ? work.trial : null;
  const board = useCaseBoard(caseId, newest, mayWrite);
  const { draft, isEntered, change, clear, keep } = useSignalsDesk(caseId, board.tables);
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
        forecast={forecastOf(start)}
        actions={({ outcome }) => (
          <>
            {isOnBench && !start && diagnosis && (
              <Notice kind="plain">The test in hand is no start. What is entered here is kept for the next one.</Notice>
            )}
            <WaysOut
              outcome={outcome}
              isStart={start !== null}
              onWrite={canWrite ? write : null}
              isSafe={work.gate.isConfirmed}
              onClear={isEntered ? clear : null}
              onLeave={leave}
            />
          </>
        )}
      />
    </CaseRoom>
  );
}

/** What the lights are likely to show, by the forecast of the start; null where none was computed. */
function forecastOf(start: TrialView | null): ForecastSigns | null {
  const probabilities = START_OUTCOMES.map((id) => start?.outcomes.find((outcome) => outcome.id === id)?.probability);
  return probabilities.some((p) => typeof p === 'number') ? forecastSigns(probabilities.map((p) => p ?? 0)) : null;
}

const cautionsFirst = 'To the card: its cautions come first';
const keptWords = (isStart: boolean): string =>
  isStart ? 'Keep it, choose the outcome on the card' : 'Keep it for the next start';

interface WaysOutProps {
  readonly outcome: StartOutcome | null;
  readonly isStart: boolean;
  /** Null where it may not be written now. */
  readonly onWrite: ((outcome: StartOutcome) => void) | null;
  /** Its cautions are confirmed, or it has none. */
  readonly isSafe: boolean;
  /** Null where nothing was entered. */
  readonly onClear: (() => void) | null;
  readonly onLeave: () => void;
}

/** What can be done with what was read. */
const WaysOut = ({ outcome, isStart, onWrite, isSafe, onClear, onLeave }: WaysOutProps) => (
  <Actions>
    {onWrite && outcome && (
      <Button $kind="primary" onPress={() => onWrite(outcome)}>
        1 · {isSafe ? `Write it down: ${START_OUTCOME_LABELS[outcome]}` : cautionsFirst}
      </Button>
    )}
    <Button onPress={onLeave}>2 · {outcome ? keptWords(isStart) : 'Back to the card'}</Button>
    {onClear && (
      <Button $kind="quiet" onPress={onClear}>
        Clear what was entered
      </Button>
    )}
  </Actions>
);

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
  const clear = () => store(caseId, { signals: null, seen: withSignals(desk.seen, {}) });
  return { draft, isEntered: desk.signals !== null, change, clear, keep };
}
