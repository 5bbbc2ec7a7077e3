import styled from 'styled-components';
import type { BoardHeader } from '../../../core/firmware';
import { fonts } from '../../theme/tokens';

const Drawing = styled.svg`
  display: block;
  max-width: 100%;
  text {
    font: 600 11px ${fonts.code};
    fill: ${({ theme }) => theme.ink};
  }
  .frame {
    fill: ${({ theme }) => theme.panel};
    stroke: ${({ theme }) => theme.ink};
    stroke-width: 1.5;
  }
  .pin {
    fill: ${({ theme }) => theme.ink};
  }
  .gap {
    fill: none;
    stroke: ${({ theme }) => theme.muted};
    stroke-dasharray: 3 2;
  }
`;

const [stepX, stepY, edge] = [66, 52, 8];

/** A header as it lies on the board, pin by pin; a dashed place has no pin. */
export function HeaderDrawing({ header }: { readonly header: BoardHeader }) {
  const { rows, columns, pins, name } = header;
  const width = columns * stepX + 2 * edge;
  const height = rows * stepY + 2 * edge;
  const words = pins.map(({ row, column, label }) => `row ${row} pin ${column}: ${label || 'no pin'}`).join(', ');
  return (
    <Drawing viewBox={`0 0 ${width} ${height}`} width={width} role="img" aria-label={`${name}: ${words}`}>
      <rect className="frame" x="1" y="1" width={width - 2} height={height - 2} rx="5" />
      {pins.map(({ row, column, label }) => {
        const x = edge + (column - 0.5) * stepX;
        const y = edge + (row - 1) * stepY + 15;
        return (
          <g key={`${row}-${column}`}>
            {label ? (
              <rect className="pin" x={x - 6} y={y - 6} width="12" height="12" rx="2" />
            ) : (
              <rect className="gap" x={x - 6} y={y - 6} width="12" height="12" rx="2" />
            )}
            <text x={x} y={y + 25} textAnchor="middle">
              {label || '–'}
            </text>
          </g>
        );
      })}
    </Drawing>
  );
}
