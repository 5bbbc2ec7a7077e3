import { useRef, useState } from 'react';
import { FromMeter } from '../../case-log/FromMeter';
import { useCaseKeys } from '../../case-log/use-case-keys';
import styled from 'styled-components';
import { gradeReading } from '../../../../core/trials';
import type { ReadingMeter } from '../../../../core/casework';
import type { TrialView } from '../../../../core/diagnosis';
import { Button } from '../../../components/Button';
import { Field } from '../../../components/Field';
import { useLatest } from '../../../components/use-latest';
import { useNotedAccuracy } from '../../../stores/meter-accuracy-store';

const Row = styled.form`
  display: grid;
  grid-template-columns: 10rem auto minmax(0, 1fr);
  gap: 0.8rem;
  align-items: start;
  button {
    margin-top: 1.65rem;
  }
  p {
    margin-top: 2.2rem;
    color: ${({ theme }) => theme.muted};
  }
`;

/** The reading of a meter in volts, graded as it is typed. A comma serves as a point. */
export function ReadingEntry({
  trial,
  onReading,
}: {
  readonly trial: TrialView;
  readonly onReading: (outcome: string, volts: number, meter?: ReadingMeter) => void;
}) {
  const [text, setText] = useState('');
  const [error, setError] = useState<string | undefined>();
  const row = useRef<HTMLFormElement>(null);
  const { limits } = trial;
  const noted = useNotedAccuracy();
  // The first figure of a reading finds its field by itself.
  const type = useLatest((key: string) => {
    if (!/^[\d.,−-]$/.test(key)) return false;
    setText(key);
    row.current?.querySelector('input')?.focus();
    return true;
  });
  useCaseKeys(type);
  if (!limits) return null;
  const volts = parseVolts(text);
  const grade = volts === null ? null : gradeReading(limits, volts);
  const label = trial.outcomes.find(({ id }) => id === grade)?.label;
  return (
    <Row
      ref={row}
      noValidate
      onSubmit={(event) => {
        event.preventDefault();
        if (volts === null || grade === null) setError('Enter volts between −30 and 300, for instance 5.04.');
        else onReading(grade, volts, ...(noted.accuracy ? [noted] : []));
      }}
    >
      <Field
        label="Reading in volts"
        value={text}
        onChange={(value) => {
          setText(value);
          setError(undefined);
        }}
        error={error}
      />
      <Button type="submit" $kind="primary">
        Record
      </Button>
      <p role="status">
        {label ? `${label}. ` : ''}Limits {Number(limits.lowVolts.toFixed(3))} to {Number(limits.highVolts.toFixed(3))}{' '}
        V.
      </p>
      <FromMeter onValue={(read, name) => onReading(gradeReading(limits, read), read, { name, ...noted })} />
    </Row>
  );
}

function parseVolts(text: string): number | null {
  const plain = text.trim().replace(',', '.').replace('−', '-');
  if (!/^-?\d{1,3}(\.\d{1,4})?$/.test(plain)) return null;
  const volts = Number(plain);
  return volts >= -30 && volts <= 300 ? volts : null;
}
