import { zodResolver } from '@hookform/resolvers/zod';
import { useEffect, useState } from 'react';
import { Controller, useForm, type UseFormReturn, useWatch } from 'react-hook-form';
import styled from 'styled-components';
import { CIRCUMSTANCES } from '../../../core/faults';
import { useBoardDetail } from '../../api/boards';
import { Page } from '../../shell/Page';
import { Button } from '../../components/Button';
import { CheckGrid, ChoiceGrid } from '../../components/ChoiceGrid';
import { Field } from '../../components/Field';
import { counted } from '../../components/format';
import { Notice } from '../../components/Notice';
import { useIntakeDraftStore } from '../../stores/intake-draft-store';
import { circumstanceWords } from '../../../core/record';
import { CounterFields } from './CounterFields';
import { CopiedParts } from './CopiedParts';
import { EarlierMachines } from './EarlierMachines';
import { draftSchema, emptyDraft, intakeSchema, type IntakeDraft } from './intake-draft';
import { useOpening } from './use-opening';
import { PhotosField } from './PhotosField';
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

/** As high with an offer beside the heading as without: nothing moves under a finger. */
const PartsHead = styled.div`
  display: flex;
  align-items: center;
  gap: 1.5rem;
  height: 44px;
  overflow: hidden;
`;
const Missing = styled.span`
  font-weight: 600;
  color: ${({ theme }) => theme.danger};
`;

function useIntakeForm(): UseFormReturn<IntakeDraft> {
  const kept = draftSchema.partial().safeParse(useIntakeDraftStore.getState().draft);
  const form = useForm<IntakeDraft>({
    defaultValues: { ...emptyDraft, ...(kept.success ? kept.data : {}) },
    resolver: zodResolver(intakeSchema),
    shouldFocusError: false,
  });
  const keep = useIntakeDraftStore((store) => store.keep);
  useEffect(() => {
    return form.subscribe({ formState: { values: true }, callback: ({ values }) => keep(values) });
  }, [form, keep]);
  return form;
}

/** What comes in, and where its power comes from: a small computer on an adapter is another machine in many ways. */
const whatChoices = [
  { id: 'supply', label: 'A computer with its supply inside' },
  { id: 'adapter', label: 'A small computer on a DC adapter' },
  { id: 'bench', label: 'Parts on the bench, to be proven' },
];
const whatOf = (id: string): Pick<IntakeDraft, 'what' | 'power'> => ({
  what: id === 'bench' ? 'bench' : 'machine',
  power: id === 'adapter' ? 'adapter' : 'supply',
});

/** Intake: machine, owner, complaint, what happens, parts. What is typed survives a closed tab. */
export function IntakePage() {
  const form = useIntakeForm();
  const draft = useWatch({ control: form.control, compute: (values: IntakeDraft) => values });
  const board = useBoardDetail(draft.board || null);
  const set = (change: Partial<IntakeDraft>) =>
    Object.entries(change).forEach(([name, value]) =>
      form.setValue(name as keyof IntakeDraft, value, {
        shouldDirty: true,
        shouldValidate: form.formState.isSubmitted,
      }),
    );
  const [photos, setPhotos] = useState<readonly File[]>([]);
  const { submit, open, clear } = useOpening(form, { board: board.data?.board ?? null, photos });
  const errors = Object.values(form.formState.errors).flatMap(({ message }) => message ?? []);
  return (
    <Page title="New case">
      <Form onSubmit={(event) => void submit(event).catch(() => undefined)} noValidate>
        <Section>
          <WhatAndWhose form={form} draft={draft} set={set} />
        </Section>
        <Known form={form} draft={draft} set={set} />
        <Section>
          <h2>Agreed at the counter</h2>
          <CounterFields form={form} />
        </Section>
        <Section>
          <h2>Photos</h2>
          <PhotosField photos={photos} onChange={setPhotos} />
        </Section>
        <Parts form={form} draft={draft} set={set} />
        {open.error && <Notice kind="danger">{open.error.message}</Notice>}
        <Foot>
          <Button type="submit" $kind="primary" isDisabled={open.isPending || (draft.board !== '' && board.isPending)}>
            Open the case
          </Button>
          <Button
            onPress={() => {
              form.reset(emptyDraft);
              setPhotos([]);
              clear();
            }}
          >
            Clear the form
          </Button>
          {errors[0] !== undefined && (
            <Missing role="alert">
              {errors[0]}
              {errors.length > 1 && ` And ${counted(errors.length - 1, 'more field')}.`}
            </Missing>
          )}
        </Foot>
      </Form>
    </Page>
  );
}

/** What it is made of: by counts, or as it was when it was here before. */
function Parts({ form, draft, set }: KnownProps) {
  const { copied, what, owner, machine } = draft;
  return (
    <Section>
      <PartsHead>
        <h2>Parts</h2>
        {what === 'machine' && !copied && (
          <EarlierMachines
            owner={owner}
            onCopy={(found) => set({ copied: found, ...(machine.trim() ? {} : { machine: found.machine.name }) })}
          />
        )}
      </PartsHead>
      {copied ? (
        <CopiedParts copied={copied} onDrop={() => set({ copied: null })} />
      ) : (
        <PartsFields draft={draft} set={set} error={form.formState.errors.modules?.message} />
      )}
    </Section>
  );
}

/** A computer or parts, whose, and why they are here. */
function WhatAndWhose({ form, draft, set }: KnownProps) {
  const isBench = draft.what === 'bench';
  return (
    <>
      <ChoiceGrid
        label="What is on the bench?"
        columns={3}
        choices={whatChoices}
        value={isBench ? 'bench' : draft.power}
        onChange={(id) => set(whatOf(id))}
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
