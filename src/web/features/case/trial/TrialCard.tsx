import { isFirmwareWork, isStrippedStart, parseTrialId } from '../../../../core/trials';
import { Cpu, Volume2 } from 'lucide-react';
import { memo } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { CaseState, ReadingMeter } from '../../../../core/casework';
import { kindInWords } from '../../../../core/machine';
import type { Diagnosis, TrialView } from '../../../../core/diagnosis';
import { rightForTrial } from '../../../../contracts';
import { Allowed } from '../../../shell/Allowed';
import { useMay } from '../../../shell/me';
import { Notice } from '../../../components/Notice';
import { Button } from '../../../components/Button';
import { CardTitle } from '../../../components/CardText';
import { minutesInWords } from '../../../components/format';
import { canReadAloud, readAloud } from '../../../components/read-aloud';
import { ExpectedNote } from '../../case-log/ExpectedNote';
import { BuildUpRun } from './BuildUpRun';
import { CautionGate } from './CautionGate';
import { ColumnHead } from '../column';
import { spokenTrial } from '../../case-log/spoken-trial';
import { MoreSeen } from './MoreSeen';
import { OutcomeButtons } from './OutcomeButtons';
import type { OutcomeChoices } from '../../case-log/outcome-choices';
import { ProcedureSteps, ShowHow } from './ProcedureSteps';
import { SpareForTrial } from './SpareForTrial';
import { ReadingEntry } from './ReadingEntry';
import { StopLine } from './StopLine';
import { StripDown } from './StripDown';
import { useBringIntoView } from './use-bring-into-view';
import type { Gate } from '../../case-log/use-gate';
import type { ShownProcedure } from '../../case-log/use-procedure';
import { WaitTimer, WaitWords } from './WaitTimer';

const TitleRow = styled.div`
  display: flex;
  justify-content: space-between;
  gap: 0.8rem;
  > div {
    min-width: 0;
  }
`;
const Why = styled.p`
  margin: 0.25rem 0 0.6rem;
  line-height: 1.35;
  color: ${({ theme }) => theme.muted};
`;
const Changes = styled.p`
  margin-bottom: 0.6rem;
  padding: 0.2rem 0.8rem;
  border-left: 5px solid ${({ theme }) => theme.strong};
  background: ${({ theme }) => theme.panel};
  line-height: 1.35;
`;
const Aloud = styled(AriaButton)`
  display: inline-grid;
  place-items: center;
  min-width: 44px;
  min-height: 32px;
  margin: -0.4rem -0.6rem -0.4rem 0.3rem;
  @media (pointer: coarse) {
    min-height: 44px;
  }
  border: 0;
  background: none;
  color: inherit;
  cursor: pointer;
  vertical-align: middle;
`;
const Bay = styled(Button)`
  margin-bottom: 0.8rem;
`;
/** What can be seen stays in view, however long the steps above are. */
const Foot = styled.div`
  @media (min-width: 1001px) and (min-height: 640px) {
    position: sticky;
    bottom: -1rem;
    z-index: 1;
    margin: 0 -1rem;
    padding: 0.4rem 1rem 0.6rem;
    background: ${({ theme }) => theme.ground};
    box-shadow: 0 -8px 8px -8px ${({ theme }) => theme.line};
  }
`;
const Below = styled.div`
  margin-top: 0.4rem;
`;
const Gap = styled.div`
  height: 0.6rem;
`;
const Facts = styled.span`
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: flex-end;
`;

const kindWords: Readonly<Record<Diagnosis['advice']['kind'], string>> = {
  'make-safe': 'Make it safe first',
  reproduce: 'Do this first',
  test: 'Do this now',
  prove: 'Prove it',
  repair: 'Fix this',
  verify: 'Verify',
  'put-back': 'Put back',
  close: 'Done',
  'nothing-seen': 'Done',
  consent: 'Ask first',
  undecided: 'Decide',
};

interface TrialCardProps {
  readonly caseId: string;
  readonly state: CaseState;
  readonly trial: TrialView;
  readonly diagnosis: Diagnosis;
  readonly choices: OutcomeChoices;
  readonly gate: Gate;
  /** How it is done, movement by movement. */
  readonly shown: ShownProcedure;
  /** The machine was set up by hand for this start. */
  readonly isSetUp: boolean;
  readonly onOutcome: (outcome: string) => void;
  readonly onReading: (outcome: string, volts: number, meter?: ReadingMeter) => void;
  readonly onStartWait: () => void;
  readonly onBackToProposal: () => void;
}

/** The one next thing: steps, cautions, what each outcome would tell, the wait. */
export const TrialCard = memo(function TrialCard({
  caseId,
  state,
  trial,
  diagnosis,
  choices,
  gate,
  shown,
  isSetUp,
  onOutcome,
  onReading,
  onStartWait,
  onBackToProposal,
}: TrialCardProps) {
  const { advice, stopRule } = diagnosis;
  const isProposed = advice.trial?.id === trial.id;
  const head = useBringIntoView<HTMLDivElement>(trial.id);
  return (
    <div>
      <ColumnHead ref={head}>
        <h2>{isSetUp ? 'As you set it up' : isProposed ? kindWords[advice.kind] : 'Your choice'}</h2>
        <Needs trial={trial} shown={shown} />
      </ColumnHead>
      <TitleRow>
        <div>
          <CardTitle>{isSetUp ? 'Start it as it is set up' : trial.title}</CardTitle>
          <Why>{isProposed ? advice.why : trial.purpose}</Why>
        </div>
        <WaitTimer caseId={caseId} trial={trial} start={onStartWait} />
      </TitleRow>
      <CautionGate cautions={trial.cautions} gate={gate} />
      <ProcedureSteps trial={trial} shown={shown} slots={state.machine.board.slots} />
      {trial.changes !== 'as it is' && (
        <Changes>
          <strong>For this test:</strong> {trial.changes}.
        </Changes>
      )}
      {!isProposed && <WhyBlocked trial={trial} />}
      <Help caseId={caseId} state={state} trial={trial.id} />
      <Foot>
        <NotForTrainees trial={trial.id} />
        <Allowed action={rightForTrial(trial.id)}>
          <BesidesOutcomes caseId={caseId} trial={trial} onReading={onReading} />
          <OutcomeButtons choices={choices} onOutcome={onOutcome} />
        </Allowed>
      </Foot>
      <Below>
        <BuildUp state={state} trial={trial.id} />
        <WaitWords caseId={caseId} trial={trial} />
        {isProposed ? (
          <StopLine stopRule={stopRule} kind={advice.kind} />
        ) : (
          <Button $kind="quiet" onPress={onBackToProposal}>
            Back to the suggestion
          </Button>
        )}
      </Below>
    </div>
  );
});

/** What is noted besides one outcome: a reading in volts, or what else a start showed. */
function BesidesOutcomes({ caseId, trial, onReading }: Pick<TrialCardProps, 'caseId' | 'trial' | 'onReading'>) {
  if (trial.kind === 'start') return <MoreSeen caseId={caseId} isUnderLoad={trial.isUnderLoad} />;
  return trial.kind === 'measure' ? (
    <>
      <ReadingEntry key={trial.id} trial={trial} onReading={onReading} />
      <Gap />
    </>
  ) : null;
}

/** Why this trial is not proposed now: it is said, and the person decides. */
function WhyBlocked({ trial: { blocked } }: { readonly trial: TrialView }) {
  return blocked === null ? null : (
    <>
      <Notice kind="danger">{blocked}</Notice>
      <Gap />
    </>
  );
}

/** Why the outcomes of this trial are missing for one who may record others. */
function NotForTrainees({ trial }: { readonly trial: string }) {
  const mayRecord = useMay(rightForTrial(trial));
  return useMay('write-cases') && !mayRecord ? (
    <Notice kind="plain">Firmware cannot be unwritten: a technician or a lead does this and records it.</Notice>
  ) : null;
}

/** Time and tools, and the card read aloud. */
function Needs({ trial, shown }: Pick<TrialCardProps, 'trial' | 'shown'>) {
  const tools = [...trial.tools, ...trial.spares.map((kind) => `spare ${kindInWords(kind)}`)];
  return (
    <Facts>
      {['about ' + minutesInWords(trial.minutes), ...tools].join(' · ')}
      <ShowHow shown={shown} />
      {canReadAloud() && (
        <Aloud aria-label="Read aloud" onPress={() => readAloud(spokenTrial(trial))}>
          <Volume2 size={18} aria-hidden />
        </Aloud>
      )}
    </Facts>
  );
}

interface HelpProps {
  readonly caseId: string;
  readonly state: CaseState;
  readonly trial: string;
}

/** What some trials have besides steps: parts to tick off, the firmware bay. */
function Help({ caseId, state, trial }: HelpProps) {
  const ref = parseTrialId(trial);
  return (
    <>
      <SpareForTrial caseId={caseId} state={state} trial={trial} />
      {isStrippedStart(trial) && <StripDown caseId={caseId} state={state} />}
      {isStrippedStart(trial) && <ExpectedNote state={state} trial={trial} />}
      {ref && isFirmwareWork(ref) && (
        <Bay as={Link} {...{ to: `/cases/${caseId}/firmware` }}>
          <Cpu size={18} aria-hidden /> Open the firmware bay
        </Bay>
      )}
    </>
  );
}

/** Where a build-up stands: what each step is to show and what was seen. */
function BuildUp({ state, trial }: Omit<HelpProps, 'caseId'>) {
  const ref = parseTrialId(trial);
  if (ref?.kind !== 'build') return null;
  return (
    <>
      <ExpectedNote state={state} trial={trial} />
      <BuildUpRun state={state} step={ref.step} />
    </>
  );
}
