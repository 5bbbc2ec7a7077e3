import type { FlashRefusal } from '../../../core/casework';
import { flashGates, type FlashMethod } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import type { FirmwareLog, StepProps } from './step-props';
import { FlashWatchPanel } from './FlashWatchPanel';
import { Gates } from './Gates';
import { OtherFlash } from './OtherFlash';
import { PracticeBoard } from './PracticeBoard';
import { Lead, Spaced, Title } from './step-parts';
import type { StickWorker } from '../../workers/use-stick-worker';
import type { Firmware } from './use-firmware';
import { NeedsBoard } from './VersionStep';

/** Go or no-go, then the flash itself: watched blink by blink where the board flashes itself. */
export function FlashStep({ firmware, log, worker }: StepProps & { readonly worker: StickWorker }) {
  const { desk, change, board, next } = firmware;
  if (!board) return <NeedsBoard onGo={() => change({ step: 'board' })} />;
  const method = desk.method ?? (board.flash ? 'bare-board' : 'menu');
  const gates = flashGates(board, method);
  const refused = log ? [...log.refusals(method), ...stickRefusal(method, firmware)] : [];
  const isGo = refused.length === 0 && gates.every(({ id }) => desk.gates.includes(id));
  const isWatched = method === 'bare-board' && board.flash !== undefined;
  return (
    <>
      <Title>{desk.watchFrom === null ? 'Before you flash' : 'Watch the light'}</Title>
      <Lead>
        {next ? `${desk.installed ?? 'Unknown version'} → ${next.version} on ${board.model}.` : 'No version is chosen.'}
        {!next && (
          <>
            {' '}
            <Button $kind="quiet" onPress={() => change({ step: 'version' })}>
              Choose one
            </Button>
          </>
        )}
      </Lead>
      {desk.watchFrom === null && log && (
        <Refused refused={refused} log={log} onStick={() => change({ step: 'stick' })} />
      )}
      {desk.watchFrom === null && (
        <Gates
          gates={gates}
          confirmed={desk.gates}
          stick={desk.stick}
          onChange={(confirmed) => change({ gates: confirmed })}
        />
      )}
      {isWatched && board.flash ? (
        <>
          {log === null && <PracticeBoard flash={board.flash} firmware={firmware} isGo={isGo} />}
          <FlashWatchPanel firmware={firmware} flash={board.flash} log={log} isGo={isGo} />
        </>
      ) : (
        <OtherFlash firmware={firmware} log={log} method={method} isGo={isGo} worker={worker} />
      )}
    </>
  );
}

interface Refusal {
  readonly code: FlashRefusal['code'] | 'stick';
  readonly why: string;
}

/** A stick that was not checked for this version here, or that was found bad. */
function stickRefusal(method: FlashMethod, { desk: { stick }, next }: Firmware): Refusal[] {
  if (method === 'second-image' || method === 'sent-in' || method === 'running-system') return [];
  if (stick === null || stick.version !== (next?.version ?? null))
    return [{ code: 'stick', why: 'The stick was not checked for this version.' }];
  return stick.verdict === 'bad' ? [{ code: 'stick', why: 'The stick was found bad.' }] : [];
}

/** What the log or the stick says against it, and what settles it. */
function Refused({
  refused,
  log,
  onStick,
}: {
  readonly refused: readonly Refusal[];
  readonly log: FirmwareLog;
  readonly onStick: () => void;
}) {
  return refused.map(({ code, why }) => (
    <Spaced key={code}>
      <Notice kind="danger">
        <span>No go: {why}</span>
        {(code === 'running' || code === 'button') && (
          <Button onPress={() => void log.record({ kind: 'switched-off' })}>It is off, cord out, drained</Button>
        )}
        {code === 'wet' && <Button onPress={log.leave}>Back to the tests</Button>}
        {code === 'stick' && <Button onPress={onStick}>Check the stick</Button>}
      </Notice>
    </Spaced>
  ));
}
