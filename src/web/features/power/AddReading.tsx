import { memo, useState } from 'react';
import styled from 'styled-components';
import type { PowerReading } from '../../../core/casework';
import {
  factsOf,
  MEASURED_QUANTITIES,
  type MeasuredQuantity,
  type RailLoad,
  type SheetAdapter,
  type SheetSupply,
} from '../../../core/power';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { Select } from '../../components/Select';
import { capitalized, decimal } from '../../components/format';
import { FromMeter } from '../case-log/FromMeter';
import { railLoadWords } from '../../../core/record';
import { parseFigure } from './parse-figures';

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
  const [text, setText] = useState('');
  const [error, setError] = useState<string | undefined>();
  const unit = facts.unit === 'V' ? 'volts' : 'milliseconds';
  return (
    <Row
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        const read = parseFigure(text, { min: -100, max: facts.unit === 'V' ? 300 : 10_000, unit });
        if (!read.ok || read.value === null) {
          setError(
            read.ok
              ? `expected ${unit}, for instance ${decimal((facts.limits.low + facts.limits.high) / 2, 2)}`
              : read.message,
          );
          return;
        }
        onReading({ quantity, at: load, value: read.value });
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
      {facts.unit === 'V' && <FromMeter onVolts={(value, meter) => onReading({ quantity, at: load, value, meter })} />}
    </Row>
  );
});
