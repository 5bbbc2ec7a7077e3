import { X } from 'lucide-react';
import styled from 'styled-components';
import {
  outputFromWall,
  phaseWatts,
  TRACE_PHASES,
  type MarkedPhase,
  type PowerPlan,
  type TracePhase,
} from '../../../core/power';
import { Button } from '../../components/Button';
import { decimal } from '../../components/format';
import { Select } from '../../components/Select';
import type { DraftTrace } from '../../stores/power-draft-store';
import { parseFigure } from './parse-figures';
import { phaseWords, rangeInWords } from './power-words';
import { Table, Wide } from './room-parts';
import { ValueCell } from './ValueCell';

const Phases = styled(Table)`
  td:nth-child(2),
  td:nth-child(3) {
    width: 5.5rem;
  }
`;

interface PhaseRowsProps {
  readonly trace: DraftTrace;
  readonly plan: Pick<PowerPlan, 'supply' | 'efficiency'>;
  /** Null where nothing may be changed. */
  readonly onTrace: ((trace: DraftTrace) => void) | null;
}

const secondsBounds = { max: 10_000_000, unit: 'seconds' };
const maxPhases = 40;

/** The phases as they are marked: changed in place, with what the supply gave in each. */
export function PhaseRows({ trace, plan, onTrace }: PhaseRowsProps) {
  const { phases, readings } = trace;
  const set = (next: readonly MarkedPhase[]) => onTrace?.({ ...trace, phases: next });
  const end = readings.at(-1)?.seconds ?? 0;
  return (
    <Wide tabIndex={0} role="region" aria-label="Phases">
      <Phases>
        <thead>
          <tr>
            <th scope="col">Phase</th>
            <th scope="col">from, s</th>
            <th scope="col">to, s</th>
            <th scope="col">at the wall</th>
            <th scope="col">the supply gave</th>
            <th scope="col" aria-label="Remove" />
          </tr>
        </thead>
        <tbody>
          {phases.map((marked, at) => (
            <PhaseRow
              key={`${at} ${marked.phase}`}
              marked={marked}
              name={`Phase ${at + 1}`}
              measured={measuredIn(trace, plan, marked)}
              onChange={onTrace && ((change) => set(phases.map((one, i) => (i === at ? { ...one, ...change } : one))))}
              onRemove={() => set(phases.filter((_, i) => i !== at))}
            />
          ))}
        </tbody>
      </Phases>
      {onTrace && phases.length < maxPhases && (
        <Button $kind="quiet" onPress={() => set([...phases, { phase: 'both', fromSeconds: 0, toSeconds: end }])}>
          Mark another phase
        </Button>
      )}
    </Wide>
  );
}

/** What the meter showed in a phase, and what the supply gave then, in words. */
function measuredIn({ readings }: DraftTrace, { supply, efficiency }: PhaseRowsProps['plan'], marked: MarkedPhase) {
  const [watts] = phaseWatts(readings, [marked]);
  if (!watts) return { atWall: 'no reading', output: '' };
  return {
    atWall: `${Math.round(watts.median)}, at most ${Math.round(watts.most)} W`,
    output: supply ? `${rangeInWords(outputFromWall(watts.most, supply.watts, efficiency))} W` : '',
  };
}

interface PhaseRowProps {
  readonly marked: MarkedPhase;
  readonly name: string;
  readonly measured: { readonly atWall: string; readonly output: string };
  readonly onChange: ((change: Partial<MarkedPhase>) => void) | null;
  readonly onRemove: () => void;
}

function PhaseRow({ marked, name, measured: { atWall, output }, onChange, onRemove }: PhaseRowProps) {
  const enter = (text: string, of: 'fromSeconds' | 'toSeconds'): string | null => {
    const read = parseFigure(text, secondsBounds);
    if (!read.ok) return read.message;
    const next = { ...marked, [of]: read.value ?? 0 };
    if (next.toSeconds < next.fromSeconds) return 'expected a phase that ends after it begins';
    onChange?.({ [of]: read.value ?? 0 });
    return null;
  };
  const seconds = (of: 'fromSeconds' | 'toSeconds', word: string) =>
    onChange ? (
      <ValueCell
        label={`${name} ${word}, seconds`}
        isBare
        shown={decimal(marked[of], 1).replaceAll(',', '')}
        onEnter={(text) => enter(text, of)}
      />
    ) : (
      decimal(marked[of], 1)
    );
  return (
    <tr>
      <td>
        {onChange ? (
          <Select
            label={name}
            isLabelHidden
            value={marked.phase}
            choices={TRACE_PHASES.map((id) => ({ id, label: phaseWords[id] }))}
            onChange={(phase) => onChange({ phase: phase as TracePhase })}
          />
        ) : (
          phaseWords[marked.phase]
        )}
      </td>
      <td data-figure>{seconds('fromSeconds', 'from')}</td>
      <td data-figure>{seconds('toSeconds', 'to')}</td>
      <td data-figure>{atWall}</td>
      <td data-figure>{output}</td>
      <td>
        {onChange && (
          <Button $kind="quiet" aria-label={`Remove ${name.toLowerCase()}`} onPress={onRemove}>
            <X size={17} aria-hidden />
          </Button>
        )}
      </td>
    </tr>
  );
}
