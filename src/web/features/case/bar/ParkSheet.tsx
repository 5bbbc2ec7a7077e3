import { addDays, addHours, formatISO, setHours, startOfHour } from 'date-fns';
import { PauseCircle } from 'lucide-react';
import { useState } from 'react';
import { Dialog, DialogTrigger } from 'react-aria-components';
import styled from 'styled-components';
import { Button } from '../../../components/Button';
import { ChoiceGrid } from '../../../components/ChoiceGrid';
import { Field } from '../../../components/Field';
import { dayAndTime } from '../../../components/format';
import { PopoverSheet } from '../../../components/Sheet';

const Small = styled(Button)`
  padding: 0.3rem 0.6rem;
  font-weight: 500;
  /* Where the bar is narrow the word is enough. */
  @media (max-width: 1500px) {
    svg {
      display: none;
    }
  }
`;
const Form = styled.form`
  display: grid;
  gap: 0.7rem;
`;

const openingHour = 9;
const morning = (now: Date, days: number) => setHours(startOfHour(addDays(now, days)), openingHour);

/** Until when a machine may wait, in the steps that a bench thinks in. */
const untils: readonly { readonly id: string; readonly label: string; readonly at: (now: Date) => Date | null }[] = [
  { id: 'open', label: 'Not known', at: () => null },
  { id: 'hour', label: 'One hour', at: (now) => addHours(now, 1) },
  { id: 'tomorrow', label: 'Tomorrow', at: (now) => morning(now, 1) },
  { id: 'three', label: 'Three days', at: (now) => morning(now, 3) },
  { id: 'week', label: 'A week', at: (now) => morning(now, 7) },
];

/** Parks the case: what it waits for, and until when. */
export function Park({ onPark }: { readonly onPark: (waitingFor: string, until: string | null) => void }) {
  return (
    <DialogTrigger>
      <Small $kind="quiet">
        <PauseCircle size={18} aria-hidden /> Park
      </Small>
      <PopoverSheet placement="bottom end">
        <Dialog aria-label="Park the case">
          {({ close }) => (
            <ParkForm
              onDone={(waitingFor, until) => {
                onPark(waitingFor, until);
                close();
              }}
            />
          )}
        </Dialog>
      </PopoverSheet>
    </DialogTrigger>
  );
}

function ParkForm({ onDone }: { readonly onDone: (waitingFor: string, until: string | null) => void }) {
  const [text, setText] = useState('');
  const [until, setUntil] = useState('open');
  const [error, setError] = useState<string | undefined>();
  const [now] = useState(() => new Date());
  const moment = untils.find(({ id }) => id === until)?.at(now) ?? null;
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (!text.trim()) return setError('Enter what it waits for.');
        onDone(text.trim(), moment ? formatISO(moment) : null);
      }}
    >
      <Field
        label="Waiting for"
        value={text}
        onChange={setText}
        error={error}
        maxLength={200}
        hint="For instance a part, the owner, a board that is drying."
        autoFocus
      />
      <ChoiceGrid
        label="Until"
        choices={untils.map(({ id, label }) => ({ id, label }))}
        value={until}
        onChange={setUntil}
      />
      {moment && <p>{dayAndTime(moment.toISOString(), now)}</p>}
      <Button type="submit" $kind="primary">
        Park the case
      </Button>
    </Form>
  );
}
