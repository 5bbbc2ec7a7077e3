import { useState } from 'react';
import { PART_CONDITIONS, PART_WAYS, type CaseState, type EventBody } from '../../../core/casework';
import { partWayWords } from '../../../core/record';
import { Field } from '../../components/Field';
import { FormSheet } from '../../components/FormSheet';
import { BoughtFields, PartFields, typedOf } from '../../components/PartFields';
import { Select } from '../../components/Select';
import { emptyMoved, movedPartOf, type MovedDraft } from './moved-part';

interface MovedPartSheetProps {
  readonly state: CaseState;
  readonly onRecord: (body: EventBody) => void;
  readonly onClose: () => void;
}

/** A part that came or went. */
export function MovedPartSheet({ state: { machine, partFacts }, onRecord, onClose }: MovedPartSheetProps) {
  const [draft, setDraft] = useState(emptyMoved);
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const change = (more: Partial<MovedDraft>) => {
    setDraft((before) => ({ ...before, ...more }));
    setErrors({});
  };
  /** A part of the machine brings what was noted of it. */
  const choosePart = (part: string) => {
    const found = machine.parts.find(({ id }) => id === part);
    const { make, model, serial, rating, condition } = partFacts[part] ?? {};
    const known = typedOf({
      make: make ?? '',
      model: model ?? '',
      serial: serial ?? '',
      rating: rating ?? '',
      condition: condition ?? '',
    });
    const isGoing = draft.way !== 'bought' && draft.way !== 'fitted';
    if (!found) change({ part });
    else if (isGoing) change({ part, name: found.name, ...known });
    // What comes in its place is of the same kind, and else another.
    else change({ part, ...(draft.name.trim() === '' ? { name: found.name } : {}) });
  };
  return (
    <FormSheet
      title="Part in or out"
      submit="Note it"
      onClose={onClose}
      onSubmit={() => {
        const read = movedPartOf(draft);
        if (read.ok) onRecord(read.body);
        else setErrors(read.errors);
      }}
    >
      <Select
        label="What happened"
        value={draft.way}
        choices={PART_WAYS.map((id) => ({ id, label: partWayWords[id] }))}
        onChange={(way) => change({ way })}
      />
      <Select
        label="Which part of the machine"
        value={draft.part}
        choices={[
          { id: '', label: 'None of them' },
          ...machine.parts
            .filter(({ kind }) => kind !== 'slot' && kind !== 'channel')
            .map(({ id, name }) => ({ id, label: name })),
        ]}
        onChange={choosePart}
      />
      <MovedFields draft={draft} errors={errors} onChange={change} />
    </FormSheet>
  );
}

interface MovedFieldsProps {
  readonly draft: MovedDraft;
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (more: Partial<MovedDraft>) => void;
}

/** What it is, what it cost, and where it was bought. */
function MovedFields({ draft, errors, onChange }: MovedFieldsProps) {
  return (
    <>
      <PartFields draft={draft} errors={errors} conditions={PART_CONDITIONS} onChange={onChange} />
      <BoughtFields draft={draft} errors={errors} onChange={onChange}>
        <Field
          label="Paid"
          hint="On the bill with what the shop adds."
          value={draft.price}
          onChange={(price) => onChange({ price })}
          error={errors.price}
          maxLength={12}
        />
        <Field
          label="For how many parts"
          hint="More than one: the price is of the lot."
          value={draft.of}
          onChange={(of) => onChange({ of })}
          error={errors.of}
          maxLength={3}
        />
      </BoughtFields>
    </>
  );
}
