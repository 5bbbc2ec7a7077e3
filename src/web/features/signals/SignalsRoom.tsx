import { useCallback, useState } from 'react';
import styled from 'styled-components';
import type { BoardBookFile } from '../../../contracts';
import {
  blinksOf,
  decodeSignals,
  lightsOf,
  sequenceOfLights,
  type Decoded,
  type WatchedLight,
} from '../../../core/signals';
import type { ForecastSigns, StartOutcome } from '../../../core/startup';
import { useTicking } from '../../components/use-ticking';
import { seenOfDraft, type SignalsDraft } from '../../stores/signals-draft';
import { useCaseKeys } from '../case-log/use-case-keys';
import { LightCameraSheet } from '../../components/light-camera/LightCameraSheet';
import { BeepsPanel } from './BeepsPanel';
import { BoardChoice, type BoardChoiceProps } from './BoardChoice';
import { CodePanel } from './CodePanel';
import { LightsPanel } from './LightsPanel';
import { Together } from './Together';

const Frame = styled.main`
  display: grid;
  grid-template-columns: minmax(21rem, 26rem) minmax(0, 1fr);
  min-height: 0;
  @media (max-width: 900px) {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Side = styled.div`
  display: grid;
  align-content: start;
  gap: 1rem;
  min-height: 0;
  overflow: auto;
  padding: 0.7rem 1rem 1.2rem;
  @media (max-width: 900px) {
    overflow: visible;
  }
  &:first-child {
    border-right: 1px solid ${({ theme }) => theme.line};
  }
`;

export interface SignalsRoomProps {
  readonly board: BoardBookFile | null;
  readonly choice: BoardChoiceProps;
  readonly draft: SignalsDraft;
  readonly onChange: (change: Partial<SignalsDraft>) => void;
  readonly expected: readonly StartOutcome[];
  readonly at: string | null;
  readonly forecast: ForecastSigns | null;
  /** What can be done with what was read. */
  readonly actions: (decoded: Decoded) => React.ReactNode;
}

/** What the board shows and sounds: entered on the left and above, read at once by its own lists. */
export function SignalsRoom({ board, choice, draft, onChange, expected, at, forecast, actions }: SignalsRoomProps) {
  const [isWatching, setWatching] = useState(false);
  const now = useTicking(draft.codes.length > 0, 1000);
  const tables = board ?? {};
  const decoded = decodeSignals(tables, seenOfDraft(draft, now));
  const lights = lightsOf(tables);
  const isOwn = lights === board?.stageLights;
  useCaseKeys(useFocusKeys());
  const take = (watched: Readonly<Record<string, WatchedLight>>) => onChange(draftOfWatched(watched));
  return (
    <Frame>
      <Side>
        <BoardChoice {...choice} />
        <LightsPanel
          lights={lights}
          place={isOwn ? (board.lightsPlace ?? null) : null}
          board={isOwn ? board.model : null}
          draft={draft}
          forecast={forecast}
          onChange={onChange}
          onWatch={() => setWatching(true)}
        />
        <CodePanel draft={draft} meaning={decoded.code} onChange={onChange} />
      </Side>
      <Side>
        <BeepsPanel draft={draft} onChange={onChange} speaker={board?.speaker ?? null} />
        <Together decoded={decoded} expected={expected} at={at} board={board} />
        {actions(decoded)}
      </Side>
      {isWatching && (
        <LightCameraSheet labels={lights.map(({ label }) => label)} onClose={() => setWatching(false)} onTake={take} />
      )}
    </Frame>
  );
}

/** Lights that came on one after the other are a sequence; otherwise each is as it stands. */
function draftOfWatched(watched: Readonly<Record<string, WatchedLight>>): Partial<SignalsDraft> {
  const all = Object.entries(watched).map(([label, light]) => ({ label, ...light }));
  const moving = all.filter((light) => blinksOf(light).length > 0);
  if (moving.length > 1) return { lightsMode: 'change', sequence: sequenceOfLights(all).slice(-40) };
  const lit = Object.fromEntries(
    all.flatMap(({ label, shows }) => (shows === 'off' ? [] : [[label, shows === 'on' ? 'on' : 'blinks'] as const])),
  );
  return { lightsMode: 'stand', lit, areDark: Object.keys(lit).length === 0 };
}

/** L goes to the lights, D to the code. */
function useFocusKeys() {
  return useCallback((key: string) => {
    const target =
      key === 'l'
        ? document.getElementById('first-light')
        : key === 'd'
          ? document.querySelector<HTMLElement>('[aria-label="Code display"] input')
          : null;
    target?.focus();
    return target !== null;
  }, []);
}
