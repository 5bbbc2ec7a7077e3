import { Camera } from 'lucide-react';
import { Button as AriaButton } from 'react-aria-components';
import styled, { css } from 'styled-components';
import type { LightsPlace, StageLight } from '../../../core/firmware';
import { stageOfLight } from '../../../core/signals';
import type { ForecastSigns } from '../../../core/startup';
import { capitalized, counted, percent } from '../../components/format';
import { Button } from '../../components/Button';
import { Toggles } from '../../components/Toggles';
import type { SignalsDraft } from '../../stores/signals-draft';
import { fonts } from '../../theme/tokens';
import { stageWords } from '../../../core/record';
import { Head, Quiet, Tools } from './parts';

const Board = styled.div`
  margin-top: 0.45rem;
  padding: 0.6rem 0.4rem 0.5rem;
  border: 1px solid ${({ theme }) => theme.strong};
  border-radius: 6px;
  background: ${({ theme }) => theme.sunk};
  > p {
    margin: 0 0.5rem 0.3rem;
    font-size: 0.92rem;
  }
`;
const Row = styled.div<{ $run: LightsPlace['run']; $count: number }>`
  display: grid;
  gap: 0.2rem;
  ${({ $run, $count }) =>
    $run === 'across' &&
    css`
      grid-template-columns: repeat(${Math.min($count, 4)}, minmax(0, 1fr));
    `}
`;
const Light = styled(AriaButton)<{ $run: LightsPlace['run'] }>`
  display: grid;
  ${({ $run }) =>
    $run === 'across'
      ? css`
          align-content: start;
          justify-items: center;
          text-align: center;
        `
      : css`
          grid-template-columns: 3.6rem 5rem minmax(0, 1fr) auto;
          align-items: center;
          text-align: left;
        `}
  gap: 0.15rem 0.5rem;
  min-height: 44px;
  padding: 0.25rem;
  border: 0;
  border-radius: 6px;
  background: none;
  line-height: 1.2;
  cursor: pointer;
  > b {
    max-width: 100%;
    overflow-wrap: anywhere;
    font: 700 0.95rem ${fonts.code};
    /* A whole word, as of a board that is not in the book. */
    &[data-long] {
      font: 700 0.8rem ${fonts.text};
    }
  }
  > span {
    font-size: 0.87rem;
  }
  > small {
    white-space: nowrap;
    font-size: 0.8rem;
    color: ${({ theme }) => theme.muted};
  }
  > i {
    font: 700 0.85rem ${fonts.code};
  }
`;
const lampOf = {
  dark: css`
    border: 2px dashed ${({ theme }) => theme.muted};
  `,
  on: css`
    border: 3px solid ${({ theme }) => theme.suspicion};
    background: ${({ theme }) => theme.suspicionFill};
  `,
  blinks: css`
    border: 3px solid ${({ theme }) => theme.suspicion};
    background: repeating-linear-gradient(
      135deg,
      ${({ theme }) => theme.suspicionFill} 0 6px,
      ${({ theme }) => theme.panel} 6px 12px
    );
  `,
} as const;
const Lamp = styled.span<{ $shows: keyof typeof lampOf }>`
  display: grid;
  place-items: center;
  width: 46px;
  height: 46px;
  border-radius: 50%;
  background: ${({ theme }) => theme.panel};
  font: 700 1rem ${fonts.code};
  ${({ $shows }) => lampOf[$shows]}
`;
const Trail = styled.p`
  margin: 0.45rem 0 0;
  font: 600 0.92rem ${fonts.code};
  overflow-wrap: anywhere;
`;

/** Labels on boards have a few letters. */
const longName = 5;

const showsWords = { dark: 'dark', on: 'stays on', blinks: 'blinks' } as const;
const nextOf = { dark: 'on', on: 'blinks', blinks: 'dark' } as const;

interface LightsPanelProps {
  readonly lights: readonly StageLight[];
  readonly place: LightsPlace | null;
  /** The board as it is called in the book; null where these are the lights of most boards. */
  readonly board: string | null;
  readonly draft: SignalsDraft;
  readonly onChange: (change: Partial<SignalsDraft>) => void;
  readonly onWatch: () => void;
  /** How likely each light is to stay on at this start; null where that is not known. */
  readonly forecast: ForecastSigns | null;
}

/** The stage lights of the board as they lie, pressed as they are seen. */
export function LightsPanel({ lights, place, board, draft, forecast, onChange, onWatch }: LightsPanelProps) {
  const { lightsMode, lit, sequence } = draft;
  const run = place?.run ?? 'across';
  const press = (label: string) => {
    if (lightsMode === 'change') {
      onChange({ sequence: [...sequence, label].slice(-40) });
      return;
    }
    const next = nextOf[lit[label] ?? 'dark'];
    const { [label]: _gone, ...others } = lit;
    onChange({ lit: next === 'dark' ? others : { ...others, [label]: next }, areDark: false });
  };
  return (
    <section aria-label="Stage lights">
      <Head>
        <h2>Lights · press them as you see them</h2>
        <span>L</span>
      </Head>
      <Toggles
        label="The lights"
        value={lightsMode}
        onChange={(id) => onChange({ lightsMode: id as SignalsDraft['lightsMode'] })}
        choices={[
          { id: 'stand', label: 'They stand still' },
          { id: 'change', label: 'One after the other' },
        ]}
      />
      <Board>
        <p>
          {board === null
            ? 'Lights as most boards have them: this board is not in the book.'
            : `${board}${place ? `, ${place.where}` : ''}, as printed`}
        </p>
        <Row $run={run} $count={lights.length} role="group" aria-label="Lights of the board">
          {lights.map((light, i) => (
            <OneLight
              key={light.label}
              light={light}
              run={run}
              isFirst={i === 0}
              expected={forecast?.lightStays[stageOfLight(light)] ?? null}
              shows={lightsMode === 'stand' ? (lit[light.label] ?? 'dark') : 'dark'}
              times={lightsMode === 'change' ? sequence.filter((one) => one === light.label).length : null}
              onPress={() => press(light.label)}
            />
          ))}
        </Row>
      </Board>
      <LightTools draft={draft} onChange={onChange} onWatch={onWatch} />
    </section>
  );
}

/** What was pressed so far where they come one after the other, and what else can be said of the lights. */
function LightTools({ draft, onChange, onWatch }: Pick<LightsPanelProps, 'draft' | 'onChange' | 'onWatch'>) {
  const { lightsMode, areDark, sequence } = draft;
  return (
    <>
      {lightsMode === 'change' && sequence.length > 0 && <Trail role="status">{sequence.join(' → ')}</Trail>}
      {lightsMode === 'change' && sequence.length === 0 && (
        <Quiet>Press each light when it comes on. Go on until the row begins again, or stops.</Quiet>
      )}
      <Tools>
        {lightsMode === 'stand' ? (
          <Button aria-pressed={areDark} onPress={() => onChange({ areDark: !areDark, lit: {} })}>
            {areDark ? '✓ None is lit' : 'None is lit'}
          </Button>
        ) : (
          <Button isDisabled={sequence.length === 0} onPress={() => onChange({ sequence: sequence.slice(0, -1) })}>
            Undo the last
          </Button>
        )}
        <Button onPress={onWatch}>
          <Camera size={17} aria-hidden /> Watch by camera
        </Button>
      </Tools>
    </>
  );
}

interface OneLightProps {
  readonly light: StageLight;
  readonly run: LightsPlace['run'];
  readonly isFirst: boolean;
  /** Probability that it stays on, 0 to 1. */
  readonly expected: number | null;
  readonly shows: keyof typeof showsWords;
  /** How often it came on, where they come on one after the other. */
  readonly times: number | null;
  readonly onPress: () => void;
}

function OneLight({ light, run, isFirst, expected, shows, times, onPress }: OneLightProps) {
  const stage = capitalized(stageWords[stageOfLight(light)]);
  const state = times === null ? showsWords[shows] : times === 0 ? '–' : `${times} ×`;
  return (
    <Light
      $run={run}
      onPress={onPress}
      aria-label={`Light ${light.label}, ${stage.toLowerCase()}: ${times === null ? state : `came on ${counted(times, 'time')}`}`}
      {...(isFirst ? { id: 'first-light' } : {})}
    >
      <Lamp $shows={times === null ? shows : times > 0 ? 'on' : 'dark'} aria-hidden>
        {times ? times : ''}
      </Lamp>
      <b data-long={light.label.length > longName || undefined}>{light.label}</b>
      <span>
        {stage === light.label ? '' : stage}
        {light.colour ? ` · ${light.colour}` : ''}
      </span>
      <i>{state}</i>
      {run === 'across' && expected !== null && <small>{percent(expected)} likely</small>}
    </Light>
  );
}
