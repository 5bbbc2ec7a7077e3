import styled from 'styled-components';
import type { CaseState } from '../../../core/casework';
import { CAUTIONS } from '../../../core/trials';
import type { Diagnosis, TrialView } from '../../../core/diagnosis';
import { Button } from '../../components/Button';
import { CardTitle } from '../../components/CardText';
import { minutesInWords } from '../../components/format';
import { ColumnHead } from './column';
import { OutcomeButtons } from './OutcomeButtons';
import type { OutcomeChoices } from './outcome-choices';
import { ReadingEntry } from './ReadingEntry';
import { StopLine } from './StopLine';
import { StripDown } from './StripDown';
import { WaitTimer } from './WaitTimer';

const Why = styled.p`
  margin: 0.35rem 0 0.7rem;
  font-size: 1.05rem;
  color: ${({ theme }) => theme.muted};
`;
const Steps = styled.ol`
  margin: 0 0 0.8rem 1.4rem;
  font-size: 1.08rem;
  line-height: 1.45;
`;
const Cautions = styled.ul`
  margin-bottom: 0.7rem;
  padding: 0.45rem 0.9rem;
  border-left: 5px solid ${({ theme }) => theme.danger};
  background: ${({ theme }) => theme.dangerSoft};
  color: ${({ theme }) => theme.danger};
  font-weight: 600;
  line-height: 1.35;
  li {
    display: inline;
  }
  li + li::before {
    content: ' ';
  }
`;
const Changes = styled.p`
  margin-bottom: 0.8rem;
  padding: 0.4rem 0.9rem;
  border-left: 5px solid ${({ theme }) => theme.strong};
  background: ${({ theme }) => theme.panel};
`;
const Below = styled.div`
  margin-top: 0.8rem;
`;
const Gap = styled.div`
  height: 0.7rem;
`;

const kindWords: Readonly<Record<Diagnosis['advice']['kind'], string>> = {
  reproduce: 'Do this first',
  test: 'Do this now',
  prove: 'Prove it',
  repair: 'Mend this',
  verify: 'Verify',
  'put-back': 'Put back',
  close: 'Done',
  'nothing-seen': 'Done',
  undecided: 'Decide',
};

/** The one next thing: steps, cautions, what each outcome would tell, the wait. */
export function TrialCard({
  caseId,
  state,
  trial,
  diagnosis,
  choices,
  isDisabled,
  onOutcome,
  onReading,
  onStartWait,
  onBackToProposal,
}: {
  readonly caseId: string;
  readonly state: CaseState;
  readonly trial: TrialView;
  readonly diagnosis: Diagnosis;
  readonly choices: OutcomeChoices;
  readonly isDisabled: boolean;
  readonly onOutcome: (outcome: string) => void;
  readonly onReading: (outcome: string, volts: number) => void;
  readonly onStartWait: () => void;
  readonly onBackToProposal: () => void;
}) {
  const { advice, stopRule } = diagnosis;
  const isProposed = advice.trial?.id === trial.id;
  const tools = [...trial.tools, ...trial.spares.map((kind) => `spare ${kind.replace('-', ' ')}`)];
  return (
    <div>
      <ColumnHead>
        <h2>{isProposed ? kindWords[advice.kind] : 'You chose this instead'}</h2>
        <span>{['about ' + minutesInWords(trial.minutes), ...tools].join(' · ')}</span>
      </ColumnHead>
      <CardTitle>{trial.title}</CardTitle>
      <Why>{isProposed ? advice.why : trial.purpose}</Why>
      <Steps>
        {trial.steps.map((step) => (
          <li key={step}>{step}</li>
        ))}
      </Steps>
      {trial.changes !== 'as it stands' && (
        <Changes>
          <strong>For this trial:</strong> {trial.changes}.
        </Changes>
      )}
      {trial.cautions.length > 0 && (
        <Cautions aria-label="Cautions">
          {trial.cautions.map((id) => (
            <li key={id}>{CAUTIONS[id]}</li>
          ))}
        </Cautions>
      )}
      {trial.id.startsWith('minimal-') && <StripDown caseId={caseId} state={state} />}
      {trial.kind === 'measure' && (
        <>
          <ReadingEntry key={trial.id} trial={trial} onReading={onReading} />
          <Gap />
        </>
      )}
      <OutcomeButtons choices={choices} isDisabled={isDisabled} onOutcome={onOutcome} />
      <Below>
        <WaitTimer caseId={caseId} trial={trial} start={onStartWait} />
        {isProposed && <StopLine stopRule={stopRule} kind={advice.kind} />}
        {!isProposed && (
          <Button $kind="quiet" onPress={onBackToProposal}>
            Back to what is proposed
          </Button>
        )}
      </Below>
    </div>
  );
}
