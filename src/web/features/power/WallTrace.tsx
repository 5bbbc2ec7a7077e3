import { FileUp } from 'lucide-react';
import { memo, useMemo, useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import styled, { useTheme } from 'styled-components';
import { markedCutOuts, type PowerPlan } from '../../../core/power';
import { Chart } from '../../charts/Chart';
import { wallTraceChart } from '../../charts/wall-trace';
import { Button } from '../../components/Button';
import { Field } from '../../components/Field';
import { Notice } from '../../components/Notice';
import { counted, decimal } from '../../components/format';
import { useMeterName } from '../../device/meter/meter-store';
import type { DraftTrace } from '../../stores/power-draft-store';
import type { Tokens } from '../../theme/tokens';
import { readTrace } from '../../workers/read-trace';
import { PhaseRows } from './PhaseRows';
import { phaseWords } from './power-words';
import { Panel, PanelHead, Quiet, Tools } from './room-parts';
import { useWallRecording } from './use-wall-recording';

const Paste = styled.form`
  display: grid;
  gap: 0.5rem;
  margin-bottom: 0.5rem;
`;

interface WallTraceProps {
  readonly trace: DraftTrace | null;
  /** It stands in the log as it is. */
  readonly isWritten: boolean;
  /** The supply by its label, and its efficiency. */
  readonly plan: Pick<PowerPlan, 'supply' | 'efficiency'>;
  /** The trace, or its phases, changed; null takes it away. Null itself where nothing may be changed. */
  readonly onTrace: ((trace: DraftTrace | null) => void) | null;
}

/** A wall meter's trace: imported or pasted, its phases marked, and what they mean for the supply. */
export const WallTrace = memo(function WallTrace({ trace, isWritten, plan, onTrace }: WallTraceProps) {
  const theme = useTheme();
  const option = useMemo(() => (trace ? chartOf(trace, plan, theme) : null), [trace, plan, theme]);
  return (
    <Panel aria-labelledby="wall-trace">
      <PanelHead>
        <h2 id="wall-trace">Wall meter, watts</h2>
        <span>{outputWords(plan)}</span>
      </PanelHead>
      {onTrace && <TakeTrace canClear={trace !== null && !isWritten} onTrace={onTrace} />}
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

/** The trace with where its label is reached, by the best and the worst efficiency at full load. */
function chartOf({ readings, phases }: DraftTrace, { supply, efficiency }: WallTraceProps['plan'], theme: Tokens) {
  const full = efficiency.at(-1);
  const labelAtWall = supply && full ? { low: supply.watts / full.high, high: supply.watts / full.low } : null;
  const named = phases.map((one) => ({ ...one, name: phaseWords[one.phase] }));
  return wallTraceChart({ readings, phases: named, cutOuts: markedCutOuts(readings, phases), labelAtWall }, theme);
}

function outputWords({ efficiency }: Pick<PowerPlan, 'efficiency'>): string {
  const worst = Math.min(...efficiency.map(({ low }) => low));
  const best = Math.max(...efficiency.map(({ high }) => high));
  return `output = wall × ${decimal(worst, 2)} to ${decimal(best, 2)}`;
}

function traceInWords({ readings, phases, name }: DraftTrace): string {
  const most = readings.reduce((peak, { watts }) => Math.max(peak, watts), 0);
  const cuts = markedCutOuts(readings, phases);
  return `${name}: at most ${Math.round(most)} W at the wall${cuts.length > 0 ? `, ${counted(cuts.length, 'cut-out')}` : ''}`;
}

interface TakeTraceProps {
  readonly canClear: boolean;
  readonly onTrace: (trace: DraftTrace | null) => void;
}

/** A trace from a file, typed, or from the connected meter; what is wrong with it is said and changes nothing. */
function TakeTrace({ canClear, onTrace }: TakeTraceProps) {
  const [problems, setProblems] = useState<readonly string[]>([]);
  const [isPasting, setPasting] = useState(false);
  const take = async (text: string, name: string) => {
    const read = await readNamed(text, name);
    setProblems(read.problems);
    if (!read.trace) return;
    setPasting(false);
    onTrace(read.trace);
  };
  return (
    <>
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
        <RecordButton onTrace={onTrace} />
        {canClear && (
          <Button $kind="quiet" onPress={() => onTrace(null)}>
            Take it away
          </Button>
        )}
      </Tools>
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
    </>
  );
}

async function readNamed(
  text: string,
  name: string,
): Promise<{ readonly trace: DraftTrace | null; readonly problems: readonly string[] }> {
  try {
    const read = await readTrace(text);
    if (read.ok) {
      const { rows, readings, phases } = read;
      return { trace: { name: `${name}, ${counted(rows, 'reading')}`, readings, phases }, problems: [] };
    }
    const inWords = read.problems.map(
      ({ row, column, message }) => `Row ${row}${column && `, ${column}`}: ${message}.`,
    );
    return { trace: null, problems: inWords };
  } catch (error) {
    return { trace: null, problems: [error instanceof Error ? error.message : 'The trace cannot be read.'] };
  }
}

function RecordButton({ onTrace }: Pick<TakeTraceProps, 'onTrace'>) {
  const hasMeter = useMeterName() !== null;
  const recording = useWallRecording(onTrace);
  if (!hasMeter) return null;
  return recording.isRunning ? (
    <Button $kind="primary" onPress={recording.stop}>
      Stop recording
    </Button>
  ) : (
    <Button onPress={recording.start}>Record from the meter</Button>
  );
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
