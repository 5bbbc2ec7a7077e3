import type { BoardBookEntry } from '../../../core/firmware';
import { pinsInWords, switchPinsOf } from '../../../core/trials';
import { capitalized } from '../format';
import { Figure } from './figure';

const [step, top] = [42, 26];

/** The front header of this board with the two switch pins and a blade across them; nothing where it is not in the book. */
export function SwitchPinsFigure({ board }: { readonly board: BoardBookEntry | null }) {
  const found = switchPinsOf(board);
  if (!found) return null;
  const { header, at } = found;
  const width = Math.max(4, header.columns) * step + 12;
  const height = header.rows * 56 + 10;
  const place = (i: number) => {
    const pin = header.pins[i];
    return { x: 6 + ((pin?.column ?? 1) - 0.5) * step, y: top + ((pin?.row ?? 1) - 1) * 56 };
  };
  const [a, b] = [place(at[0]), place(at[1])];
  return (
    <Figure
      width={width}
      height={height}
      label={`${header.name}: the two switch pins are in the ${pinsInWords(found)}`}
      caption={`${header.name}: ${capitalized(pinsInWords(found))}`}
    >
      {header.pins.map(({ row, column, label }, i) => {
        const { x, y } = place(i);
        const kind = at.includes(i) ? 'here' : label ? 'dark' : 'gap';
        return (
          <g key={`${row} ${column}`}>
            <rect className={kind} x={x - 7} y={y - 7} width={14} height={14} rx={2} />
          </g>
        );
      })}
      <line className="blade" x1={a.x - 3} y1={a.y} x2={b.x + 3} y2={b.y} />
      <text x={(a.x + b.x) / 2} y={Math.max(a.y, b.y) + 25} textAnchor="middle" style={{ fontSize: 15 }}>
        {header.pins[at[0]]?.label}
      </text>
    </Figure>
  );
}

/** Two pins with a blade across them, or three with a cap that is moved. */
export function ClearPinsFigure({ pins }: { readonly pins: 2 | 3 }) {
  return pins === 2 ? (
    <Figure width={200} height={70} label="Two pins, a blade across both" caption="Blade across both pins, cord out">
      {[70, 130].map((x) => (
        <rect key={x} className="here" x={x - 9} y={26} width={18} height={18} rx={2} />
      ))}
      <line className="blade" x1={62} y1={35} x2={138} y2={35} />
    </Figure>
  ) : (
    <Figure
      width={220}
      height={92}
      label="Three pins: the cap moves from pins 1 and 2 to pins 2 and 3, and back afterwards"
      caption="Cap from 1–2 to 2–3, afterwards back"
    >
      {[0, 1].map((after) => (
        <g key={after} transform={`translate(${after * 112} 0)`}>
          {[1, 2, 3].map((n) => (
            <g key={n}>
              <rect className="dark" x={n * 26 - 6} y={26} width={12} height={12} />
              <text x={n * 26} y={62} textAnchor="middle">
                {n}
              </text>
            </g>
          ))}
          <rect
            className={after ? 'here' : 'line'}
            fillOpacity={0.5}
            x={after ? 42 : 16}
            y={18}
            width={46}
            height={28}
            rx={4}
          />
          <text x={52} y={82} textAnchor="middle" style={{ fontSize: 11 }}>
            {after ? 'clear' : 'normal'}
          </text>
        </g>
      ))}
    </Figure>
  );
}
