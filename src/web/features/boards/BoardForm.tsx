import { toNestErrors } from '@hookform/resolvers';
import { Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useFieldArray, useForm, useWatch, type Control, type Resolver } from 'react-hook-form';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import type { BoardBookFile } from '../../../contracts';
import { usePutBoard, useRemoveBoard } from '../../api/boards';
import { Allowed } from '../../shell/Allowed';
import { Button } from '../../components/Button';
import { TickCell } from '../../components/Cell';
import { Notice } from '../../components/Notice';
import { resetColumns, sharingColumns, slotColumns } from './board-columns';
import { draftOfBoard, emptyHeader, type BoardDraft } from './board-draft';
import { boardOfDraft } from './board-of-draft';
import { FlashFields, Line, Lines, Section, Ticked } from './form-parts';
import { HeaderEditor } from './HeaderEditor';
import { RevisionsEditor } from './RevisionsEditor';
import { RowsEditor } from './RowsEditor';
import { SignalTables } from './SignalTables';

const Form = styled.form`
  display: grid;
  grid-template-columns: minmax(0, 1fr);
  gap: 1.8rem;
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 1.4rem 2rem;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Foot = styled.div`
  position: sticky;
  bottom: 0;
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
  padding: 0.7rem 0;
  border-top: 1px solid ${({ theme }) => theme.line};
  background: ${({ theme }) => theme.ground};
`;
const Apart = styled.span`
  flex: 1;
`;

/** The draft is not the file: what the schema of board files finds wrong stands at the field of the draft. */
const resolveDraft: Resolver<BoardDraft> = (values, _context, options) => {
  const read = boardOfDraft(values);
  if (read.ok) return { values, errors: {} };
  const errors = Object.fromEntries(
    [...read.issues].reverse().map(({ path, message }) => [path, { type: 'schema', message }]),
  );
  return { values: {}, errors: toNestErrors(errors, options) };
};

interface BoardFormProps {
  readonly id: string;
  /** The edition that is being edited; 0 for a new board. */
  readonly edition: number;
  readonly board?: BoardBookFile;
  readonly start?: BoardDraft;
  readonly onSaved: () => void;
  readonly onLeave: () => void;
}

/** A board as it is edited. Nothing is written until it is saved, and then it is written whole. */
export function BoardForm({ id, edition, board, start, onSaved, onLeave }: BoardFormProps) {
  const form = useForm<BoardDraft>({
    ...(board ? { defaultValues: draftOfBoard(board) } : start ? { defaultValues: start } : {}),
    resolver: resolveDraft,
  });
  const put = usePutBoard();
  const { control } = form;
  const submit = form.handleSubmit(async (values) => {
    const read = boardOfDraft(values);
    if (!read.ok) return;
    const saved = await put.mutateAsync({ id, expectedEdition: edition, board: read.board }).catch(() => null);
    if (saved) onSaved();
  });
  const wrong = form.formState.isSubmitted && !form.formState.isValid;
  return (
    <Form noValidate onSubmit={(event) => void submit(event)}>
      <BoardLines control={control} />
      <RevisionsEditor control={control} form={form} />
      <FlashFields control={control} hasFlash={useWatch({ control, name: 'hasFlash' })} />
      <BoardTables control={control} />
      <SignalTables control={control} form={form} />
      <Headers control={control} form={form} />
      {put.error && <Notice kind="danger">{put.error.message}</Notice>}
      <Foot>
        <Button type="submit" $kind="primary" isDisabled={put.isPending}>
          Save the board
        </Button>
        <Button onPress={onLeave}>Leave without saving</Button>
        {wrong && <span role="alert">Something is missing or wrong; it is marked above.</span>}
        <Apart />
        {edition > 0 && (
          <Allowed action="delete-boards">
            <Remove id={id} />
          </Allowed>
        )}
      </Foot>
    </Form>
  );
}

interface PartOfForm {
  readonly control: Control<BoardDraft>;
}

function BoardLines({ control }: PartOfForm) {
  return (
    <Section>
      <Lines>
        <Line control={control} name="model" label="Name, as printed on board and box" />
        <Line control={control} name="setupKey" label="Setup key" />
        <Line control={control} name="menuPath" label="Way to the update in setup" />
        <Line control={control} name="completePc" label="Belongs to a complete PC of" />
        <Line control={control} name="firstStart.usualSeconds" label="First start, usually (s)" />
        <Line control={control} name="firstStart.worstSeconds" label="First start, at most (s)" />
        <Line
          control={control}
          name="secondImage"
          label="How to start from the second image"
          hint="Empty if there is none."
        />
      </Lines>
      <Ticked>
        <TickCell control={control} name="menuFlash" label="Firmware can be updated from its own menu" />
        Firmware can be updated from its own menu
      </Ticked>
    </Section>
  );
}

/** What is edited row by row. */
function BoardTables({ control }: PartOfForm) {
  return (
    <>
      <Section>
        <h2>Ways to reset the settings</h2>
        <RowsEditor
          control={control}
          name="resets"
          columns={resetColumns}
          empty={{ how: 'pins', where: '', seconds: '10' }}
          add="Add a reset"
        />
      </Section>
      <Two>
        <Section>
          <h2>Memory slots, in the order in which they are filled</h2>
          <RowsEditor
            control={control}
            name="memorySlots"
            columns={slotColumns}
            empty={{ name: '', channel: '' }}
            add="Add a slot"
          />
        </Section>
        <Section>
          <h2>Sockets that disable others</h2>
          <RowsEditor
            control={control}
            name="sharing"
            columns={sharingColumns}
            empty={{ filled: '', switchesOff: '' }}
            add="Add a rule"
          />
        </Section>
      </Two>
    </>
  );
}

function Headers({
  control,
  form,
}: {
  readonly control: Control<BoardDraft>;
  readonly form: ReturnType<typeof useForm<BoardDraft>>;
}) {
  const { fields, append, remove } = useFieldArray({ control, name: 'headers' });
  return (
    <Section>
      <h2>Headers</h2>
      {fields.map((header, i) => (
        <HeaderEditor key={header.id} form={form} index={i} onRemove={() => remove(i)} />
      ))}
      <div>
        <Button onPress={() => append(emptyHeader)}>
          <Plus size={17} aria-hidden /> Add a header
        </Button>
      </div>
    </Section>
  );
}

function Remove({ id }: { readonly id: string }) {
  const [isAsked, setAsked] = useState(false);
  const remove = useRemoveBoard();
  const navigate = useNavigate();
  const take = () => remove.mutate(id, { onSuccess: () => void navigate('/boards') });
  return isAsked ? (
    <Button onPress={take} isDisabled={remove.isPending}>
      <Trash2 size={17} aria-hidden /> Yes, remove it from the book
    </Button>
  ) : (
    <Button $kind="quiet" onPress={() => setAsked(true)}>
      <Trash2 size={17} aria-hidden /> Remove from the book
    </Button>
  );
}
