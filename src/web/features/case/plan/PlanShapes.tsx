import { memo } from 'react';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import styled from 'styled-components';
import type { Configuration, Part } from '../../../../core/machine';
import { shortPercent } from '../../../components/format';
import { fonts } from '../../../theme/tokens';
import type { PartShape, PlaceShape } from './plan-geometry';
import { labelLines, letterSize, lineHeight, standing, type LabelLine } from './plan-words';

export const worthShowing = 0.01;
const worthTinting = 0.02;

/** How deep the hue of suspicion is, as a variable of the shape: a class of its own for each number would pile up. */
const depthOf = (share: number) => ({ '--depth': `${Math.round(18 + 82 * share)}%` }) as React.CSSProperties;

interface Look {
  readonly $isTinted: boolean;
  readonly $stands: 'as-found' | 'away' | 'other';
  readonly $isBoard: boolean;
  readonly $isBar: boolean;
}

const Group = styled.g<Look>`
  cursor: pointer;
  touch-action: manipulation;
  .body {
    stroke: ${({ theme, $isTinted }) => ($isTinted ? theme.suspicion : theme.strong)};
    stroke-width: ${({ $stands }) => ($stands === 'other' ? 2.5 : 1.25)};
    stroke-dasharray: ${({ $stands }) => ($stands === 'away' ? '4 3' : 'none')};
    fill: ${({ theme, $isTinted, $stands, $isBoard, $isBar }) => {
      if ($stands === 'away') return theme.ground;
      if ($isTinted) return `color-mix(in srgb, ${theme.suspicionFill} var(--depth), ${theme.panel})`;
      return $isBar ? theme.strong : $isBoard ? theme.sunk : theme.panel;
    }};
  }
  text {
    fill: ${({ theme, $isTinted, $isBar, $stands }) =>
      $isBar && !$isTinted && $stands !== 'away' ? theme.onStrong : theme.ink};
  }
  &:hover .body {
    stroke: ${({ theme }) => theme.ink};
    stroke-width: 2;
  }
`;
const Text = styled.text`
  font: 500 ${letterSize}px ${fonts.text};
  text-anchor: middle;
  dominant-baseline: central;
  pointer-events: none;
  user-select: none;
`;
const Share = styled(Text)`
  font: 700 ${letterSize}px ${fonts.code};
`;
const Figure = styled.tspan`
  font: 700 ${letterSize}px ${fonts.code};
`;
const Ring = styled.rect`
  fill: none;
  stroke: ${({ theme }) => theme.focus};
  stroke-width: 2.5;
  pointer-events: none;
`;
const Place = styled.g<{ $off: boolean; $over: boolean; $isTinted: boolean }>`
  rect {
    fill: ${({ theme, $over, $isTinted }) =>
      $over
        ? theme.strong
        : $isTinted
          ? `color-mix(in srgb, ${theme.suspicionFill} var(--depth), ${theme.panel})`
          : theme.ground};
    stroke: ${({ theme }) => theme.muted};
    stroke-dasharray: ${({ $off }) => ($off ? '2 2' : 'none')};
  }
  line {
    stroke: ${({ theme }) => theme.muted};
  }
  text {
    fill: ${({ theme, $off }) => ($off ? theme.muted : theme.ink)};
    text-decoration: ${({ $off }) => ($off ? 'line-through' : 'none')};
  }
`;

/** One part of the plan: press it for what can be done with it, or drag it. */
export const PlanPart = memo(function PlanPart({
  shape,
  configuration,
  share,
  isTouched,
  tick,
  scale,
  canMove,
  onPress,
}: {
  readonly shape: PartShape;
  readonly configuration: Configuration;
  readonly share: number;
  /** The trial in hand is about this part. */
  readonly isTouched: boolean;
  /** While stripping down: it has to come off, or was ticked as off. */
  readonly tick: 'todo' | 'done' | null;
  /** Pixels of the screen in a unit of the plan. */
  readonly scale: number;
  readonly canMove: boolean;
  readonly onPress: (part: Part, element: Element) => void;
}) {
  const { part, outline, x, y, width, height } = shape;
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({ id: part.id, disabled: !canMove });
  const stands = tick === 'done' ? 'off ✓' : standing(configuration, part);
  const away = stands === 'out' || stands === 'beside' || tick === 'done';
  const shift = transform ? `translate(${transform.x / scale} ${transform.y / scale})` : undefined;
  return (
    <Group
      ref={(element) => setNodeRef(element as unknown as HTMLElement | null)}
      {...listeners}
      $isTinted={share >= worthTinting}
      style={depthOf(share)}
      $stands={away ? 'away' : stands ? 'other' : 'as-found'}
      $isBoard={part.kind === 'board'}
      $isBar={outline === 'bar'}
      data-part={part.id}
      transform={shift}
      opacity={isDragging ? 0.8 : 1}
      onClick={(event) => onPress(part, event.currentTarget)}
    >
      <title>
        {[part.name, stands, share >= worthShowing ? shortPercent(share) : null].filter(Boolean).join(', ')}
      </title>
      <rect className="body" x={x} y={y} width={width} height={height} rx={cornerOf[outline] ?? height / 2} />
      {outline === 'switch' && share < worthShowing && <PowerSign x={x + width / 2} y={y + height / 2} />}
      {isTouched && tick !== 'done' && <Ring x={x - 3} y={y - 3} width={width + 6} height={height + 6} rx={5} />}
      <Label shape={shape} share={share} stands={stands} />
    </Group>
  );
});

const cornerOf: Readonly<Partial<Record<PartShape['outline'], number>>> = { box: 2.5, bar: 2 };

const Sign = styled.path`
  fill: none;
  stroke: ${({ theme }) => theme.strong};
  stroke-width: 2;
  stroke-linecap: round;
  pointer-events: none;
`;

/** The switch sign of the standards: a broken circle with a stroke. */
const PowerSign = ({ x, y }: { readonly x: number; readonly y: number }) => (
  <Sign d={`M ${x} ${y - 9} V ${y - 1} M ${x - 5} ${y - 6} A 8 8 0 1 0 ${x + 5} ${y - 6}`} />
);

function Label({
  shape: { part, outline, label, x, y, width, height },
  share,
  stands,
}: {
  readonly shape: PartShape;
  readonly share: number;
  readonly stands: string | null;
}) {
  const shown = share >= worthShowing ? shortPercent(share) : '';
  if (outline === 'switch')
    return (
      <>
        <Lines at={label} lines={labelLines([part.name, stands].filter(Boolean).join(' '), '', label)} />
        {shown && <Share {...at(x + width / 2, y + height / 2)}>{shown}</Share>}
      </>
    );
  const lines = labelLines(part.name, [stands, shown].filter(Boolean).join(' '), label);
  if (outline !== 'bar') return <Lines at={label} lines={lines} />;
  return (
    <g transform={`translate(${label.x} ${label.y}) rotate(-90)`}>
      <Lines at={at(0, 0)} lines={lines} />
    </g>
  );
}

/** Lines of a label around their middle, each with its figure behind it. */
function Lines({
  at: { x, y },
  lines,
}: {
  readonly at: { x: number; y: number };
  readonly lines: readonly LabelLine[];
}) {
  const top = y - ((lines.length - 1) * lineHeight) / 2;
  return lines.map(({ text, figure }, i) => (
    <Text key={text + figure} {...at(x, top + i * lineHeight)}>
      {text}
      {figure && <Figure>{text ? ` ${figure}` : figure}</Figure>}
    </Text>
  ));
}

const at = (x: number, y: number) => ({ x, y });

/** A slot or socket: something dragged can be dropped on it. */
export const PlanPlace = memo(function PlanPlace({
  place,
  share,
}: {
  readonly place: PlaceShape;
  readonly share: number;
}) {
  const { x, y, width, height, name, isOff, isFilled, nameAt } = place;
  const { setNodeRef, isOver } = useDroppable({ id: `place/${place.id}`, disabled: isOff });
  return (
    <Place
      ref={(element) => setNodeRef(element as unknown as HTMLElement | null)}
      $off={isOff}
      $over={isOver}
      $isTinted={share >= worthTinting}
      style={depthOf(share)}
      data-place={place.id}
    >
      <title>{[name, isOff ? 'switched off' : isFilled ? 'filled' : 'free'].join(', ')}</title>
      <rect x={x} y={y} width={width} height={height} rx={2} />
      {isOff && <line x1={x} y1={y + height} x2={x + width} y2={y} />}
      <Text {...at(nameAt.x, nameAt.y)}>{name}</Text>
    </Place>
  );
});
