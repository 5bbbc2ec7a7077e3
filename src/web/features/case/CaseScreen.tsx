import { useCallback, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import type { CaseState, Entry } from '../../../core/casework';
import type { Diagnosis, SchoolPrice, TrialView } from '../../../core/diagnosis';
import type { LinkId } from '../../../core/startup';
import { Button } from '../../components/Button';
import { caseNumber } from '../../components/format';
import { Notice } from '../../components/Notice';
import { useDesk, useDeskStore } from '../../stores/desk-store';
import { Alternatives } from './Alternatives';
import { BenchSheet, lastEntryToStrike } from './BenchSheet';
import { CaseBar } from './CaseBar';
import { Chain } from './Chain';
import { Column } from './column';
import { DoubtNotice } from './DoubtNotice';
import { ClosedCard, ParkedCard, ReadyToClose } from './FinishedCard';
import { MachineList } from './MachineList';
import { NoteEntry } from './NoteEntry';
import { outcomeForKey, splitOutcomes } from './outcome-choices';
import { Suspects } from './Suspects';
import { TrialCard } from './TrialCard';
import { useCaseActions, type CaseActions } from './use-case-actions';
import { useCaseKeys } from './use-case-keys';

const Frame = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  grid-template-rows: auto auto auto minmax(0, 1fr) auto;
  height: 100dvh;
  @media (max-width: 1000px) {
    height: auto;
    min-height: 100dvh;
  }
`;
const Columns = styled.main`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1.75fr) minmax(0, 1.05fr);
  min-height: 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
    > :nth-child(2) {
      order: -1;
    }
  }
`;

export interface CaseScreenProps {
  readonly caseId: string;
  readonly number: number;
  readonly state: CaseState;
  readonly diagnosis: Diagnosis | null;
  readonly prices: readonly SchoolPrice[] | null;
  readonly isCurrent: boolean;
}

/** The case screen: bar, chain, machine, trial card, suspects, bench sheet. */
export function CaseScreen({ caseId, number, state, diagnosis, prices, isCurrent }: CaseScreenProps) {
  const actions = useCaseActions(caseId);
  const navigate = useNavigate();
  const [link, setLink] = useState<LinkId | null>(null);
  const [noteOpen, setNoteOpen] = useState(false);
  const work = useTrialWork(caseId, state, diagnosis, isCurrent, actions);
  const strike = useCallback(
    (entry: Entry) =>
      void actions.record({ kind: 'entry-struck', entry: entry.event.id, reason: 'Taken back at the bench' }),
    [actions],
  );
  const close = useCallback(() => void navigate(`/cases/${caseId}/close`), [navigate, caseId]);
  useCaseKeys(
    useCallback(
      (key: string) => {
        const last = lastEntryToStrike(state);
        if (key === 'u' && last && !actions.isSaving) return (strike(last), true);
        if (key === 'n') return (setNoteOpen(true), true);
        if (key === 'c' && state.stage !== 'closed') return (close(), true);
        if (key === 'q') return (void navigate('/'), true);
        return work.handleKey(key);
      },
      [state, actions, strike, close, navigate, work],
    ),
  );
  useEffect(() => {
    document.title = `${caseNumber(number)} ${state.opened.machine.name} · Jovial Probe`;
  }, [number, state.opened.machine.name]);
  return (
    <Frame>
      <CaseBar
        caseId={caseId}
        number={number}
        state={state}
        onPark={(waitingFor) => void actions.record({ kind: 'case-parked', waitingFor })}
        onClose={close}
      />
      <SaveNotice actions={actions} />
      <Chain links={diagnosis?.links ?? []} chosen={link} onChoose={setLink} />
      <Columns>
        <MachineList state={state} shares={diagnosis?.parts ?? {}} />
        <Column aria-label="Next" aria-busy={!isCurrent}>
          <Centre caseId={caseId} state={state} diagnosis={diagnosis} work={work} actions={actions} onClose={close} />
          {state.stage !== 'closed' && (
            <NoteEntry
              caseId={caseId}
              isOpen={noteOpen}
              onAdd={(text) =>
                void actions.record({ kind: 'note-added', text }).then((saved) => saved && work.clearNote())
              }
            />
          )}
        </Column>
        <Column aria-label="Suspects and other trials" aria-live="polite">
          {diagnosis && <Suspects diagnosis={diagnosis} state={state} link={link} />}
          {diagnosis && state.stage !== 'closed' && state.stage !== 'parked' && (
            <Alternatives
              trials={work.alternatives}
              state={state}
              prices={prices}
              onPick={work.choose}
              onRecord={(body) => void actions.record(body)}
            />
          )}
        </Column>
      </Columns>
      <BenchSheet state={state} doubts={diagnosis?.doubts ?? []} isSaving={actions.isSaving} onStrike={strike} />
    </Frame>
  );
}

function SaveNotice({ actions }: { readonly actions: CaseActions }) {
  if (!actions.error) return <div />;
  return (
    <Notice kind="danger">
      <span>{actions.error.message}</span>
      <span>
        {actions.canRetry && <Button onPress={() => void actions.retry()}>Try again</Button>}
        <Button $kind="quiet" onPress={actions.dismiss}>
          Leave it
        </Button>
      </span>
    </Notice>
  );
}

interface TrialWork {
  readonly trial: TrialView | null;
  readonly alternatives: readonly TrialView[];
  readonly isDisabled: boolean;
  choose(id: string | null): void;
  outcome(id: string, volts?: number): void;
  startWait(): void;
  clearNote(): void;
  handleKey(key: string): boolean;
}

/** The trial in hand: the proposed one, or the one picked instead. */
function useTrialWork(
  caseId: string,
  state: CaseState,
  diagnosis: Diagnosis | null,
  isCurrent: boolean,
  actions: CaseActions,
): TrialWork {
  const desk = useDesk(caseId);
  const change = useDeskStore((store) => store.change);
  const proposed = diagnosis?.advice.trial ?? null;
  const chosen = diagnosis?.alternatives.find(({ id }) => id === desk.chosenTrial) ?? null;
  const trial = chosen ?? proposed;
  const isDisabled = !isCurrent || actions.isSaving || state.stage === 'closed' || state.stage === 'parked';
  const outcome = (id: string, volts?: number) => {
    if (!trial || isDisabled) return;
    const note = desk.note.trim();
    void actions
      .record({
        kind: 'trial-done',
        trial: trial.id,
        outcome: id,
        ...(volts === undefined ? {} : { volts }),
        ...(note ? { note } : {}),
      })
      .then((saved) => saved && change(caseId, { chosenTrial: null, note: '', wait: null }));
  };
  const startWait = () =>
    trial?.wait && change(caseId, { wait: { trial: trial.id, endsAt: Date.now() + 1000 * trial.wait.seconds } });
  const others = diagnosis ? [...(chosen && proposed ? [proposed] : []), ...diagnosis.alternatives] : [];
  return {
    trial,
    alternatives: others.filter(({ id }) => id !== trial?.id),
    isDisabled,
    choose: (id) => change(caseId, { chosenTrial: id }),
    outcome,
    startWait,
    clearNote: () => change(caseId, { note: '' }),
    handleKey: (key) => {
      if (key === 't' && trial?.wait)
        return (desk.wait?.trial === trial.id ? change(caseId, { wait: null }) : startWait(), true);
      const id = trial && trial.kind !== 'measure' ? outcomeForKey(splitOutcomes(trial), key) : null;
      if (id === null) return false;
      outcome(id);
      return true;
    },
  };
}

function Centre({
  caseId,
  state,
  diagnosis,
  work,
  actions,
  onClose,
}: Pick<CaseScreenProps, 'caseId' | 'state' | 'diagnosis'> & {
  readonly work: TrialWork;
  readonly actions: CaseActions;
  readonly onClose: () => void;
}) {
  if (state.stage === 'closed')
    return (
      <ClosedCard
        state={state}
        onReopen={() => void actions.record({ kind: 'case-reopened', reason: 'Taken up again at the bench' })}
      />
    );
  if (state.stage === 'parked')
    return (
      <ParkedCard waitingFor={state.waitingFor ?? ''} onResume={() => void actions.record({ kind: 'case-resumed' })} />
    );
  if (!diagnosis) return null;
  if (!work.trial) return <ReadyToClose diagnosis={diagnosis} onClose={onClose} />;
  return (
    <>
      <DoubtNotice diagnosis={diagnosis} state={state} />
      <TrialCard
        caseId={caseId}
        trial={work.trial}
        diagnosis={diagnosis}
        choices={splitOutcomes(work.trial)}
        isDisabled={work.isDisabled}
        onOutcome={work.outcome}
        onReading={work.outcome}
        onStartWait={work.startWait}
        onBackToProposal={() => work.choose(null)}
      />
    </>
  );
}
