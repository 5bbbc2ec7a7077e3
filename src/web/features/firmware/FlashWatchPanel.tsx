import { lazy, Suspense, useCallback, useMemo, useState } from 'react';
import styled, { useTheme } from 'styled-components';
import { watchFlash, type BareFlash, type FlashWatch, type LightMark } from '../../../core/firmware';
import { lightTimeline } from '../../charts/light-timeline';
import { Button } from '../../components/Button';
import { clock } from '../../components/format';
import { Notice } from '../../components/Notice';
import { useTicking } from '../../components/use-ticking';
import { fonts } from '../../theme/tokens';
import type { StepProps } from './step-props';
import type { Firmware } from './use-firmware';
import { FlashCamera } from '../../components/light-camera/FlashCamera';
import { LikelyReasons, Overdue } from './FlashAdvice';
import { Foot } from './step-parts';
import { useFlashLog } from './use-flash-log';
import { useMarkKeys } from './use-mark-keys';

/** Charts are large and needed here alone. */
const Chart = lazy(async () => ({ default: (await import('../../charts/Chart')).Chart }));

const chartHeight = 130;
const Panel = styled.section`
  max-width: 54rem;
`;
const State = styled.div`
  display: grid;
  grid-template-columns: 6.5rem minmax(0, 1fr);
  gap: 0.8rem;
  align-items: center;
  margin-bottom: 0.8rem;
  output {
    font: 700 1.7rem ${fonts.code};
  }
  strong {
    display: block;
    font-size: 1.3rem;
  }
`;
const Marks = styled.div`
  display: grid;
  grid-template-columns: 2fr 1fr 1fr;
  gap: 0.6rem;
  margin-bottom: 0.8rem;
  button {
    min-height: 64px;
    white-space: normal;
  }
`;
const stateWords: Readonly<Record<FlashWatch['state'], string>> = {
  waiting: 'Waiting for the first blink',
  'no-light': 'No light',
  working: 'As expected',
  slow: 'Slow, but still normal',
  overdue: 'Overdue',
  unsure: 'Is it still blinking?',
  finished: 'Finished',
  early: 'Ended too early',
  'gave-up': 'It failed',
};
/** After these nothing more comes of the light. */
const ended: readonly FlashWatch['state'][] = ['finished', 'early', 'gave-up', 'no-light'];

interface FlashWatchPanelProps extends StepProps {
  readonly flash: BareFlash;
  readonly isGo: boolean;
}

/** What the marks so far mean, as time goes on, and how another is made by key or tap. */
function useFlashWatch({ desk, change, board }: Firmware, flash: BareFlash) {
  const { watchFrom, marks, stick, gates } = desk;
  const last = marks.at(-1);
  const hasStopped = last !== undefined && last.seen !== 'blink';
  const now = useTicking(watchFrom !== null && !hasStopped, 250);
  const seconds =
    watchFrom === null ? 0 : Math.max(0, ((hasStopped ? watchFrom + 1000 * last.seconds : now) - watchFrom) / 1000);
  const facts = useMemo(
    () => ({
      stick: stick?.verdict ?? null,
      isListedImage: stick?.isListedImage ?? false,
      isFormatChecked: stick?.isFormatChecked ?? false,
      portConfirmed: gates.includes('port'),
      plugsConfirmed: gates.includes('plugs'),
      isOfCompletePc: desk.isOfCompletePc || board?.completePc !== undefined,
    }),
    [stick, gates, board, desk.isOfCompletePc],
  );
  const watch = useMemo(() => watchFlash(flash, marks, seconds, facts), [flash, marks, seconds, facts]);
  const mark = useCallback(
    (seen: LightMark['seen']) => {
      if (watchFrom === null) return;
      change({ marks: [...marks, { seen, seconds: (Date.now() - watchFrom) / 1000 }] });
    },
    [watchFrom, marks, change],
  );
  const markBlinks = (at: readonly number[]) => {
    if (watchFrom === null) return;
    const blinks = at.map((ms): LightMark => ({ seen: 'blink', seconds: (ms - watchFrom) / 1000 }));
    change({ marks: [...marks, ...blinks.filter(({ seconds }) => seconds >= 0)] });
  };
  useMarkKeys(watchFrom !== null && !hasStopped, mark);
  return { watch, hasStopped, mark, markBlinks, lastMarkAt: (watchFrom ?? 0) + 1000 * (last?.seconds ?? 0) };
}

/** The watch: every blink marked by a key or a tap, what it means said at once. */
export function FlashWatchPanel({ firmware, flash, log, isGo }: FlashWatchPanelProps) {
  const { desk, change, next } = firmware;
  const { watchFrom, marks } = desk;
  const theme = useTheme();
  const { watch, hasStopped, mark, markBlinks, lastMarkAt } = useFlashWatch(firmware, flash);
  const isOver = ended.includes(watch.state);
  const finish = useFlashLog(firmware, log);
  const option = useMemo(() => lightTimeline(flash, watch, marks, theme), [flash, watch, marks, theme]);
  if (watchFrom === null)
    return (
      <Foot>
        <Button
          $kind="primary"
          isDisabled={!isGo || !next}
          onPress={() => change({ watchFrom: Date.now(), marks: [] })}
        >
          Button held: start the watch
        </Button>
      </Foot>
    );
  return (
    <Panel aria-label="Flash watch">
      <State>
        <output aria-label="Since the first blink">{clock(Math.round(watch.elapsedSeconds))}</output>
        <div>
          <strong role="status">{stateWords[watch.state]}</strong>
          <span>{watch.words}</span>
        </div>
      </State>
      {watch.keepPower && watch.state !== 'working' && watch.state !== 'waiting' && (
        <Notice kind="danger">Never cut the power while it blinks.</Notice>
      )}
      {watch.state === 'overdue' && <Overdue flash={flash} watch={watch} onDecide={finish} />}
      {watch.reasons.length > 0 && <LikelyReasons reasons={watch.reasons.slice(0, 4)} />}
      {!hasStopped && (
        <Marks>
          <Button $kind={isOver ? 'plain' : 'primary'} onPress={() => mark('blink')}>
            Blink · Space
          </Button>
          <Button onPress={() => mark('off')}>Went out · O</Button>
          <Button onPress={() => mark('steady')}>Stays on · S</Button>
        </Marks>
      )}
      {!hasStopped && <FlashCamera lastBlinkAt={lastMarkAt} onBlinks={markBlinks} />}
      <Suspense fallback={<div style={{ height: chartHeight }} />}>
        <Chart option={option} height={chartHeight} label={`Light: ${stateWords[watch.state]}`} />
      </Suspense>
      {flash.harmlessLights && <p>{flash.harmlessLights}</p>}
      <Ending
        watch={watch}
        isOver={isOver}
        onEnd={finish}
        onAgain={() => change({ watchFrom: null, marks: [] })}
        hasMarks={marks.length > 0}
        onTakeBack={() => change({ marks: marks.slice(0, -1) })}
      />
    </Panel>
  );
}

function Ending({
  watch,
  isOver,
  hasMarks,
  onEnd,
  onAgain,
  onTakeBack,
}: {
  readonly watch: FlashWatch;
  readonly isOver: boolean;
  readonly hasMarks: boolean;
  readonly onEnd: ReturnType<typeof useFlashLog>;
  readonly onAgain: () => void;
  readonly onTakeBack: () => void;
}) {
  const [isAsked, setAsked] = useState(false);
  const seconds = Math.round(watch.elapsedSeconds);
  const reason = watch.reasons[0]?.title;
  return (
    <Foot>
      {watch.state === 'finished' && (
        <Button $kind="primary" onPress={() => void onEnd('finished', { seconds })}>
          Record it and continue
        </Button>
      )}
      {watch.state === 'early' && (
        <Button $kind="primary" onPress={() => void onEnd('unsure', { seconds })}>
          Record it and check the version
        </Button>
      )}
      {(watch.state === 'gave-up' || watch.state === 'no-light') && (
        <Button $kind="primary" onPress={() => void onEnd('gave-up', { seconds, ...(reason ? { reason } : {}) })}>
          Record it and try again
        </Button>
      )}
      {hasMarks && <Button onPress={onTakeBack}>Undo the last mark</Button>}
      {!hasMarks && !isOver && <Button onPress={onAgain}>Not yet: back to the checks</Button>}
      {watch.keepPower &&
        (isAsked ? (
          <Button onPress={() => void onEnd('interrupted', { seconds })}>Yes, the power went out</Button>
        ) : (
          <Button $kind="quiet" onPress={() => setAsked(true)}>
            The power went out
          </Button>
        ))}
    </Foot>
  );
}
