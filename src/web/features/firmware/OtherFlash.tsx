import type { FlashMethod } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { Notice } from '../../components/Notice';
import type { StepProps } from './step-props';
import { Block, Foot } from './step-parts';
import { useFlashLog } from './use-flash-log';

/** What is done once the gates are through, by way. */
function stepsFor(method: FlashMethod, setupKey: string | undefined, fileName: string | undefined): string[] {
  const key = setupKey ?? 'the key that the board names';
  const menu = [
    `Start it and press ${key} until the menu opens.`,
    'Find the update in setup. Save the present image to the stick if it offers to.',
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
}: StepProps & { readonly method: FlashMethod; readonly isGo: boolean }) {
  const { board, next } = firmware;
  const finish = useFlashLog(firmware, log);
  const isReady = isGo && (next !== null || method === 'second-image');
  const fromStick = method === 'menu' || method === 'borrowed-processor';
  return (
    <Block>
      <ol>
        {stepsFor(method, board?.setupKey, next?.file).map((step) => (
          <li key={step}>{step}</li>
        ))}
      </ol>
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
