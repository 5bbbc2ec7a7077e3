import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useState } from 'react';
import { Controller, useForm, type UseFormReturn, useWatch } from 'react-hook-form';
import { useNavigate } from 'react-router';
import styled from 'styled-components';
import { CIRCUMSTANCES } from '../../../core/faults';
import { useBoardDetail } from '../../api/boards';
import { useOpenCase } from '../../api/cases';
import { useMe } from '../../shell/me';
import { Page } from '../../shell/Page';
import { Button } from '../../components/Button';
import { CheckGrid, ChoiceGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { useIntakeDraftStore } from '../../stores/intake-draft-store';
import { newId } from '../../stores/new-id';
import { circumstanceWords } from '../case-log/circumstance-words';
import { draftSchema, emptyDraft, intakeSchema, openedFromDraft, type IntakeDraft } from './intake-draft';
import { PartsFields } from './PartsFields';
import { ReportedChoices } from './ReportedChoices';

const Form = styled.form`
  display: grid;
  gap: 1.6rem;
`;
const Section = styled.section`
  display: grid;
  gap: 0.8rem;
  h2 {
    font-size: 1.1rem;
  }
`;
const Three = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr 2fr;
  gap: 1rem;
  @media (max-width: 760px) {
    grid-template-columns: 1fr;
  }
`;
const Foot = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 0.8rem;
  align-items: center;
`;

function useIntakeForm(): UseFormReturn<IntakeDraft> {
  const kept = draftSchema.partial().safeParse(useIntakeDraftStore.getState().draft);
  const form = useForm<IntakeDraft>({
    defaultValues: { ...emptyDraft, ...(kept.success ? kept.data : {}) },
    resolver: zodResolver(intakeSchema),
  });
  const keep = useIntakeDraftStore((store) => store.keep);
  useEffect(() => {
    return form.subscribe({ formState: { values: true }, callback: ({ values }) => keep(values) });
  }, [form, keep]);
  return form;
}

const whatChoices = [
  { id: 'machine', label: 'A whole computer that fails' },
  { id: 'bench', label: 'Parts, to be proven before they go in or are sold' },
];

/** Intake: machine, owner, complaint, what happens, parts. What is typed survives a closed tab. */
export function IntakePage() {
  const form = useIntakeForm();
  const [caseId] = useState(newId);
  const by = useMe().name;
  const clear = useIntakeDraftStore((store) => store.clear);
  const open = useOpenCase();
  const navigate = useNavigate();
  const draft = useWatch({ control: form.control, compute: (values: IntakeDraft) => values });
  const board = useBoardDetail(draft.board || null);
  const set = (change: Partial<IntakeDraft>) =>
    Object.entries(change).forEach(([name, value]) =>
      form.setValue(name as keyof IntakeDraft, value, { shouldDirty: true }),
    );
  const submit = form.handleSubmit(async (values) => {
    await open.mutateAsync({
      id: caseId,
      events: [openedFromDraft(values, { by, now: new Date(), board: board.data?.board ?? null })],
    });
    clear();
    await navigate(`/cases/${caseId}`);
  });
  return (
    <Page title="New case">
      <Form onSubmit={(event) => void submit(event).catch(() => undefined)} noValidate>
        <Section>
          <WhatAndWhose form={form} isBench={draft.what === 'bench'} set={set} />
        </Section>
        <Known form={form} draft={draft} set={set} />
        <Section>
          <h2>Parts</h2>
          <PartsFields draft={draft} set={set} />
        </Section>
        {open.error && <Notice kind="danger">{open.error.message}</Notice>}
        <Foot>
          <Button type="submit" $kind="primary" isDisabled={open.isPending || (draft.board !== '' && board.isPending)}>
            Open the case
          </Button>
          <Button
            onPress={() => {
              form.reset(emptyDraft);
              clear();
            }}
          >
            Clear the form
          </Button>
        </Foot>
      </Form>
    </Page>
  );
}

/** A computer or parts, whose, and why they are here. */
function WhatAndWhose({ form, isBench, set }: Pick<KnownProps, 'form' | 'set'> & { readonly isBench: boolean }) {
  return (
    <>
      <ChoiceGrid
        label="What is on the bench?"
        choices={whatChoices}
        value={isBench ? 'bench' : 'machine'}
        onChange={(what) => set({ what: what === 'bench' ? 'bench' : 'machine' })}
      />
      <Three>
        <TextLine form={form} name="machine" label={isBench ? 'Name for the parts' : 'Machine'} autoFocus />
        <TextLine form={form} name="owner" label="Owner" />
        <TextLine
          form={form}
          name="complaint"
          label={isBench ? 'What is to be proven, and why' : 'Complaint, in the owner’s words'}
        />
      </Three>
    </>
  );
}

interface KnownProps {
  readonly form: UseFormReturn<IntakeDraft>;
  readonly draft: IntakeDraft;
  readonly set: (change: Partial<IntakeDraft>) => void;
}

/** What the owner says, and what else is known. */
function Known({ form, draft: { what, circumstances }, set }: KnownProps) {
  return (
    <>
      {what === 'machine' && (
        <Section>
          <Controller
            control={form.control}
            name="reported"
            render={({ field, fieldState }) => (
              <ReportedChoices value={field.value} onChange={field.onChange} error={fieldState.error?.message} />
            )}
          />
        </Section>
      )}
      <Section>
        <CheckGrid
          label="What we know"
          columns={4}
          choices={CIRCUMSTANCES.map((id) => ({ id, label: circumstanceWords[id] }))}
          values={circumstances}
          onChange={(ids) => set({ circumstances: ids as IntakeDraft['circumstances'] })}
        />
      </Section>
    </>
  );
}

function TextLine({
  form,
  name,
  label,
  autoFocus = false,
}: {
  readonly form: UseFormReturn<IntakeDraft>;
  readonly name: 'machine' | 'owner' | 'complaint';
  readonly label: string;
  readonly autoFocus?: boolean;
}) {
  return (
    <Controller
      control={form.control}
      name={name}
      render={({ field, fieldState }) => (
        <Field
          label={label}
          value={field.value}
          onChange={field.onChange}
          onBlur={field.onBlur}
          error={fieldState.error?.message}
          autoFocus={autoFocus}
        />
      )}
    />
  );
}
