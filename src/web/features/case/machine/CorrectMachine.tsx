import { PencilLine } from 'lucide-react';
import { useState } from 'react';
import { Dialog, DialogTrigger, Heading } from 'react-aria-components';
import styled from 'styled-components';
import type { EventBody } from '../../../../core/casework';
import { BOARD_FORMS, kindInWords, type BoardForm, type DeclaredKind, type Machine } from '../../../../core/machine';
import { Button } from '../../../components/Button';
import { CheckGrid } from '../../../components/ChoiceGrid';
import { Field } from '../../../components/Field';
import { capitalized } from '../../../components/format';
import { Select } from '../../../components/Select';
import { ModalSheet, Overlay } from '../../../components/Sheet';
import { boardFactWords, type BoardFact } from '../../../../core/record';

const Quiet = styled(Button)`
  min-height: 36px;
  padding: 0.2rem 0.4rem;
  font-size: 0.92rem;
  font-weight: 500;
  @media (pointer: coarse) {
    min-height: 44px;
  }
`;
const Form = styled.form`
  display: grid;
  gap: 0.8rem;
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.8rem;
  @media (max-width: 560px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const facts = Object.entries(boardFactWords).map(([id, words]) => ({ id, label: capitalized(words) }));
const graphics = { id: 'builtInGraphics', label: 'Graphics in the processor' };
/** Kinds of part that are forgotten at intake. */
const forgotten: readonly DeclaredKind[] = ['module', 'card', 'drive', 'fan', 'usb-device', 'front-usb', 'front-audio'];
const none = 'none';

interface CorrectMachineProps {
  readonly machine: Machine;
  readonly onNote: (body: EventBody) => void;
}

/** Facts of the machine that were written down wrongly at intake: put right, and everything seen is weighed again. */
export function CorrectMachine({ machine, isAllowed, onNote }: CorrectMachineProps & { readonly isAllowed: boolean }) {
  if (!isAllowed) return null;
  return (
    <DialogTrigger>
      <Quiet $kind="quiet" aria-label="Correct the machine">
        <PencilLine size={16} aria-hidden /> Correct it
      </Quiet>
      <Overlay isDismissable>
        <ModalSheet>
          <Dialog>
            {({ close }) => (
              <CorrectForm
                machine={machine}
                onNote={(body) => {
                  close();
                  onNote(body);
                }}
              />
            )}
          </Dialog>
        </ModalSheet>
      </Overlay>
    </DialogTrigger>
  );
}

function CorrectForm({ machine, onNote }: CorrectMachineProps) {
  const { board, builtInGraphics } = machine;
  const before = [
    ...facts.map(({ id }) => id).filter((id) => board[id as BoardFact]),
    ...(builtInGraphics ? [graphics.id] : []),
  ];
  const [has, setHas] = useState<readonly string[]>(before);
  const [form, setForm] = useState<string>(board.form);
  const [kind, setKind] = useState<string>(none);
  const [name, setName] = useState('');
  const body = correctionOf(machine, { has, form, kind, name });
  return (
    <Form
      onSubmit={(event) => {
        event.preventDefault();
        if (body) onNote(body);
      }}
    >
      <Heading slot="title">Correct the machine</Heading>
      <p>It was so all along: everything seen so far is weighed again.</p>
      <CheckGrid label="It has" choices={[...facts, graphics]} values={has} onChange={setHas} />
      <Select
        label="Size of the board"
        value={form}
        choices={BOARD_FORMS.map((id) => ({ id, label: capitalized(id) }))}
        onChange={setForm}
      />
      <Two>
        <Select
          label="A part that was forgotten"
          value={kind}
          choices={[
            { id: none, label: 'None' },
            ...forgotten.map((id) => ({ id, label: capitalized(kindInWords(id)) })),
          ]}
          onChange={setKind}
        />
        {kind !== none && (
          <Field label="What it is called" value={name} onChange={setName} maxLength={80} hint="May stay empty." />
        )}
      </Two>
      <Button type="submit" $kind="primary" isDisabled={body === null}>
        Correct it
      </Button>
    </Form>
  );
}

interface Correction {
  readonly has: readonly string[];
  readonly form: string;
  readonly kind: string;
  readonly name: string;
}

/** Only what differs; null where nothing does. */
export function correctionOf(machine: Machine, { has, form, kind, name }: Correction): EventBody | null {
  const board = {
    ...Object.fromEntries(
      facts
        .filter(({ id }) => machine.board[id as BoardFact] !== has.includes(id))
        .map(({ id }) => [id, has.includes(id)]),
    ),
    ...(form === machine.board.form ? {} : { form: form as BoardForm }),
  };
  const isGraphics = has.includes(graphics.id);
  const part =
    kind === none
      ? null
      : { id: freeId(machine, kind), kind: kind as DeclaredKind, ...(name.trim() ? { name: name.trim() } : {}) };
  const correction = {
    ...(Object.keys(board).length > 0 ? { board } : {}),
    ...(isGraphics === machine.builtInGraphics ? {} : { builtInGraphics: isGraphics }),
    ...(part ? { added: [part] } : {}),
  };
  return Object.keys(correction).length > 0 ? { kind: 'machine-corrected', ...correction } : null;
}

/** An id of a kind that no part has yet. */
function freeId({ parts }: Machine, kind: string): string {
  const taken = new Set(parts.map(({ id }) => id));
  let n = 1;
  while (taken.has(`${kind}-${n}`)) n++;
  return `${kind}-${n}`;
}
