import { Arrow, Figure } from './figure';

const plugs = {
  '24-pin': { columns: 12, rows: 2, caption: '24-pin plug: its latch hooks over the nose of the socket' },
  processor: { columns: 4, rows: 2, caption: 'Processor plug, two halves of four, at the top of the board' },
  card: { columns: 4, rows: 2, caption: 'Card plug, six and two: latch on one side only' },
} as const;

/** A power plug from the front with its latch, and where it is pressed. */
export function PlugFigure({ plug }: { readonly plug: keyof typeof plugs }) {
  const { columns, rows, caption } = plugs[plug];
  const cell = plug === '24-pin' ? 16 : 26;
  const [left, above] = [14, 40];
  const [width, height] = [columns * cell, rows * cell];
  const middle = left + width / 2;
  const split = plug === '24-pin' ? 10 : plug === 'processor' ? 2 : 3;
  return (
    <Figure
      width={width + 28}
      height={height + above + 12}
      label={`${caption}. Press the latch to pull it; it clicks when it is in.`}
      caption={caption}
    >
      <rect className="body" x={left} y={above} width={width} height={height} rx={3} />
      {Array.from({ length: rows * columns }, (_, i) => (
        <rect
          key={i}
          className="line"
          x={left + (i % columns) * cell + cell * 0.22}
          y={above + Math.floor(i / columns) * cell + cell * 0.22}
          width={cell * 0.56}
          height={cell * 0.56}
          rx={2}
        />
      ))}
      <line className="gap" x1={left + split * cell} y1={above} x2={left + split * cell} y2={above + height} />
      <rect className="here" x={middle - 14} y={above - 12} width={28} height={12} rx={2} />
      <Arrow from={[middle + 44, 6]} to={[middle + 14, above - 14]} />
      <text
        x={middle + 48}
        y={16}
        style={{ fontSize: 12 }}
        textAnchor={plug === '24-pin' ? 'start' : 'end'}
        dx={plug === '24-pin' ? 0 : -70}
      >
        latch
      </text>
    </Figure>
  );
}

/** The 24-pin plug from the wire side with the pin to probe; pins 1 to 12 in one row, 13 to 24 in the other. */
export function ProbeFigure({ pin }: { readonly pin: number }) {
  const cell = 17;
  const place = (n: number) => ({ x: 8 + ((n - 1) % 12) * cell, y: 26 + (n > 12 ? cell : 0) });
  const target = place(pin);
  return (
    <Figure
      width={12 * cell + 16}
      height={92}
      label={`24-pin plug from the wire side, latch below: pin ${pin}, in the ${pin > 12 ? 'second' : 'first'} row, number ${((pin - 1) % 12) + 1} of 12`}
      caption={`Pin ${pin}, from the wire side. Count on the plug: 1 is marked.`}
    >
      {Array.from({ length: 24 }, (_, i) => {
        const { x, y } = place(i + 1);
        return (
          <rect
            key={i}
            className={i + 1 === pin ? 'here' : 'body'}
            x={x}
            y={y}
            width={cell - 2}
            height={cell - 2}
            rx={2}
          />
        );
      })}
      {[1, 12].map((n) => (
        <text key={n} x={place(n).x + 7} y={20} textAnchor="middle" style={{ fontSize: 11 }}>
          {n}
        </text>
      ))}
      {[13, 24].map((n) => (
        <text key={n} x={place(n).x + 7} y={74} textAnchor="middle" style={{ fontSize: 11 }}>
          {n}
        </text>
      ))}
      <Arrow from={[target.x + 7, pin > 12 ? 90 : 2]} to={[target.x + 7, pin > 12 ? 62 : 24]} />
    </Figure>
  );
}

/** A barrel plug and the marking that says where plus and minus are. */
export const BarrelFigure = () => (
  <Figure
    width={220}
    height={92}
    label="A barrel plug; the marking with plus, minus and two arcs says which is inside. It has to be the same on adapter and machine."
    caption="Same marking on adapter and machine: volts, and what is inside"
  >
    <rect className="body" x={8} y={34} width={50} height={26} rx={4} />
    <rect className="line" x={58} y={38} width={34} height={18} rx={2} />
    <circle className="here" cx={160} cy={47} r={8} />
    <path className="line" d="M 178 60 A 22 22 0 1 1 178 34" />
    <line className="line" x1={118} y1={47} x2={138} y2={47} />
    <line className="line" x1={168} y1={47} x2={200} y2={47} />
    <text x={108} y={52} textAnchor="middle">
      ?
    </text>
    <text x={210} y={52} textAnchor="middle">
      ?
    </text>
  </Figure>
);
