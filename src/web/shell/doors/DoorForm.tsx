import { zodResolver } from '@hookform/resolvers/zod';
import { Controller, useForm } from 'react-hook-form';
import * as z from 'zod';
import { capitalized } from '../../components/format';
import styled from 'styled-components';
import { ProblemError } from '../../api/problem-error';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';

const Form = styled.form`
  display: grid;
  gap: 0.9rem;
`;

export interface DoorField<Name extends string> {
  readonly name: Name;
  readonly label: string;
  readonly hint?: string;
  readonly secret?: 'current-password' | 'new-password';
  readonly autoComplete?: string;
  readonly start?: string;
}

/** A short form that the server judges: what it refuses stands at its field. */
export function DoorForm<Name extends string>({
  fields,
  submit,
  isBusy,
  error,
  onSubmit,
}: {
  readonly fields: readonly DoorField<Name>[];
  readonly submit: string;
  readonly isBusy: boolean;
  readonly error: Error | null;
  readonly onSubmit: (values: Record<Name, string>) => void;
}) {
  const refused = error instanceof ProblemError ? error.fields : [];
  const form = useForm<Record<string, string>>({
    defaultValues: Object.fromEntries(fields.map(({ name, start = '' }) => [name, start])),
    resolver: zodResolver(z.record(z.string(), z.string().min(1, 'Required.'))),
  });
  const fromServer = (name: string): string | undefined => {
    const message = refused.find(({ path }) => path[0] === name)?.message;
    return message === undefined ? undefined : capitalized(message);
  };
  const send = form.handleSubmit((values) => {
    if (!isBusy) onSubmit(values);
  });
  return (
    <Form noValidate onSubmit={(event) => void send(event)}>
      {error && refused.length === 0 && <Notice kind="danger">{error.message}</Notice>}
      {fields.map((field, index) => (
        <Controller
          key={field.name}
          control={form.control}
          name={field.name}
          render={({ field: { value, onChange, onBlur }, fieldState }) => (
            <Field
              label={field.label}
              value={value}
              onChange={onChange}
              onBlur={onBlur}
              error={fieldState.error?.message ?? fromServer(field.name)}
              hint={field.hint}
              autoFocus={index === 0}
              maxLength={200}
              autoComplete={field.secret ?? field.autoComplete ?? 'off'}
              isSecret={field.secret !== undefined}
            />
          )}
        />
      ))}
      <Button type="submit" $kind="primary" isDisabled={isBusy}>
        {submit}
      </Button>
    </Form>
  );
}
