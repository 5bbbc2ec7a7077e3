import { memo } from 'react';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import styled from 'styled-components';
import type { Configuration, Part } from '../../../../core/machine';
import { percent } from '../../../components/format';
import { fonts } from '../../../theme/tokens';
import type { PartShape, PlaceShape } from './plan-geometry';
import { fitName, standing } from './plan-words';

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
  font: 500 11.5px ${fonts.text};
  text-anchor: middle;
  dominant-baseline: central;
  pointer-events: none;
  user-select: none;
`;
const Share = styled(Text)`
  font: 700 11.5px ${fonts.code};
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
const Small = styled(Text)`
  font-size: 10.5px;
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
      <title>{[part.name, stands, share >= worthShowing ? percent(share) : null].filter(Boolean).join(', ')}</title>
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
  const shown = share >= worthShowing ? percent(share) : '';
  if (outline === 'bar') {
    const words = [part.name, shown].filter(Boolean).join(' ');
    return (
      <Small transform={`translate(${x + width / 2} ${y + height / 2}) rotate(-90)`}>
        {fitName(words, height, 10.5)}
      </Small>
    );
  }
  if (!label) return null;
  if (outline === 'switch')
    return (
      <>
        <Small {...at(label.x, label.y)}>
          {fitName([part.name, stands].filter(Boolean).join(' '), label.width, 10.5)}
        </Small>
        {shown && <Share {...at(x + width / 2, y + height / 2)}>{shown}</Share>}
      </>
    );
  const second = [stands, shown].filter(Boolean).join(' ');
  if (!second) return <Text {...at(label.x, label.y)}>{fitName(part.name, label.width)}</Text>;
  if (height >= 24 && part.kind !== 'board' && part.kind !== 'cooler')
    return (
      <>
        <Small {...at(label.x, label.y - 6)}>{fitName(part.name, label.width, 10.5)}</Small>
        <Share {...at(label.x, label.y + 6)}>{fitName(second, label.width)}</Share>
      </>
    );
  const room = label.width - second.length * 7;
  return (
    <Text {...at(label.x, label.y)}>
      {fitName(part.name, room)} <tspan fontWeight="700">{second}</tspan>
    </Text>
  );
}

const at = (x: number, y: number) => ({ x, y });

/** A slot or socket: something dragged can be dropped on it. */
export const PlanPlace = memo(function PlanPlace({
  place,
  share,
  isSlot,
}: {
  readonly place: PlaceShape;
  readonly share: number;
  readonly isSlot: boolean;
}) {
  const { x, y, width, height, name, isOff, isFilled, nameAt } = place;
  const { setNodeRef, isOver } = useDroppable({ id: `place/${place.id}`, disabled: isOff });
  const nameIsInside = !isSlot && nameAt.y < y + height;
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
      {!(nameIsInside && isFilled) && <Small {...at(nameAt.x, nameAt.y)}>{name}</Small>}
    </Place>
  );
});
