import styled from 'styled-components';
import { Controller, type UseFormReturn } from 'react-hook-form';
import { DATA_CONSENTS, type DataConsent } from '../../../core/casework';
import { Field } from '../../components/Field';
import { Select } from '../../components/Select';
import { dataConsentWords } from '../../../core/record';
import type { IntakeDraft } from './intake-draft';

const Four = styled.div`
  display: grid;
  grid-template-columns: 1.2fr 1.6fr 0.9fr 1.3fr;
  gap: 1rem;
  align-items: start;
  @media (max-width: 1000px) {
    grid-template-columns: 1fr 1fr;
  }
  @media (max-width: 560px) {
    grid-template-columns: 1fr;
  }
`;

const lines = [
  ['contact', 'Contact'],
  ['handedIn', 'Handed in with it'],
  ['spendingLimit', 'May cost up to'],
] as const;
const consents: readonly { readonly id: DataConsent | ''; readonly label: string }[] = [
  { id: '', label: 'Not asked' },
  ...DATA_CONSENTS.map((id) => ({ id, label: dataConsentWords[id] })),
];

/** What is agreed at the counter; all of it may stay empty. */
export function CounterFields({ form }: { readonly form: UseFormReturn<IntakeDraft> }) {
  return (
    <Four>
      {lines.map(([name, label]) => (
        <Controller
          key={name}
          control={form.control}
          name={name}
          render={({ field, fieldState }) => (
            <Field label={label} value={field.value} onChange={field.onChange} error={fieldState.error?.message} />
          )}
        />
      ))}
      <Controller
        control={form.control}
        name="dataConsent"
        render={({ field }) => (
          <Select label="Data on it" value={field.value} choices={consents} onChange={field.onChange} />
        )}
      />
    </Four>
  );
}
