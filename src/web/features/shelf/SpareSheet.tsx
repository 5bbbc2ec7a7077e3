import { useState } from 'react';
import { fieldProblems, parseSafely, putShelfItemSchema, SPARE_STANDINGS, type ShelfItem } from '../../../contracts';
import { PART_CONDITIONS, SPARE_KINDS } from '../../../core/casework';
import { kindInWords } from '../../../core/machine';
import { usePutSpare, useRemoveSpare } from '../../api/shelf';
import { Button } from '../../components/Button';
import { ChoiceGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { FormSheet } from '../../components/FormSheet';
import { capitalized, caseNumber, spareNumber } from '../../components/format';
import { Notice } from '../../components/Notice';
import { amountTyped, BoughtFields, emptyPart, PartFields, typedOf, type PartDraft } from '../../components/PartFields';
import { Select } from '../../components/Select';
import { newId } from '../../stores/new-id';
import { standingWords } from '../case-log/spare-words';

interface SpareDraft extends PartDraft {
  readonly kind: string;
  readonly paid: string;
}

const draftOf = (item: ShelfItem | null): SpareDraft => ({ ...emptyPart, kind: 'supply', paid: '', ...item?.part });

interface SpareSheetProps {
  /** Null for a new one. */
  readonly item: ShelfItem | null;
  readonly mayWrite: boolean;
  readonly onClose: () => void;
}

/** A spare of the shelf: what it is, and whether it is known to be good. */
export function SpareSheet({ item, mayWrite, onClose }: SpareSheetProps) {
  const [draft, setDraft] = useState(() => draftOf(item));
  const [standing, setStanding] = useState<string>(item?.standing ?? 'untested');
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const [id] = useState(() => item?.id ?? newId());
  const put = usePutSpare();
  const change = (more: Partial<SpareDraft>) => {
    setDraft((before) => ({ ...before, ...more }));
    setErrors({});
  };
  const save = () => {
    if (draft.name.trim() === '') {
      setErrors({ name: 'Enter what it is.' });
      return;
    }
    const part = typedOf({ ...draft, paid: amountTyped(draft.paid) });
    const read = parseSafely(putShelfItemSchema, { expectedEdition: item?.edition ?? 0, part, standing });
    if (!read.success) {
      setErrors(
        Object.fromEntries(fieldProblems(read.error).map(({ path, message }) => [String(path.at(-1)), message])),
      );
      return;
    }
    put.mutate({ id, ...read.data }, { onSuccess: onClose });
  };
  return (
    <FormSheet
      title={item ? `${spareNumber(item.number)} ${item.part.name}` : 'New spare'}
      submit={mayWrite ? 'Save' : 'Close'}
      isBusy={put.isPending}
      onSubmit={mayWrite ? save : onClose}
      onClose={onClose}
      actions={item && mayWrite ? <TakeOff item={item} onGone={onClose} /> : null}
    >
      {item?.lent && <Notice kind="plain">It is out for case {caseNumber(item.lent.caseNumber)}.</Notice>}
      <ChoiceGrid
        label="Is it known to be good?"
        columns={3}
        choices={SPARE_STANDINGS.map((of) => ({ id: of, label: standingWords[of] }))}
        value={standing}
        onChange={setStanding}
      />
      <SpareFields draft={draft} errors={errors} onChange={change} />
      {put.error && <Notice kind="danger">{put.error.message}</Notice>}
    </FormSheet>
  );
}

interface SpareFieldsProps {
  readonly draft: SpareDraft;
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (more: Partial<SpareDraft>) => void;
}

function SpareFields({ draft, errors, onChange }: SpareFieldsProps) {
  return (
    <>
      <Select
        label="Kind of part"
        value={draft.kind}
        choices={SPARE_KINDS.map((kind) => ({ id: kind, label: capitalized(kindInWords(kind)) }))}
        onChange={(kind) => onChange({ kind })}
      />
      <PartFields draft={draft} errors={errors} conditions={PART_CONDITIONS} onChange={onChange} />
      <BoughtFields draft={draft} errors={errors} onChange={onChange}>
        <Field
          label="Paid"
          value={draft.paid}
          onChange={(paid) => onChange({ paid })}
          error={errors.paid}
          maxLength={12}
        />
      </BoughtFields>
    </>
  );
}

/** Takes a spare off the list, at a second press. */
function TakeOff({ item, onGone }: { readonly item: ShelfItem; readonly onGone: () => void }) {
  const remove = useRemoveSpare();
  const [isAsking, setAsking] = useState(false);
  return (
    <>
      <Button
        isDisabled={item.lent !== null || remove.isPending}
        onPress={() => (isAsking ? remove.mutate(item.id, { onSuccess: onGone }) : setAsking(true))}
      >
        {isAsking ? 'Press again to take it off' : 'Take it off the shelf'}
      </Button>
      {remove.error && <Notice kind="danger">{remove.error.message}</Notice>}
    </>
  );
}
