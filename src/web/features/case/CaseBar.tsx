import { Download, Keyboard, PauseCircle } from 'lucide-react';
import { useState } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import type { CaseState } from '../../../core/casework';
import { TopBar } from '../../app/TopBar';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { caseNumber } from '../../components/format';
import { PopoverSheet } from '../../components/Sheet';
import { fonts } from '../../theme/tokens';
import { StageMark } from '../queue/StageMark';

const Number = styled.span`
  font: 700 1.05rem ${fonts.code};
`;
const Machine = styled.strong`
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
  max-width: min(20rem, 70vw);
`;
const Complaint = styled.span`
  flex: 1;
  min-width: 4rem;
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
const ParkSheet = styled(PopoverSheet)`
  button {
    margin-top: 0.6rem;
  }
`;

/** The keys of the case screen, as they are listed on it. */
export const caseKeys: readonly (readonly [string, string])[] = [
  ['1 to 9', 'what you see'],
  ['T', 'start or stop the wait'],
  ['U', 'undo the last entry'],
  ['N', 'write a note'],
  ['C', 'close the case'],
  ['Q', 'back to the queue'],
];

/** The thin bar of a case: number, machine, complaint, state, and the few things that are not trials. */
export function CaseBar({
  caseId,
  number,
  state,
  onPark,
  onClose,
}: {
  readonly caseId: string;
  readonly number: number;
  readonly state: CaseState;
  readonly onPark: (waitingFor: string) => void;
  readonly onClose: () => void;
}) {
  const open = state.stage !== 'closed';
  return (
    <TopBar>
      <Number>{caseNumber(number)}</Number>
      <Machine title={state.opened.machine.name}>{state.opened.machine.name}</Machine>
      <Complaint title={state.opened.complaint}>“{state.opened.complaint}”</Complaint>
      <StageMark stage={state.stage} />
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
      <Small
        as="a"
        $kind="quiet"
        {...{ href: `/api/cases/${caseId}/file`, download: true }}
        aria-label="Save the case as a file"
      >
        <Download size={18} aria-hidden />
      </Small>
      {open && state.stage !== 'parked' && <Park onPark={onPark} />}
      {open && <Small onPress={onClose}>Close case</Small>}
    </TopBar>
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

function Park({ onPark }: { readonly onPark: (waitingFor: string) => void }) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string | undefined>();
  return (
    <DialogTrigger>
      <Small $kind="quiet">
        <PauseCircle size={18} aria-hidden /> Park
      </Small>
      <ParkSheet placement="bottom end">
        <Dialog aria-label="Park the case">
          {({ close }) => (
            <form
              noValidate
              onSubmit={(event) => {
                event.preventDefault();
                if (!text.trim()) return setError('Write what it waits for.');
                onPark(text.trim());
                close();
              }}
            >
              <Field
                label="Waiting for"
                value={text}
                onChange={setText}
                error={error}
                maxLength={200}
                hint="A part, the owner, a drying board."
                autoFocus
              />
              <Button type="submit" $kind="primary">
                Park the case
              </Button>
            </form>
          )}
        </Dialog>
      </ParkSheet>
    </DialogTrigger>
  );
}
