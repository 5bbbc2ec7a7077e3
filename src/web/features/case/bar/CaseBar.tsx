import { memo } from 'react';
import { Keyboard } from 'lucide-react';
import { Button as AriaButton, Dialog, DialogTrigger } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import type { CaseOpened, CaseStage } from '../../../../core/casework';
import { dataConsentWords } from '../../../../core/record';
import { Allowed } from '../../../shell/Allowed';
import { TopBar } from '../../../shell/TopBar';
import { Button } from '../../../components/Button';
import { caseNumber } from '../../../components/format';
import { PopoverSheet } from '../../../components/Sheet';
import { fonts } from '../../../theme/tokens';
import { StageMark } from '../../case-log/StageMark';
import { OtherMachines } from './OtherMachines';
import { PapersMenu } from './PapersMenu';
import { Park } from './ParkSheet';

const Number = styled.span`
  font: 700 1.05rem ${fonts.code};
`;
const Machine = styled.strong`
  min-width: 7.5rem;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  max-width: min(20rem, 70vw);
`;
const Complaint = styled(AriaButton)`
  flex: 1;
  min-height: 44px;
  padding: 0;
  border: 0;
  background: none;
  text-align: left;
  cursor: pointer;
  min-width: 2.75rem;
  @media (max-width: 900px) {
    flex-basis: 100%;
  }
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  color: ${({ theme }) => theme.muted};
`;
const Small = styled(Button)`
  padding: 0.3rem 0.6rem;
  font-weight: 500;
`;
const RoomLink = styled(Link)`
  display: inline-flex;
  align-items: center;
  gap: 0.3rem;
  min-height: 44px;
  padding: 0 0.35rem;
  text-decoration: none;
  white-space: nowrap;
  &:hover {
    text-decoration: underline;
  }
`;
const KeySheet = styled(PopoverSheet)`
  dl {
    display: grid;
    grid-template-columns: auto 1fr;
    gap: 0.25rem 0.8rem;
  }
  dt {
    font: 700 0.95rem ${fonts.code};
  }
`;
const Told = styled.dl`
  && {
    grid-template-columns: auto minmax(0, 1fr);
  }
  && dt {
    font: inherit;
    color: ${({ theme }) => theme.muted};
  }
  dd {
    overflow-wrap: anywhere;
  }
`;
/** The keys of the case screen, as they are listed on it. */
export const caseKeys: readonly (readonly [string, string])[] = [
  ['1 to 9', 'what you see'],
  ['G', 'confirm the cautions'],
  ['T', 'start or stop the wait'],
  ['F', 'show how, movement by movement'],
  ['M', 'take the reading from the connected meter'],
  ['/', 'find another test'],
  ['R', 'read the next sentence aloud'],
  ['U', 'undo the last entry'],
  ['N', 'write a note'],
  ['P', 'photo of the last entry'],
  ['C', 'close the case'],
  ['B', 'next machine on the bench'],
  ['Q', 'back to the queue'],
];

interface CaseBarProps {
  readonly caseId: string;
  readonly number: number;
  readonly opened: CaseOpened;
  /** How the owner is reached, where it was noted. */
  readonly contact: string | undefined;
  readonly stage: CaseStage;
  readonly onPark: (waitingFor: string, until: string | null) => void;
  readonly onClose: () => void;
}

/** The thin bar of a case: number, machine, complaint, state, and the few things that are not trials. */
export const CaseBar = memo(function CaseBar({
  caseId,
  number,
  opened,
  contact,
  stage,
  onPark,
  onClose,
}: CaseBarProps) {
  const open = stage !== 'closed';
  return (
    <TopBar>
      <Number>{caseNumber(number)}</Number>
      <Machine title={opened.machine.name}>{opened.machine.name}</Machine>
      <AsTold opened={opened} contact={contact} />
      <OtherMachines caseId={caseId} />
      <StageMark stage={stage} />
      <DialogTrigger>
        <Small $kind="quiet" aria-label="Keys">
          <Keyboard size={18} aria-hidden />
        </Small>
        <KeySheet placement="bottom end">
          <Dialog aria-label="Keys">
            <dl>
              {caseKeys.map(([key, does]) => (
                <KeyLine key={key} name={key} does={does} />
              ))}
            </dl>
          </Dialog>
        </KeySheet>
      </DialogTrigger>
      <RoomLink to={`/cases/${caseId}/photos`}>Photos</RoomLink>
      <RoomLink to={`/cases/${caseId}/parts`}>Parts</RoomLink>
      <RoomLink to={`/cases/${caseId}/power`}>Power</RoomLink>
      <RoomLink to={`/cases/${caseId}/firmware`}>Firmware</RoomLink>
      <Allowed action="export-cases">
        <PapersMenu caseId={caseId} canList={opened.machine.onBench === true || hasLoose(opened)} />
      </Allowed>
      {open && stage !== 'parked' && (
        <Allowed action="write-cases">
          <Park onPark={onPark} />
        </Allowed>
      )}
      {open && (
        <Allowed action="close-cases">
          <Small onPress={onClose}>Close case</Small>
        </Allowed>
      )}
    </TopBar>
  );
});

const hasLoose = ({ machine }: CaseOpened): boolean => machine.parts.some(({ loose }) => loose);

/** The complaint, cut where the bar is narrow; a press shows all that was said and agreed when the machine came in. */
function AsTold({ opened, contact }: Pick<CaseBarProps, 'opened' | 'contact'>) {
  const { machine, owner, complaint, handedIn, spendingLimit, dataConsent } = opened;
  const lines: readonly (readonly [string, string | undefined])[] = [
    ['Machine', machine.name],
    ['Owner', owner],
    ['Contact', contact],
    ['Complaint', `“${complaint}”`],
    ['Handed in', handedIn],
    ['May cost up to', spendingLimit === undefined ? undefined : String(spendingLimit)],
    ['Data on it', dataConsent && dataConsentWords[dataConsent]],
  ];
  return (
    <DialogTrigger>
      <Complaint aria-label="Owner and complaint">“{complaint}”</Complaint>
      <KeySheet placement="bottom start">
        <Dialog aria-label="Owner and complaint">
          <Told>
            {lines.map(([label, words]) => words !== undefined && <KeyLine key={label} name={label} does={words} />)}
          </Told>
        </Dialog>
      </KeySheet>
    </DialogTrigger>
  );
}

function KeyLine({ name, does }: { readonly name: string; readonly does: string }) {
  return (
    <>
      <dt>{name}</dt>
      <dd>{does}</dd>
    </>
  );
}
