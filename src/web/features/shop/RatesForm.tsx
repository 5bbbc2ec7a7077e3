import { useState } from 'react';
import styled from 'styled-components';
import { fieldProblems, parseSafely, shopSettingsSchema, type ShopSettings } from '../../../contracts';
import { PART_PRICES, PRICED_KINDS } from '../../../core/faults';
import { kindInWords } from '../../../core/machine';
import { capitalized } from '../../../core/wording';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';

const Form = styled.form`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(12rem, 1fr));
  align-items: start;
  gap: 0.9rem;
  max-width: 60rem;
  margin-top: 1.4rem;
  h2,
  p,
  button {
    grid-column: 1 / -1;
    justify-self: start;
  }
`;

type Rates = ShopSettings['rates'];
type RatesDraft = Readonly<Record<Exclude<keyof Rates, 'partPrices'>, string>>;

const fields = [
  { of: 'currency', label: 'Currency', hint: 'Three letters' },
  { of: 'hour', label: 'An hour of work', hint: 'Without tax' },
  { of: 'stepMinutes', label: 'Work in steps of', hint: 'Minutes; each begun one counts whole' },
  { of: 'onPartsPercent', label: 'On top of parts, %', hint: 'Of what was paid for them' },
  { of: 'taxPercent', label: 'Tax, %', hint: 'Of work and parts' },
] as const satisfies readonly { readonly of: keyof RatesDraft; readonly label: string; readonly hint: string }[];

interface RatesFormProps {
  readonly settings: ShopSettings;
  readonly isBusy: boolean;
  readonly onSave: (settings: ShopSettings) => void;
}

/** As it is written with a comma as well. */
const asTyped = (text: string): string => text.trim().replace(',', '.');

/** What the shop charges, and how. */
export function RatesForm({ settings, isBusy, onSave }: RatesFormProps) {
  const { partPrices, ...rates } = settings.rates;
  const [draft, setDraft] = useState<RatesDraft>({ ...rates, stepMinutes: String(rates.stepMinutes) });
  const [prices, setPrices] = useState<Rates['partPrices']>(partPrices);
  const [errors, setErrors] = useState<Readonly<Record<string, string>>>({});
  const save = () => {
    const typed = Object.fromEntries(Object.entries(draft).map(([of, text]) => [of, asTyped(text)]));
    const priced = Object.entries(prices).filter(([, text]) => text.trim() !== '');
    const wanted = {
      ...settings,
      rates: {
        ...typed,
        currency: draft.currency.trim().toUpperCase(),
        stepMinutes: Number(typed['stepMinutes']),
        partPrices: Object.fromEntries(priced.map(([kind, text]) => [kind, asTyped(text)])),
      },
    };
    const read = parseSafely(shopSettingsSchema, wanted);
    if (read.success) {
      setErrors({});
      onSave(read.data);
    } else
      setErrors(
        Object.fromEntries(fieldProblems(read.error).map(({ path, message }) => [String(path.at(-1)), message])),
      );
  };
  return (
    <Form
      noValidate
      aria-label="What the shop charges"
      onSubmit={(event) => {
        event.preventDefault();
        save();
      }}
    >
      <h2>What the shop charges</h2>
      {fields.map(({ of, label, hint }) => (
        <Field
          key={of}
          label={label}
          hint={hint}
          value={draft[of]}
          onChange={(text) => setDraft((before) => ({ ...before, [of]: text }))}
          error={errors[of]}
          maxLength={12}
        />
      ))}
      <PriceFields prices={prices} errors={errors} onChange={setPrices} />
      <Button type="submit" $kind="primary" isDisabled={isBusy}>
        Save the rates
      </Button>
    </Form>
  );
}

interface PriceFieldsProps {
  readonly prices: Rates['partPrices'];
  readonly errors: Readonly<Record<string, string>>;
  readonly onChange: (prices: Rates['partPrices']) => void;
}

/** The price list of the shop, by kind of part. */
function PriceFields({ prices, errors, onChange }: PriceFieldsProps) {
  return (
    <>
      <h2>What parts cost the shop</h2>
      <p>Without tax. Estimates and decisions count with these; where one is left empty, with the usual price.</p>
      {PRICED_KINDS.map((kind) => (
        <Field
          key={kind}
          label={capitalized(kindInWords(kind))}
          hint={`Usually ${PART_PRICES[kind]}`}
          value={prices[kind] ?? ''}
          onChange={(text) => onChange({ ...prices, [kind]: text })}
          error={errors[kind]}
          maxLength={12}
        />
      ))}
    </>
  );
}
