import styled from 'styled-components';
import { arrowLines, type Mark } from '../../../../core/attachments';

const Layer = styled.svg`
  position: absolute;
  inset: 0;
  width: 100%;
  height: 100%;
  fill: none;
  pointer-events: none;
  g {
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .below {
    stroke: #fff;
  }
  .above {
    stroke: ${({ theme }) => theme.mark};
  }
  text {
    font-weight: 700;
    fill: ${({ theme }) => theme.mark};
    stroke: #fff;
    paint-order: stroke;
  }
`;

interface MarksLayerProps {
  readonly marks: readonly Mark[];
  /** Of the picture, in pixels. */
  readonly size: { readonly width: number; readonly height: number };
}

/** What is drawn on a picture, over it. A pale edge keeps it visible on any ground. */
export function MarksLayer({ marks, size }: MarksLayerProps) {
  const line = size.width * 0.0045;
  return (
    <Layer viewBox={`0 0 ${size.width} ${size.height}`} aria-hidden>
      <g className="below" strokeWidth={line * 2.2}>
        {marks.map((mark, i) => (
          <Lines key={i} mark={mark} size={size} />
        ))}
      </g>
      <g className="above" strokeWidth={line}>
        {marks.map((mark, i) => (
          <Lines key={i} mark={mark} size={size} />
        ))}
      </g>
      {marks.map(
        (mark, i) =>
          mark.shape === 'text' && (
            <text
              key={i}
              x={mark.at[0] * size.width}
              y={mark.at[1] * size.height}
              fontSize={size.width * 0.028}
              strokeWidth={line * 1.2}
              dominantBaseline="hanging"
            >
              {mark.text}
            </text>
          ),
      )}
    </Layer>
  );
}

function Lines({ mark, size }: { readonly mark: Mark; readonly size: MarksLayerProps['size'] }) {
  if (mark.shape === 'circle')
    return <circle cx={mark.at[0] * size.width} cy={mark.at[1] * size.height} r={mark.radius * size.width} />;
  if (mark.shape === 'text') return null;
  return arrowLines(mark, size).map((line, i) => (
    <polyline key={i} points={line.map((point) => point.join()).join(' ')} />
  ));
}
