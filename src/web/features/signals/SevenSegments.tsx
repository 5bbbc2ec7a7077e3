import styled from 'styled-components';

/** A display is dark glass in either theme. */
const colours = { ground: '#112c2a', lit: '#e9bd6c', unlit: '#24423f' } as const;

const Display = styled.svg`
  display: block;
  width: 116px;
  height: 106px;
  border-radius: 6px;
  background: ${colours.ground};
`;

/** The strokes of a digit, clockwise from the top and the middle last, as lines within 40 by 72. */
const strokes = [
  [8, 4, 32, 4],
  [36, 8, 36, 32],
  [36, 40, 36, 64],
  [8, 68, 32, 68],
  [4, 40, 4, 64],
  [4, 8, 4, 32],
  [8, 36, 32, 36],
] as const;

/** Which strokes are lit, as they stand in `strokes`. */
const digits: Readonly<Record<string, string>> = {
  '0': '1111110',
  '1': '0110000',
  '2': '1101101',
  '3': '1111001',
  '4': '0110011',
  '5': '1011011',
  '6': '1011111',
  '7': '1110000',
  '8': '1111111',
  '9': '1111011',
  A: '1110111',
  B: '0011111',
  C: '1001110',
  D: '0111101',
  E: '1001111',
  F: '1000111',
};

/** Two digits as the display of a board shows them; what is not known yet is dark. */
export function SevenSegments({ text }: { readonly text: string }) {
  return (
    <Display viewBox="0 0 116 106" role="img" aria-label={text ? `The display shows ${text}` : 'The display is dark'}>
      {[0, 1].map((place) => (
        <g key={place} transform={`translate(${12 + 52 * place} 17)`}>
          {strokes.map(([x1, y1, x2, y2], i) => {
            const isLit = digits[text.charAt(place).toUpperCase()]?.charAt(i) === '1';
            return (
              <line
                key={`${x1} ${y1} ${x2}`}
                {...{ x1, y1, x2, y2 }}
                stroke={isLit ? colours.lit : colours.unlit}
                strokeWidth={7}
                strokeLinecap="round"
              />
            );
          })}
        </g>
      ))}
    </Display>
  );
}
