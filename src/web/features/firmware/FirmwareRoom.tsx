import { Check } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { Button as AriaButton } from 'react-aria-components';
import styled from 'styled-components';
import { Notice } from '../../components/Notice';
import { FIRMWARE_STEPS, type FirmwareStep } from '../../stores/firmware-desk-store';
import { useStickWorker } from '../../workers/use-stick-worker';
import { AfterStep } from './AfterStep';
import { BatchMachines } from './BatchMachines';
import { BoardStep } from './BoardStep';
import { FlashStep } from './FlashStep';
import { StickStep } from './StickStep';
import type { FirmwareLog } from './step-props';
import { stepsOf, useFirmware, type Firmware } from './use-firmware';
import { VersionStep } from './VersionStep';
import { WayStep } from './WayStep';

const Frame = styled.div`
  display: grid;
  grid-template-columns: 15.5rem minmax(0, 1fr);
  min-height: 0;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Side = styled.nav`
  overflow: auto;
  border-right: 1px solid ${({ theme }) => theme.line};
  @media (max-width: 900px) {
    border-right: 0;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
`;
const Steps = styled.ol`
  margin: 0;
  padding: 0.7rem 0.8rem;
  list-style: none;
  @media (max-width: 900px) {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr));
    padding: 0.2rem 0.6rem;
  }
`;
const StepButton = styled(AriaButton)`
  display: grid;
  grid-template-columns: 1.7rem minmax(0, 1fr);
  align-items: baseline;
  width: 100%;
  min-height: 44px;
  padding: 0.45rem 0.6rem;
  border: 0;
  border-left: 4px solid transparent;
  background: none;
  text-align: left;
  cursor: pointer;
  &[aria-current='step'] {
    border-left-color: ${({ theme }) => theme.strong};
    background: ${({ theme }) => theme.panel};
  }
  strong {
    display: block;
  }
  span {
    font-size: 0.92rem;
    color: ${({ theme }) => theme.muted};
    overflow-wrap: anywhere;
  }
  svg {
    align-self: start;
    margin-top: 0.2rem;
  }
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
    border-left: 0;
    border-bottom: 4px solid transparent;
    &[aria-current='step'] {
      border-bottom-color: ${({ theme }) => theme.strong};
    }
    span,
    svg {
      display: none;
    }
  }
`;
const Work = styled.main`
  min-height: 0;
  overflow: auto;
  padding: 0.9rem 1.4rem 2rem;
  @media (max-width: 900px) {
    overflow: visible;
    padding: 0.9rem 1rem 2rem;
  }
`;

/** Where the bay writes what was done; null on the practice bench. */
const names: Readonly<Record<FirmwareStep, string>> = {
  board: 'Which board',
  version: 'Which version',
  way: 'Which way',
  stick: 'The stick',
  flash: 'The flash',
  after: 'Afterwards',
};
const methodNames = {
  menu: 'from its menu',
  'bare-board': 'bare-board flash',
  'second-image': 'second image',
  'borrowed-processor': 'borrowed processor',
  'sent-in': 'sent in',
  'running-system': 'from the running system',
} as const;

/** What was decided at each step, in a few words; empty while it is open. */
function decided({ desk, board, plan }: Firmware): Readonly<Record<FirmwareStep, string>> {
  const steps = stepsOf(plan);
  return {
    board: board && desk.board ? `${board.model}, revision ${desk.board.revision}` : '',
    version:
      plan?.kind !== 'plan' || !desk.board
        ? ''
        : steps.length === 0
          ? 'nothing to install'
          : [desk.installed ?? 'unknown', ...steps.map(({ version }) => version)].join(' → '),
    way: desk.method ? methodNames[desk.method] : '',
    stick: desk.stick ? desk.stick.verdict.replaceAll('-', ' ') : '',
    flash: desk.watchFrom === null ? '' : 'under way',
    after: '',
  };
}

/** The firmware bay: from the board in hand to a version that was read afterwards, step by step. */
export function FirmwareRoom({
  deskKey,
  log,
  isBatch = false,
}: {
  readonly deskKey: string;
  readonly log: FirmwareLog | null;
  /** Several machines are flashed from one plan and one stick. */
  readonly isBatch?: boolean;
}) {
  const firmware = useFirmware(deskKey, log?.known ?? null);
  const stickWorker = useStickWorker();
  const { desk, change } = firmware;
  const words = decided(firmware);
  const work = useRef<HTMLElement>(null);
  // Each step is read from its top, however far down the one before was.
  useEffect(() => {
    work.current?.scrollTo({ top: 0 });
  }, [desk.step]);
  return (
    <Frame>
      <Side aria-label="Steps of the update">
        <Steps>
          {FIRMWARE_STEPS.filter((step) => !isBatch || step !== 'after').map((step, i) => (
            <li key={step}>
              <StepButton aria-current={desk.step === step ? 'step' : undefined} onPress={() => change({ step })}>
                {words[step] !== '' && step !== 'flash' ? <Check size={17} aria-hidden /> : <span>{i + 1}</span>}
                <div>
                  <strong>{isBatch && step === 'flash' ? 'The machines' : names[step]}</strong>
                  <span>{words[step]}</span>
                </div>
              </StepButton>
            </li>
          ))}
        </Steps>
      </Side>
      <Work ref={work}>
        {firmware.error && <Notice kind="danger">{firmware.error.message}</Notice>}
        {desk.step === 'board' && <BoardStep firmware={firmware} log={log} />}
        {desk.step === 'version' && <VersionStep firmware={firmware} log={log} />}
        {desk.step === 'way' && <WayStep firmware={firmware} log={log} />}
        {/* The stick keeps its image while the other steps are looked at. */}
        <div hidden={desk.step !== 'stick'}>
          <StickStep firmware={firmware} worker={stickWorker} />
        </div>
        {isBatch && desk.step === 'flash' && <BatchMachines firmware={firmware} worker={stickWorker} />}
        {!isBatch && desk.step === 'flash' && <FlashStep firmware={firmware} log={log} worker={stickWorker} />}
        {desk.step === 'after' && <AfterStep firmware={firmware} log={log} />}
      </Work>
    </Frame>
  );
}
