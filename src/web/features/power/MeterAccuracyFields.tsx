import { useState } from 'react';
import styled from 'styled-components';
import type { MeterAccuracy } from '../../../core/power';
import { Button } from '../../components/Button';
import { useMeterAccuracyStore } from '../../stores/meter-accuracy-store';
import { parseFigure } from './parse-figures';
import { Fields, Quiet, Tools } from './room-parts';
import { ValueCell } from './ValueCell';

const Space = styled.div`
  display: grid;
  gap: 0.5rem;
  margin-bottom: 0.6rem;
`;

/** The same limits as in the log; see formats/case.md. */
const fields = [
  { of: 'percent', label: 'Percent of reading', unit: 'percent', min: 0, max: 50 },
  { of: 'counts', label: 'Counts', unit: 'counts', min: 0, max: 1000 },
  { of: 'resolution', label: 'Last digit, V', unit: 'volts', min: 0.000001, max: 100 },
] as const satisfies readonly { readonly of: keyof MeterAccuracy; readonly [key: string]: unknown }[];

/** How far the meter of this bench may be off, as its data sheet says: it holds for every reading in volts from here on. */
export function MeterAccuracyFields() {
  const { accuracy, change } = useMeterAccuracyStore();
  const [isOpen, setOpen] = useState(false);
  const { percent, counts, resolution } = accuracy;
  return (
    <Space>
      <Tools>
        <Quiet>
          Meter: ±{percent} % + {counts} counts of {resolution} V
        </Quiet>
        <Button aria-expanded={isOpen} onPress={() => setOpen(!isOpen)}>
          {isOpen ? 'Done' : 'Change its accuracy'}
        </Button>
      </Tools>
      {isOpen && (
        <Fields>
          {fields.map(({ of, label, unit, min, max }) => (
            <ValueCell
              key={of}
              label={label}
              shown={String(accuracy[of])}
              onEnter={(text) => {
                const read = parseFigure(text, { min, max, unit });
                if (!read.ok) return read.message;
                if (read.value === null) return `expected ${unit}`;
                change({ [of]: read.value });
                return null;
              }}
            />
          ))}
        </Fields>
      )}
    </Space>
  );
}
