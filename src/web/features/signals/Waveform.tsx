import styled, { useTheme } from 'styled-components';
import type { Beep } from '../../../core/signals';
import { decimal } from '../../components/format';
import { fonts } from '../../theme/tokens';

const Drawing = styled.svg`
  display: block;
  width: 100%;
  height: 112px;
  text {
    font: 600 12px ${fonts.text};
    fill: ${({ theme }) => theme.ink};
  }
`;

const [width, soundHeight, height] = [800, 88, 112];

/** A sound over time with the tones that were found in it, each named short or long below. */
export function Waveform({
  outline,
  beeps,
  seconds,
}: {
  /** How loud it was in equal stretches, 0 to 1. */
  readonly outline: readonly number[];
  readonly beeps: readonly Pick<Beep, 'startSeconds' | 'seconds' | 'kind'>[];
  readonly seconds: number;
}) {
  const theme = useTheme();
  const loudest = Math.max(0.02, ...outline);
  const x = (at: number) => (width * at) / Math.max(seconds, 0.1);
  const middle = soundHeight / 2;
  return (
    <Drawing
      viewBox={`0 0 ${width} ${height}`}
      preserveAspectRatio="none"
      role="img"
      aria-label={`${decimal(seconds, 1)} seconds of sound, ${beeps.length === 1 ? 'one tone' : `${beeps.length} tones`} marked`}
    >
      <rect width={width} height={soundHeight} fill={theme.panel} stroke={theme.line} />
      {outline.map((loud, i) => {
        const half = Math.max(0.7, (0.85 * middle * loud) / loudest);
        const at = ((i + 0.5) * width) / outline.length;
        return (
          <line key={i} x1={at} x2={at} y1={middle - half} y2={middle + half} stroke={theme.muted} strokeWidth={1.2} />
        );
      })}
      {beeps.map(({ startSeconds, seconds: length, kind }) => (
        <g key={startSeconds}>
          <rect
            x={x(startSeconds)}
            y={4}
            width={Math.max(2, x(length))}
            height={soundHeight - 8}
            fill={theme.strong}
            fillOpacity={outline.length > 0 ? 0.25 : 0.85}
            stroke={theme.suspicion}
            strokeWidth={2}
          />
          <text x={x(startSeconds + length / 2)} y={height - 6} textAnchor="middle">
            {beeps.length > 14 ? kind : kind === 'L' ? 'long' : 'short'}
          </text>
        </g>
      ))}
    </Drawing>
  );
}
