import { flashGates } from '../../../core/firmware';
import { Button } from '../../components/Button';
import type { StepProps } from './step-props';
import { FlashWatchPanel } from './FlashWatchPanel';
import { Gates } from './Gates';
import { OtherFlash } from './OtherFlash';
import { PracticeBoard } from './PracticeBoard';
import { Lead, Title } from './step-parts';
import { NeedsBoard } from './VersionStep';

/** Go or no-go, then the flash itself: watched blink by blink where the board flashes itself. */
export function FlashStep({ firmware, log }: StepProps) {
  const { desk, change, board, next } = firmware;
  if (!board) return <NeedsBoard onGo={() => change({ step: 'board' })} />;
  const method = desk.method ?? (board.flash ? 'bare-board' : 'menu');
  const gates = flashGates(board, method);
  const isGo = gates.every(({ id }) => desk.gates.includes(id));
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
        <OtherFlash firmware={firmware} log={log} method={method} isGo={isGo} />
      )}
    </>
  );
}
