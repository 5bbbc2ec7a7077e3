import { useState } from 'react';
import styled from 'styled-components';
import { isLit, practiceRun, type BareFlash, type PracticeRun, type PracticeSetUp } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Select } from '../../components/Select';
import { useTicking } from '../../components/use-ticking';
import type { Firmware } from './use-firmware';
import { Fields } from './step-parts';

const Board = styled.section`
  display: grid;
  grid-template-columns: 5.5rem minmax(0, 1fr);
  gap: 1rem;
  align-items: center;
  max-width: 54rem;
  margin-bottom: 1rem;
  padding: 0.8rem 1rem;
  border: 1px solid ${({ theme }) => theme.line};
  border-radius: 8px;
  background: ${({ theme }) => theme.sunk};
  svg {
    display: block;
  }
  .lamp {
    fill: ${({ theme }) => theme.panel};
    stroke: ${({ theme }) => theme.ink};
    stroke-width: 3;
  }
  .lit {
    fill: ${({ theme }) => theme.suspicionFill};
  }
`;

const Hold = styled(Button)`
  align-self: end;
`;

const set: Readonly<
  Record<string, { readonly label: string; readonly change: (flash: BareFlash) => Partial<PracticeSetUp> }>
> = {
  well: { label: 'Nothing is wrong', change: () => ({}) },
  name: {
    label: 'The file name has an extra extension',
    change: (flash) => ({ stickFiles: [`${flash.fileName}.bin`] }),
  },
  port: { label: 'The stick is in another port', change: () => ({ isInRightPort: false }) },
  image: { label: 'The image is for another revision', change: () => ({ isRightImage: false }) },
  plugs: { label: 'A power plug is missing', change: () => ({ plugs: [] }) },
};
const surprise = 'surprise';
const holdMs = 600;

interface Practice {
  readonly run: PracticeRun;
  /** When the button was let go, by the clock. */
  readonly from: number;
  readonly fault: string;
}

function startPractice(flash: BareFlash, wanted: string): Practice {
  const keys = Object.keys(set);
  const fault = wanted === surprise ? (keys[Math.floor(Math.random() * keys.length)] ?? 'well') : wanted;
  const run = practiceRun(flash, {
    stickFiles: [flash.fileName],
    isInRightPort: true,
    plugs: flash.plugs,
    isRightImage: true,
    heldSeconds: flash.holdSeconds,
    slowness: Math.random(),
    ...set[fault]?.change(flash),
  });
  return { run, from: Date.now() + holdMs, fault };
}

interface PracticeBoardProps {
  readonly flash: BareFlash;
  readonly firmware: Firmware;
  readonly isGo: boolean;
}

/** The simulated board: a light to watch for practice, well or with something wrong. */
export function PracticeBoard({ flash, firmware, isGo }: PracticeBoardProps) {
  const { desk, change, next } = firmware;
  const [fault, setFault] = useState(surprise);
  const [run, setRun] = useState<Practice | null>(null);
  const now = useTicking(run !== null, 40);
  const seconds = run ? (now - run.from) / 1000 : 0;
  const lit = run !== null && seconds >= 0 && isLit(run.run, seconds);
  const isOver = run !== null && seconds > run.run.endsAtSeconds + 2;
  const press = () => {
    const started = startPractice(flash, fault);
    setRun(started);
    change({ watchFrom: started.from, marks: [] });
  };
  return (
    <Board aria-label="Simulated board">
      <svg
        width="72"
        height="72"
        viewBox="0 0 72 72"
        role="img"
        aria-label={lit ? 'The light is on' : 'The light is off'}
      >
        <path className={lit ? 'lamp lit' : 'lamp'} d="M36 6 62 24v24L36 66 10 48V24Z" />
      </svg>
      <div>
        <strong>Simulated board for practice</strong>
        {desk.watchFrom === null && (
          <Fields $columns={2}>
            <Select
              label="Set up so that"
              value={fault}
              onChange={setFault}
              choices={[
                { id: surprise, label: 'you find out' },
                ...Object.entries(set).map(([id, { label }]) => ({ id, label })),
              ]}
            />
            <Hold isDisabled={!isGo || !next} onPress={press}>
              Hold its button
            </Hold>
          </Fields>
        )}
        {run && desk.watchFrom !== null && !isOver && (
          <p>Mark each blink as you see it. {meanwhile(run.run, seconds)}</p>
        )}
        {isOver && desk.watchFrom !== null && (
          <p role="status">
            {run.run.isFlashed
              ? 'The board is done.'
              : `The board stopped: ${set[run.fault]?.label.toLowerCase() ?? ''}.`}
          </p>
        )}
      </div>
    </Board>
  );
}

const heardForSeconds = 2;

/** What else the board does besides its light. */
function meanwhile({ clicksAtSeconds, hasStageLight }: PracticeRun, seconds: number): string {
  const clicks = clicksAtSeconds.some((at) => seconds >= at && seconds < at + heardForSeconds);
  return [clicks ? 'The supply clicks.' : '', hasStageLight ? 'The stage light of the processor is on.' : ''].join(' ');
}
