import { Timer } from 'lucide-react';
import styled from 'styled-components';
import { watchFirstStart, type FirstStartWatch } from '../../../core/firmware';
import { Button } from '../../components/Button';
import { clock } from '../../components/format';
import { Notice } from '../../components/Notice';
import { useTicking } from '../../components/use-ticking';
import { fonts } from '../../theme/tokens';
import type { StepProps } from './step-props';
import { Block, Spaced } from './step-parts';

const Watch = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0.8rem;
  margin-bottom: 0.5rem;
  output {
    min-width: 4.5rem;
    font: 700 1.5rem ${fonts.code};
  }
`;

const stateWords: Readonly<Record<FirstStartWatch['state'], string>> = {
  waiting: 'Waiting',
  moving: 'It makes progress',
  fixed: 'It stands still',
  overdue: 'Late, but it moves',
};
const notStarted = { from: null, changes: [], tried: 0 } as const;

/** The first start after a flash: each change of code or light is marked, and standing still is told from progress. */
export function FirstStart({ firmware: { desk, change, board }, log }: StepProps) {
  const { firstStart } = desk;
  const { from, changes, tried } = firstStart;
  const now = useTicking(from !== null, 500);
  const elapsed = from === null ? 0 : Math.max(0, (now - from) / 1000);
  const [reset] = [...(board?.resets ?? [])].sort((a, b) => a.seconds - b.seconds);
  const watch = watchFirstStart(changes, elapsed, { times: board?.firstStart, tried, reset });
  if (from === null)
    return (
      <Block>
        <Button onPress={() => change({ firstStart: { from: Date.now(), changes: [], tried } })}>
          <Timer size={18} aria-hidden /> {tried === 0 ? 'Started: watch it' : 'Started again: watch it'}
        </Button>
      </Block>
    );
  const mark = () => change({ firstStart: { from, tried, changes: [...changes, (Date.now() - from) / 1000] } });
  return (
    <Block aria-label="First start">
      <Watch>
        <output aria-label="Since it was started">{clock(Math.floor(elapsed))}</output>
        <strong role="status">{stateWords[watch.state]}</strong>
        <span>{watch.words}</span>
      </Watch>
      {watch.remedy && (
        <Spaced>
          <Notice kind="suspicion">
            <span>{watch.remedyWords}</span>
          </Notice>
        </Spaced>
      )}
      <Watch>
        <Button $kind={watch.remedy ? 'plain' : 'primary'} onPress={mark}>
          Code or light changed{changes.length > 0 ? ` · ${changes.length}` : ''}
        </Button>
        {watch.remedy !== null && watch.remedy !== 'judge' && (
          <Button $kind="primary" onPress={() => change({ firstStart: { from: null, changes: [], tried: tried + 1 } })}>
            Done so: start it again
          </Button>
        )}
        {watch.remedy === 'judge' && log && (
          <Button $kind="primary" onPress={log.leave}>
            Judge it in the case
          </Button>
        )}
        <Button $kind="quiet" onPress={() => change({ firstStart: notStarted })}>
          It shows a picture
        </Button>
      </Watch>
    </Block>
  );
}
