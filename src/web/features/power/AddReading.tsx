import { memo, useState } from 'react';
import styled from 'styled-components';
import type { PowerReading } from '../../../core/casework';
import {
  factsOf,
  MEASURED_QUANTITIES,
  type MeasuredQuantity,
  type QuantityFacts,
  type RailLoad,
  type SheetAdapter,
  type SheetSupply,
} from '../../../core/power';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { Select } from '../../components/Select';
import { capitalized, decimal } from '../../components/format';
import { useNotedAccuracy } from '../../stores/meter-accuracy-store';
import { FromMeter } from '../case-log/FromMeter';
import { railLoadWords } from '../../../core/record';
import { parseFigure, type Figure } from './parse-figures';

const Row = styled.form`
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  align-items: start;
  gap: 0.5rem;
  margin-bottom: 0.6rem;
  > button {
    margin-top: 1.65rem;
    min-width: 0;
  }
`;

const unitWords = { V: 'volts', A: 'amperes', ms: 'milliseconds' } as const;

/** Why what was typed is no reading. */
const problemOf = (read: Figure<number>, facts: QuantityFacts): string =>
  read.ok ? `expected ${unitWords[facts.unit]}, for instance ${decimal(usualOf(facts), 2)}` : read.message;

const usualOf = ({ limits: { low, high } }: QuantityFacts): number => (high === Infinity ? 8.4 : (low + high) / 2);

interface AddReadingProps {
  readonly supply: SheetSupply | SheetAdapter | null;
  readonly onReading: (reading: PowerReading) => void;
}

/** One reading: typed, or taken from the connected meter by a press or by M. */
export const AddReading = memo(function AddReading({ supply, onReading }: AddReadingProps) {
  const isAdapter = supply !== null && 'adapterVolts' in supply;
  const [quantity, setQuantity] = useState<MeasuredQuantity>(isAdapter ? 'adapter' : 'v12');
  const facts = factsOf(quantity, supply);
  const [wantedLoad, setLoad] = useState<RailLoad>('idle');
  const load = facts.loads.includes(wantedLoad) ? wantedLoad : (facts.loads[0] ?? 'idle');
  // What the meter of the bench is worth is said of its volts; a clamp or a scope is another instrument.
  const ownAccuracy = useNotedAccuracy();
  const noted = facts.unit === 'V' && !quantity.startsWith('ripple') ? ownAccuracy : {};
  const [text, setText] = useState('');
  const [error, setError] = useState<string | undefined>();
  const unit = unitWords[facts.unit];
  return (
    <Row
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const read = parseFigure(text, { min: -100, max: facts.unit === 'ms' ? 10_000 : 300, unit });
        if (!read.ok || read.value === null) return setError(problemOf(read, facts));
        onReading({ quantity, at: load, value: read.value, ...noted });
        setText('');
      }}
    >
      <Select
        label="What"
        value={quantity}
        choices={MEASURED_QUANTITIES.map((id) => ({ id, label: factsOf(id, supply).name }))}
        onChange={(id) => {
          setQuantity(id as MeasuredQuantity);
          setLoad(factsOf(id as MeasuredQuantity, supply).loads[0] ?? 'idle');
        }}
      />
      <Select
        label="When"
        value={load}
        choices={facts.loads.map((id) => ({ id, label: capitalized(railLoadWords[id]) }))}
        onChange={(id) => setLoad(id as RailLoad)}
      />
      <Field
        label={capitalized(unit)}
        value={text}
        onChange={(value) => {
          setText(value);
          setError(undefined);
        }}
        error={error}
      />
      <Button type="submit" $kind="primary">
        Add
      </Button>
      {facts.unit !== 'ms' && (
        <FromMeter
          quantity={facts.unit === 'A' ? 'amps' : 'volts'}
          onValue={(value, meter) => onReading({ quantity, at: load, value, meter, ...noted })}
        />
      )}
    </Row>
  );
});
