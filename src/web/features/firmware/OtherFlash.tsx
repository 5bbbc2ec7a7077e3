import { FileTrigger } from 'react-aria-components';
import type { BoardBookFile } from '../../../contracts';
import type { FlashMethod } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import type { StepProps } from './step-props';
import { Block, Foot } from './step-parts';
import type { StickWorker } from '../../workers/use-stick-worker';
import { useAttempt } from './use-attempt';
import type { Firmware } from './use-firmware';
import { useFlashLog } from './use-flash-log';

/** What is done once the gates are through, by way. */
function stepsFor(
  method: FlashMethod,
  { setupKey, menuPath }: Pick<BoardBookFile, 'setupKey' | 'menuPath'>,
  fileName: string | undefined,
): string[] {
  const key = setupKey ?? 'the key that the board names';
  const menu = [
    `Start it and press ${key} until the menu opens.`,
    menuPath ? `In setup: ${menuPath}.` : 'Find the update in setup.',
    'Save the present image to the stick first, if it offers to, and choose that file below.',
    `Choose the file${fileName ? ` (${fileName})` : ''}. It verifies it; then confirm.`,
    'It takes 5 to 10 minutes and restarts by itself, possibly more than once.',
  ];
  switch (method) {
    case 'menu':
      return menu;
    case 'borrowed-processor':
      return [
        'Fit the borrowed processor with its cooler, one module and graphics.',
        ...menu,
        'Put the original processor back.',
      ];
    case 'second-image':
      return [
        'Start from the second image as described above. Wait two minutes.',
        'From setup, write the first image again.',
      ];
    case 'sent-in':
      return ['Note the version with which the board should come back.'];
    case 'running-system':
      return [
        'Download the program and the image from the board’s own page; compare the SHA-256.',
        'Save the present image first, where the program can, and choose that file below.',
        'Close everything else, start the program and leave it alone until it restarts by itself.',
      ];
    case 'bare-board':
      return [];
  }
}

/** A flash that the menu, the second image or somebody else makes: its steps, and how it ended. */
export function OtherFlash({
  firmware,
  log,
  method,
  isGo,
  worker,
}: StepProps & { readonly method: FlashMethod; readonly isGo: boolean; readonly worker: StickWorker }) {
  const { board, next } = firmware;
  const finish = useFlashLog(firmware, log);
  const isReady = isGo && (next !== null || method === 'second-image');
  const fromStick = method === 'menu' || method === 'borrowed-processor';
  const savesFirst = fromStick || method === 'running-system';
  return (
    <Block>
      <ol>
        {stepsFor(method, board ?? {}, next?.file).map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
      {savesFirst && <Backup firmware={firmware} worker={worker} />}
      {method !== 'sent-in' && <Notice kind="danger">Never cut the power while it is writing.</Notice>}
      <Foot>
        <Button $kind="primary" isDisabled={!isReady} onPress={() => void finish('finished')}>
          {method === 'sent-in' ? 'The board came back' : 'It finished'}
        </Button>
        {fromStick && (
          <Button isDisabled={!isReady} onPress={() => void finish('gave-up', { reason: 'It refused the file' })}>
            It refused the file
          </Button>
        )}
        {method !== 'sent-in' && (
          <Button isDisabled={!isReady} onPress={() => void finish('interrupted')}>
            The power went out
          </Button>
        )}
      </Foot>
    </Block>
  );
}

/** The image that was on before: its name and hash go on record. */
function Backup({ firmware, worker }: { readonly firmware: Firmware; readonly worker: StickWorker }) {
  const { desk, change } = firmware;
  const { attempt, error } = useAttempt();
  const keep = async (file: File | undefined) => {
    if (!file) return;
    const backup = await attempt(() => worker.run('inspect', (work) => work.digest(file)));
    if (backup) change({ backup });
  };
  return (
    <Foot>
      <FileTrigger onSelect={(files) => void keep(files?.[0])}>
        <Button>Choose the saved image</Button>
      </FileTrigger>
      <span role="status">
        {desk.backup ? `${desk.backup.name}, SHA-256 ${desk.backup.sha256.slice(0, 16)}…` : 'No saved image yet.'}
      </span>
      {error && <Notice kind="danger">{error}</Notice>}
    </Foot>
  );
}
