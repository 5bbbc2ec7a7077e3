import { Machine, SuspectsColumn } from './SideColumns';
import { useEffect, useRef, useState } from 'react';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { type Entry, type EventBody } from '../../../core/casework';
import type { Diagnosis } from '../../../core/diagnosis';
import type { CaseView } from '../case-log/case-view';
import type { Diagnosed } from '../../workers/use-diagnosis';
import type { LinkId } from '../../../core/startup';
import { useMay, useMe } from '../../shell/me';
import { caseNumber } from '../../components/format';
import { Progress } from '../../components/Progress';
import { useLatest } from '../../components/use-latest';
import { useUnsent } from '../../device/outbox-store';
import { useWakeLock } from '../../components/use-wake-lock';
import { BenchSheet, lastEntryToStrike, undoneWords } from './sheet/BenchSheet';
import type { OnStrike } from './sheet/WholeSheet';
import { CaseBar } from './bar/CaseBar';
import { Chain } from '../case-log/Chain';
import { Column } from './column';
import { DoubtNotice } from './trial/DoubtNotice';
import { ClosedCard, ParkedCard, ReadyToClose } from './trial/FinishedCard';
import { ReportedNotice } from './trial/ReportedNotice';
import { StillConnected } from './trial/StillConnected';
import { useOtherMachines } from './bar/OtherMachines';
import { NoteEntry } from './sheet/NoteEntry';
import { SaveNotice } from '../case-log/SaveNotice';
import { StoppedNotice } from '../case-log/StoppedNotice';
import { TrialCard } from './trial/TrialCard';
import { WhyNot } from './trial/WhyNot';
import { useCaseActions, type CaseActions } from '../case-log/use-case-actions';
import { useCaseKeys } from '../case-log/use-case-keys';
import { useTrialWork, type TrialWork } from '../case-log/use-trial-work';

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
  grid-template-columns: minmax(0, 1.43fr) minmax(0, 1.84fr) minmax(0, 1fr);
  min-height: 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  @media (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr);
    > :nth-child(2) {
      order: -1;
    }
  }
  @media (min-width: 700px) and (max-width: 1000px) {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
    > :nth-child(2) {
      grid-column: 1 / -1;
    }
  }
`;

export interface CaseScreenProps {
  readonly caseId: string;
  readonly number: number;
  /** How the owner is reached, where it was noted. */
  readonly contact: string | undefined;
  /** The case as it is now; the diagnosis in view may be of the one before. */
  readonly newest: CaseView;
  readonly diagnosed: Diagnosed<CaseView>;
}

const noLinks: Diagnosis['links'] = [];
const noDoubts: Diagnosis['doubts'] = [];

/** The case screen: bar, chain, machine, trial card, suspects, bench sheet. */
export function CaseScreen({ caseId, number, contact, newest, diagnosed }: CaseScreenProps) {
  const { view, diagnosis, isCurrent } = diagnosed;
  const state = view.drafted;
  const latest = newest.logged;
  const actions = useCaseActions(caseId);
  const navigate = useNavigate();
  useWakeLock(state.stage === 'on-bench');
  const [link, setLink] = useState<LinkId | null>(null);
  const [noteOpen, setNoteOpen] = useState(false);
  const mayWrite = useMay('write-cases');
  const mayClose = useMay('close-cases');
  const { role } = useMe();
  const canWrite = isCurrent && mayWrite;
  const work = useTrialWork({ caseId, view, newest, diagnosis, canWrite, actions });
  const waiting = useUnsent(caseId);
  const record = useLatest((body: EventBody) => void actions.record(body));
  const choose = useLatest(work.choose);
  const { strike, park, addNote } = useLogEntries(actions, work);
  const close = useLatest(() => void navigate(`/cases/${caseId}/close`));
  const [other] = useOtherMachines(caseId);
  useScreenKeys(work, {
    u: mayWrite ? () => strikeLast(lastEntryToStrike(latest, role), strike) : null,
    n: () => setNoteOpen(true),
    c: mayClose && state.stage !== 'closed' ? close : null,
    b: other ? () => void navigate(`/cases/${other.id}`) : null,
    q: () => void navigate('/'),
  });
  useDocumentTitle(`${caseNumber(number)} ${state.opened.machine.name} · Jovial Probe`);
  return (
    <Frame>
      <CaseBar
        caseId={caseId}
        number={number}
        opened={latest.opened}
        contact={contact}
        stage={latest.stage}
        onPark={park}
        onClose={close}
      />
      <SaveNotice caseId={caseId} />
      {!isCurrent && !diagnosed.retry && <Progress words="Weighing what was seen" />}
      <Chain links={diagnosis?.links ?? noLinks} chosen={link} onChoose={setLink} />
      <Columns>
        <Machine caseId={caseId} diagnosed={diagnosed} work={work} link={link} onPick={choose} onRecord={record} />
        <Column aria-label="Next" aria-busy={!isCurrent}>
          <Centre caseId={caseId} diagnosed={diagnosed} work={work} actions={actions} onClose={close} />
          {mayWrite && state.stage !== 'closed' && <NoteEntry caseId={caseId} isOpen={noteOpen} onAdd={addNote} />}
        </Column>
        <SuspectsColumn diagnosed={diagnosed} work={work} link={link} onPick={choose} onRecord={record} />
      </Columns>
      <BenchSheet
        caseId={caseId}
        state={latest}
        doubts={diagnosis?.doubts ?? noDoubts}
        onStrike={strike}
        waiting={waiting}
      />
    </Frame>
  );
}

function useDocumentTitle(title: string): void {
  useEffect(() => {
    document.title = title;
  }, [title]);
}

/** What is written besides outcomes. */
function useLogEntries(actions: CaseActions, work: TrialWork) {
  const strike = useLatest((entry: string, reason: string) => {
    void actions.record({ kind: 'entry-struck', entry, reason });
  });
  const park = useLatest((waitingFor: string, until: string | null) => {
    void actions.record({ kind: 'case-parked', waitingFor, ...(until ? { until } : {}) });
  });
  const adding = useRef<string | null>(null);
  const addNote = useLatest((text: string) => {
    // A second press of the same before the first is stored.
    if (adding.current === text) return;
    adding.current = text;
    void actions.record({ kind: 'note-added', text }).then((saved) => {
      adding.current = null;
      if (saved) work.clearNote(text);
    });
  });
  return { strike, park, addNote };
}

function strikeLast(last: Entry | null, strike: OnStrike): void {
  if (last) strike(last.event.id, undoneWords);
}

/** Keys of the screen first, then those of the trial in hand; null stands for one that does nothing now. */
function useScreenKeys(work: TrialWork, keys: Readonly<Record<string, (() => void) | null>>): void {
  const handle = useLatest((key: string) => {
    const own = Object.hasOwn(keys, key) ? keys[key] : null;
    if (!own) return work.handleKey(key);
    own();
    return true;
  });
  useCaseKeys(handle);
}

function Centre({
  caseId,
  diagnosed: { view, diagnosis, retry },
  work,
  actions,
  onClose,
}: {
  readonly caseId: string;
  readonly diagnosed: Diagnosed<CaseView>;
  readonly work: TrialWork;
  readonly actions: CaseActions;
  readonly onClose: () => void;
}) {
  const state = view.drafted;
  if (retry) return <StoppedNotice onRetry={retry} />;
  if (state.stage === 'closed')
    return (
      <ClosedCard
        state={state}
        judged={diagnosis ?? { parts: {}, proving: null }}
        onReopen={() => void actions.record({ kind: 'case-reopened', reason: 'Reopened at the bench' })}
      />
    );
  if (state.stage === 'parked')
    return <ParkedCard state={state} onResume={() => void actions.record({ kind: 'case-resumed' })} />;
  if (!diagnosis) return null;
  if (!work.trial)
    return (
      <ReadyToClose
        diagnosis={diagnosis}
        state={state}
        onClose={onClose}
        onConsent={(consent) => void actions.record(consent)}
      />
    );
  return (
    <>
      <ReportedNotice state={state} />
      <DoubtNotice diagnosis={diagnosis} state={state} />
      <TrialCard
        caseId={caseId}
        state={state}
        trial={work.trial}
        diagnosis={diagnosis}
        choices={work.choices}
        gate={work.gate}
        shown={work.shown}
        isSetUp={work.isSetUp}
        onOutcome={work.outcome}
        onReading={work.outcome}
        onStartWait={work.startWait}
        onBackToProposal={work.backToProposal}
      />
      {work.stillOn && (
        <StillConnected names={work.stillOn.names} onAnswer={work.stillOn.answer} onClose={work.stillOn.leave} />
      )}
      {work.whyNot && <WhyNot onReason={work.whyNot.answer} onClose={work.whyNot.leave} />}
    </>
  );
}
