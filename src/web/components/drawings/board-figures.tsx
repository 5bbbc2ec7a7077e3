import { Arrow, Figure } from './figure';

export interface SlotPlace {
  readonly name: string;
  /** Counted from 1, in the manual's order of filling. */
  readonly order: number;
}

/** The memory slots as they lie, with their order of filling, the latches, and the slot in question. */
export function SlotsFigure({ slots, into }: { readonly slots: readonly SlotPlace[]; readonly into: string | null }) {
  const lying = [...slots].sort((a, b) => a.name.localeCompare(b.name, 'en', { numeric: true }));
  const step = Math.min(46, 190 / Math.max(1, lying.length));
  const left = 15 + (190 - step * lying.length) / 2;
  return (
    <Figure
      width={220}
      height={132}
      label={`Slots ${lying.map(({ name, order }) => `${name}, filled as number ${order}`).join('; ')}${into ? `. It is ${into}.` : ''}`}
      caption={into ? `Slot ${into}; the numbers are the order of filling` : 'The numbers are the order of filling'}
    >
      {lying.map(({ name, order }, i) => {
        const x = left + i * step + step / 2;
        const isIt = name === into;
        return (
          <g key={name}>
            <rect className={isIt ? 'here' : 'body'} x={x - 7} y={20} width={14} height={78} rx={2} />
            <rect className="dark" x={x - 9} y={12} width={18} height={8} rx={2} />
            <rect className="dark" x={x - 9} y={98} width={18} height={8} rx={2} />
            <line className="line" x1={x - 7} y1={52} x2={x + 7} y2={52} />
            <text x={x} y={125} textAnchor="middle">
              {name}
            </text>
            <text x={x} y={42} textAnchor="middle" style={{ fontSize: 12 }}>
              {order}
            </text>
          </g>
        );
      })}
    </Figure>
  );
}

/** The rocker beside the mains socket, at I. */
export const RockerFigure = () => (
  <Figure
    width={220}
    height={92}
    label="The rocker: I is on, O is off"
    caption="I is on, O is off: off before you work, I before you start"
  >
    <rect className="line" x={14} y={18} width={92} height={56} rx={6} />
    <path className="line" d="M 40 30 v 12 M 80 30 v 12 M 60 50 v 12" />
    <rect className="body" x={140} y={18} width={56} height={56} rx={4} />
    <rect className="here" x={140} y={18} width={28} height={56} rx={4} />
    <text x={154} y={52} textAnchor="middle">
      I
    </text>
    <text x={182} y={52} textAnchor="middle">
      O
    </text>
  </Figure>
);

/** The screws of a cooler in the order in which they are turned: crosswise, a turn each. */
export const ScrewsFigure = () => (
  <Figure
    width={200}
    height={130}
    label="Four screws, turned crosswise: one, opposite corner two, then three and four"
    caption="Crosswise, a turn each"
  >
    <circle className="body" cx={100} cy={65} r={36} />
    {(
      [
        [48, 22, 1],
        [152, 108, 2],
        [152, 22, 3],
        [48, 108, 4],
      ] as const
    ).map(([x, y, n]) => (
      <g key={n}>
        <circle className="here" cx={x} cy={y} r={14} />
        <text x={x} y={y + 5} textAnchor="middle">
          {n}
        </text>
      </g>
    ))}
    <Arrow from={[62, 34]} to={[136, 96]} />
    <Arrow from={[138, 34]} to={[64, 96]} />
  </Figure>
);

/** The back of the machine: outputs of the board at its ports, those of the card lower down and crosswise. */
export const OutputsFigure = ({ use }: { readonly use: 'card' | 'board' }) => (
  <Figure
    width={220}
    height={132}
    label={`The back of the machine: the board's outputs stand among its ports, the card's lower down and lie flat. Use the ${use}'s.`}
    caption={use === 'card' ? "Lower down: the card's own outputs" : "Among the other ports: the board's own outputs"}
  >
    <rect className="line" x={30} y={4} width={160} height={124} rx={6} />
    <rect className="body" x={44} y={14} width={24} height={60} rx={3} />
    <rect className={use === 'board' ? 'here' : 'body'} x={47} y={34} width={18} height={16} rx={2} />
    <rect className="body" x={44} y={86} width={120} height={16} rx={3} />
    {[58, 92, 126].map((x) => (
      <rect key={x} className={use === 'card' ? 'here' : 'body'} x={x} y={89} width={24} height={10} rx={2} />
    ))}
    <text x={112} y={48} textAnchor="middle">
      board
    </text>
    <text x={112} y={122} textAnchor="middle">
      card
    </text>
  </Figure>
);
