import { useState } from 'react';
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
  const [values, setValues] = useState<Record<string, string>>({});
  const [isAsked, setIsAsked] = useState(false);
  const valueOf = ({ name, start = '' }: DoorField<Name>) => values[name] ?? start;
  const refused = error instanceof ProblemError ? error.fields : [];
  const errorOf = (field: DoorField<Name>): string | undefined => {
    if (isAsked && valueOf(field) === '') return 'Required.';
    return refused.find(({ path }) => path[0] === field.name)?.message.replace(/^./, (c) => c.toUpperCase());
  };
  return (
    <Form
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        setIsAsked(true);
        if (!isBusy && fields.every((field) => valueOf(field) !== ''))
          onSubmit(Object.fromEntries(fields.map((field) => [field.name, valueOf(field)])) as Record<Name, string>);
      }}
    >
      {error && refused.length === 0 && <Notice kind="danger">{error.message}</Notice>}
      {fields.map((field, index) => (
        <Field
          key={field.name}
          label={field.label}
          value={valueOf(field)}
          onChange={(value) => setValues((before) => ({ ...before, [field.name]: value }))}
          error={errorOf(field)}
          hint={field.hint}
          autoFocus={index === 0}
          maxLength={200}
          autoComplete={field.secret ?? field.autoComplete ?? 'off'}
          isSecret={field.secret !== undefined}
        />
      ))}
      <Button type="submit" $kind="primary" isDisabled={isBusy}>
        {submit}
      </Button>
    </Form>
  );
}
