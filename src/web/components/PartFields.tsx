import type { ReactNode } from 'react';
import styled from 'styled-components';
import { Field } from './Field';
import { capitalized } from './format';
import { Select } from './Select';

const Two = styled.div`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 0.8rem;
  align-items: start;
  @media (max-width: 480px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;

/** What is typed of a part; empty for what nobody knows. */
export interface PartDraft {
  readonly name: string;
  readonly make: string;
  readonly model: string;
  readonly serial: string;
  readonly rating: string;
  readonly condition: string;
  readonly seller: string;
  readonly warrantyUntil: string;
  readonly note: string;
}

export const emptyPart: PartDraft = {
  name: '',
  make: '',
  model: '',
  serial: '',
  rating: '',
  condition: '',
  seller: '',
  warrantyUntil: '',
  note: '',
};

/** What was typed and is not empty. */
export const typedOf = <T extends object>(draft: T): Partial<T> =>
  Object.fromEntries(
    Object.entries(draft)
      .map(([key, value]) => [key, String(value).trim()] as const)
      .filter(([, value]) => value !== ''),
  ) as Partial<T>;

/** An amount as people type it, with a comma or a point. @example amountTyped(' 12,5 ') // => '12.5' */
export const amountTyped = (text: string): string => text.trim().replace(',', '.');

interface PartFieldsProps {
  readonly draft: PartDraft;
  readonly errors: Readonly<Record<string, string>>;
  readonly conditions: readonly string[];
  readonly onChange: (change: Partial<PartDraft>) => void;
}

/** What a part is, as its label and a look say. */
export function PartFields({ draft, errors, conditions, onChange }: PartFieldsProps) {
  const field = (of: keyof PartDraft, label: string, maxLength = 80) => (
    <Field
      label={label}
      value={draft[of]}
      onChange={(value) => onChange({ [of]: value })}
      error={errors[of]}
      maxLength={maxLength}
    />
  );
  return (
    <>
      {field('name', 'Name', 120)}
      <Two>
        {field('make', 'Make')}
        {field('model', 'Model')}
        {field('serial', 'Serial number')}
        {field('rating', 'Rating, as its label says')}
        <Select
          label="Condition"
          value={draft.condition}
          choices={[{ id: '', label: 'Not noted' }, ...conditions.map((id) => ({ id, label: capitalized(id) }))]}
          onChange={(condition) => onChange({ condition })}
        />
      </Two>
    </>
  );
}

/** Where a part was bought, until when it is under warranty, and what else is to be said; `children` are its price. */
export function BoughtFields({
  draft,
  errors,
  onChange,
  children,
}: Omit<PartFieldsProps, 'conditions'> & { readonly children: ReactNode }) {
  return (
    <>
      <Two>
        {children}
        <Field
          label="Seller"
          value={draft.seller}
          onChange={(seller) => onChange({ seller })}
          error={errors.seller}
          maxLength={120}
        />
        <Field
          label="Warranty until"
          hint="Year, month, day: 2027-03-31"
          value={draft.warrantyUntil}
          onChange={(warrantyUntil) => onChange({ warrantyUntil })}
          error={errors.warrantyUntil}
          maxLength={10}
        />
      </Two>
      <Field
        label="Note"
        value={draft.note}
        onChange={(note) => onChange({ note })}
        error={errors.note}
        maxLength={400}
      />
    </>
  );
}
