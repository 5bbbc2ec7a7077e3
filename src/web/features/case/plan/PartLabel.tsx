import { useState } from 'react';
import styled from 'styled-components';
import { PART_CONDITIONS, type EventBody, type PartFacts } from '../../../../core/casework';
import type { Part } from '../../../../core/machine';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';
import { capitalized } from '../../../components/format';
import { Select } from '../../../components/Select';
import { partNoteOf, priceProblem, type PartLabelDraft } from './part-note';

const Form = styled.form`
  display: grid;
  gap: 0.5rem;
  margin-top: 0.5rem;
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.5rem;
`;

const unsaid = 'unsaid';
const conditions = [
  { id: unsaid, label: 'Not noted' },
  ...PART_CONDITIONS.map((id) => ({ id, label: capitalized(id) })),
];

/** What a part is: make, model, serial number, rating, condition and price, noted by a press. */
export function PartLabel({
  part,
  facts,
  onNote,
}: {
  readonly part: Part;
  readonly facts: PartFacts | undefined;
  readonly onNote: (body: EventBody) => void;
}) {
  const [draft, setDraft] = useState<PartLabelDraft | null>(null);
  const [error, setError] = useState<string | undefined>();
  if (!draft)
    return (
      <Button onPress={() => setDraft(draftOf(facts))}>{facts ? 'Change what is noted' : 'Note what it is'}</Button>
    );
  const field = (key: 'make' | 'model' | 'serial' | 'rating', label: string) => (
    <Field label={label} value={draft[key]} onChange={(value) => setDraft({ ...draft, [key]: value })} maxLength={80} />
  );
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const problem = priceProblem(draft.paid);
        if (problem) return setError(problem);
        const note = partNoteOf(part.id, draft, facts);
        if (note) onNote(note);
        else setDraft(null);
      }}
    >
      <Two>
        {field('make', 'Make')}
        {field('model', 'Model')}
        {field('serial', 'Serial number')}
        {field('rating', 'Rating')}
        <Select
          label="Condition"
          value={draft.condition || unsaid}
          choices={conditions}
          onChange={(id) => setDraft({ ...draft, condition: PART_CONDITIONS.find((one) => one === id) ?? '' })}
        />
        <Field label="Price paid" value={draft.paid} onChange={(paid) => setDraft({ ...draft, paid })} error={error} />
      </Two>
      <Button type="submit" $kind="primary">
        Note
      </Button>
    </Form>
  );
}

const draftOf = (facts: PartFacts | undefined): PartLabelDraft => ({
  make: facts?.make ?? '',
  model: facts?.model ?? '',
  serial: facts?.serial ?? '',
  rating: facts?.rating ?? '',
  condition: facts?.condition ?? '',
  paid: typeof facts?.paid === 'number' ? String(facts.paid) : '',
});
