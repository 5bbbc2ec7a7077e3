import { FileUp, X } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled, { useTheme } from 'styled-components';
import {
  cutOutsOf,
  outputFromWall,
  phaseWatts,
  TRACE_PHASES,
  type MarkedPhase,
  type PowerPlan,
  type TracePhase,
} from '../../../core/power';
import { Chart } from '../../charts/Chart';
import { wallTraceChart } from '../../charts/wall-trace';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { Select } from '../../components/Select';
import { counted, decimal } from '../../components/format';
import type { DraftTrace } from '../../stores/power-draft-store';
import { readTrace } from '../../workers/read-trace';
import { useMeterName } from '../../device/meter/meter-store';
import { parseFigure } from './parse-figures';
import { phaseWords, rangeInWords } from './power-words';
import { Panel, PanelHead, Quiet, Table, Tools, Wide } from './room-parts';
import { useWallRecording } from './use-wall-recording';
import { ValueCell } from './ValueCell';

const Paste = styled.form`
  display: grid;
  gap: 0.5rem;
  margin-bottom: 0.5rem;
`;
const Phases = styled(Table)`
  td:nth-child(2),
  td:nth-child(3) {
    width: 5.5rem;
  }
`;

interface WallTraceProps {
  readonly trace: DraftTrace | null;
  /** It stands in the log as it is. */
  readonly isWritten: boolean;
  /** The supply by its label, and its efficiency. */
  readonly plan: Pick<PowerPlan, 'supply' | 'efficiency'>;
  /** The trace, or its phases, changed; null takes it away. Left out where nothing may be changed. */
  readonly onTrace: ((trace: DraftTrace | null) => void) | null;
}

/** A wall meter's trace: imported or pasted, its phases marked, and what they mean for the supply. */
export const WallTrace = memo(function WallTrace({ trace, isWritten, plan, onTrace }: WallTraceProps) {
  const theme = useTheme();
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [isPasting, setPasting] = useState(false);
  const hasMeter = useMeterName() !== null;
  const recording = useWallRecording((read) => onTrace?.(read));
  const efficiency = plan.efficiency.at(-1);
  const option = useMemo(() => {
    if (!trace) return null;
    const labelAtWall =
      plan.supply && efficiency
        ? { low: plan.supply.watts / efficiency.high, high: plan.supply.watts / efficiency.low }
        : null;
    const phases = trace.phases.map((one) => ({ ...one, name: phaseWords[one.phase] }));
    return wallTraceChart({ readings: trace.readings, phases, cutOuts: cutOutsOf(trace.readings), labelAtWall }, theme);
  }, [trace, plan.supply, efficiency, theme]);
  const take = async (text: string, name: string) => {
    try {
      const read = await readTrace(text);
      if (!read.ok) {
        setProblems(
          read.problems.map(({ row, column, message }) => `Row ${row}${column && `, ${column}`}: ${message}.`),
        );
        return;
      }
      setProblems([]);
      setPasting(false);
      onTrace?.({ name: `${name}, ${counted(read.rows, 'reading')}`, readings: read.readings, phases: read.phases });
    } catch (error) {
      setProblems([error instanceof Error ? error.message : 'The trace cannot be read.']);
    }
  };
  return (
    <Panel aria-labelledby="wall-trace">
      <PanelHead>
        <h2 id="wall-trace">Wall meter, watts</h2>
        <span>{outputWords(plan)}</span>
      </PanelHead>
      {onTrace && (
        <Tools>
          <FileTrigger
            acceptedFileTypes={['.csv', 'text/csv', '.txt']}
            onSelect={(files) => {
              const file = files?.[0];
              if (file) void file.text().then((text) => take(text, file.name));
            }}
          >
            <Button>
              <FileUp size={17} aria-hidden /> Import a trace (CSV)
            </Button>
          </FileTrigger>
          <Button onPress={() => setPasting(!isPasting)}>Type or paste</Button>
          {hasMeter &&
            (recording.isRunning ? (
              <Button $kind="primary" onPress={recording.stop}>
                Stop recording
              </Button>
            ) : (
              <Button onPress={recording.start}>Record from the meter</Button>
            ))}
          {trace && !isWritten && (
            <Button $kind="quiet" onPress={() => onTrace(null)}>
              Take it away
            </Button>
          )}
        </Tools>
      )}
      {isPasting && <PasteForm onTake={(text) => void take(text, 'typed')} />}
      {problems.length > 0 && (
        <Notice kind="danger">
          <ul>
            {problems.slice(0, 6).map((one) => (
              <li key={one}>{one}</li>
            ))}
            {problems.length > 6 && <li>and {problems.length - 6} more</li>}
          </ul>
        </Notice>
      )}
      {trace && option ? (
        <>
          <Chart option={option} height={180} label={traceInWords(trace)} />
          <PhaseRows trace={trace} plan={plan} onTrace={onTrace} />
        </>
      ) : (
        <Quiet>Time and watts, one reading a line. Wall watts times the efficiency is what the supply gives.</Quiet>
      )}
    </Panel>
  );
});

function outputWords({ efficiency }: Pick<PowerPlan, 'efficiency'>): string {
  const worst = Math.min(...efficiency.map(({ low }) => low));
  const best = Math.max(...efficiency.map(({ high }) => high));
  return `output = wall × ${decimal(worst, 2)} to ${decimal(best, 2)}`;
}

function traceInWords({ readings, name }: DraftTrace): string {
  const most = readings.reduce((peak, { watts }) => Math.max(peak, watts), 0);
  const cuts = cutOutsOf(readings);
  return `${name}: at most ${Math.round(most)} W at the wall${cuts.length > 0 ? `, ${counted(cuts.length, 'cut-out')}` : ''}`;
}

function PasteForm({ onTake }: { readonly onTake: (text: string) => void }) {
  const [text, setText] = useState('');
  return (
    <Paste
      onSubmit={(event) => {
        event.preventDefault();
        onTake(text);
      }}
    >
      <Field
        label="Seconds and watts"
        value={text}
        onChange={setText}
        rows={5}
        hint="One reading a line, for instance 0, 82"
      />
      <Tools>
        <Button type="submit" $kind="primary">
          Use it
        </Button>
      </Tools>
    </Paste>
  );
}

interface PhaseRowsProps {
  readonly trace: DraftTrace;
  readonly plan: WallTraceProps['plan'];
  readonly onTrace: WallTraceProps['onTrace'];
}

const secondsBounds = { max: 10_000_000, unit: 'seconds' };

/** The phases as they are marked: changed in place, with what the supply gave in each. */
function PhaseRows({ trace, plan, onTrace }: PhaseRowsProps) {
  const set = (at: number, change: Partial<MarkedPhase>) =>
    onTrace?.({ ...trace, phases: trace.phases.map((one, i) => (i === at ? { ...one, ...change } : one)) });
  const end = trace.readings.at(-1)?.seconds ?? 0;
  const enter = (text: string, at: number, of: 'fromSeconds' | 'toSeconds') => {
    const read = parseFigure(text, secondsBounds);
    if (!read.ok) return read.message;
    const seconds = read.value ?? 0;
    const other = trace.phases[at];
    if (other && (of === 'fromSeconds' ? seconds > other.toSeconds : seconds < other.fromSeconds))
      return 'expected a phase that ends after it begins';
    set(at, { [of]: seconds });
    return null;
  };
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
          {trace.phases.map((marked, at) => {
            const [watts] = phaseWatts(trace.readings, [marked]);
            const output = watts && plan.supply ? outputFromWall(watts.most, plan.supply.watts, plan.efficiency) : null;
            return (
              <tr key={`${at} ${marked.phase}`}>
                <td>
                  {onTrace ? (
                    <Select
                      label={`Phase ${at + 1}`}
                      isLabelHidden
                      value={marked.phase}
                      choices={TRACE_PHASES.map((id) => ({ id, label: phaseWords[id] }))}
                      onChange={(phase) => set(at, { phase: phase as TracePhase })}
                    />
                  ) : (
                    phaseWords[marked.phase]
                  )}
                </td>
                <td data-figure>
                  {onTrace ? (
                    <ValueCell
                      label={`Phase ${at + 1} from, seconds`}
                      isBare
                      shown={decimal(marked.fromSeconds, 1)}
                      onEnter={(text) => enter(text, at, 'fromSeconds')}
                    />
                  ) : (
                    decimal(marked.fromSeconds, 1)
                  )}
                </td>
                <td data-figure>
                  {onTrace ? (
                    <ValueCell
                      label={`Phase ${at + 1} to, seconds`}
                      isBare
                      shown={decimal(marked.toSeconds, 1)}
                      onEnter={(text) => enter(text, at, 'toSeconds')}
                    />
                  ) : (
                    decimal(marked.toSeconds, 1)
                  )}
                </td>
                <td data-figure>
                  {watts ? `${Math.round(watts.median)}, at most ${Math.round(watts.most)} W` : 'no reading'}
                </td>
                <td data-figure>{output ? `${rangeInWords(output)} W` : ''}</td>
                <td>
                  {onTrace && (
                    <Button
                      $kind="quiet"
                      aria-label={`Remove phase ${at + 1}`}
                      onPress={() => onTrace({ ...trace, phases: trace.phases.filter((_, i) => i !== at) })}
                    >
                      <X size={17} aria-hidden />
                    </Button>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </Phases>
      {onTrace && trace.phases.length < 40 && (
        <Button
          $kind="quiet"
          onPress={() =>
            onTrace({ ...trace, phases: [...trace.phases, { phase: 'both', fromSeconds: 0, toSeconds: end }] })
          }
        >
          Mark another phase
        </Button>
      )}
    </Wide>
  );
}
