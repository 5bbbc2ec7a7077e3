import {
  DndContext,
  MouseSensor,
  pointerWithin,
  TouchSensor,
  useDroppable,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import styled from 'styled-components';
import type { CaseState } from '../../../../core/casework';
import { movesOf, type Move, type Part } from '../../../../core/machine';
import { useLatest } from '../../../components/use-latest';
import { fonts } from '../../../theme/tokens';
import type { Box, LeadShape, MachinePlan } from './plan-geometry';
import { layPlan } from './plan-layout';
import { PlanPart, PlanPlace } from './PlanShapes';
import { letterSize } from './plan-words';
import { useTouchedInView } from './use-touched-in-view';

const Drawing = styled.svg`
  display: block;
  width: 100%;
  height: auto;
  overflow: visible;
  .enclosure {
    fill: none;
    stroke: ${({ theme }) => theme.line};
    stroke-width: 1.5;
  }
  .enclosure.bench {
    stroke-dasharray: 8 5;
  }
  .lead {
    fill: none;
    stroke: ${({ theme }) => theme.muted};
    stroke-width: 1.75;
    stroke-linecap: round;
    pointer-events: none;
  }
  .lead.suspected {
    stroke: ${({ theme }) => theme.suspicion};
    stroke-width: 2.25;
  }
  .lead.followed {
    stroke: ${({ theme }) => theme.focus};
    stroke-width: 3.5;
  }
  .plug {
    pointer-events: none;
    rect {
      fill: ${({ theme }) => theme.ground};
      stroke: ${({ theme }) => theme.muted};
    }
    text {
      font: 500 ${letterSize}px ${fonts.text};
      fill: ${({ theme }) => theme.ink};
      text-anchor: middle;
      dominant-baseline: central;
    }
  }
  .channel {
    fill: none;
    stroke: ${({ theme }) => theme.muted};
  }
  .channel.suspected {
    stroke: ${({ theme }) => theme.suspicion};
    stroke-width: 3;
  }
  .where {
    font: 500 ${letterSize}px ${fonts.text};
    fill: ${({ theme }) => theme.muted};
  }
`;

/** From this probability of a fault at a channel on its bracket is drawn heavily. */
const suspicious = 0.02;

export interface PlanDrawingProps {
  readonly state: CaseState;
  /** Probability of a fault at each part, by part id. */
  readonly shares: Readonly<Record<string, number>>;
  /** Parts that the trial in hand is about. */
  readonly touched: readonly string[];
  /** While stripping down: what has to come off, and what is ticked as off. Null otherwise. */
  readonly ticks: { readonly asked: readonly string[]; readonly done: readonly string[] } | null;
  readonly canMove: boolean;
  readonly onPress: (part: Part, element: Element) => void;
  readonly onMove: (move: Move) => void;
}

/** The machine, drawn. Press a part for what can be done with it; drag it to a slot, a socket or out. */
export function PlanDrawing({ state, shares, touched, ticks, canMove, onPress, onMove }: PlanDrawingProps) {
  const { machine } = state;
  const steady = useSteady(state.configuration);
  const plan = useMemo(() => layPlan(machine, steady), [machine, steady]);
  const press = useLatest(onPress);
  const svg = useRef<SVGSVGElement>(null);
  const scale = useScale(svg, plan.width);
  const sensors = useDragSensors();
  const [pointed, setPointed] = useState<string | null>(null);
  useTouchedInView(svg, touched);
  const dropped = (event: DragEndEvent) => {
    const move = droppedMove(state, event);
    if (move) onMove(move);
  };
  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={dropped}>
      <Drawing
        ref={svg}
        viewBox={`0 0 ${plan.width} ${plan.height}`}
        role="img"
        aria-label="Drawn plan of the machine. The list has the same parts for the keyboard."
        onPointerOver={(event) => setPointed(partUnder(event.target))}
        onPointerLeave={() => setPointed(null)}
      >
        <DropZone id="out" box={{ x: 0, y: 0, width: plan.width, height: plan.height }} />
        <DropZone id="in" box={plan.enclosure} className={`enclosure ${plan.surface}`} />
        <text className="where" x={plan.enclosure.x + 8} y={plan.enclosure.y + 15}>
          {plan.surface === 'bench' ? `${plan.form} board on the bench, on its box` : `in the case · ${plan.form}`}
        </text>
        {plan.parts.filter(({ part }) => part.kind === 'board').map((shape) => part(shape))}
        <Leads leads={plan.leads} shares={shares} followed={pointed ? [...touched, pointed] : touched} />
        <BoardFittings plan={plan} shares={shares} />
        {plan.parts.filter(({ part: one }) => one.kind !== 'board').map((shape) => part(shape))}
        <Beside at={plan.besideAt} />
      </Drawing>
    </DndContext>
  );

  function tickOf({ id }: Part): 'todo' | 'done' | null {
    if (!ticks?.asked.includes(id)) return null;
    return ticks.done.includes(id) ? 'done' : 'todo';
  }

  function part(shape: (typeof plan.parts)[number]) {
    return (
      <PlanPart
        key={shape.part.id}
        shape={shape}
        configuration={steady}
        share={shares[shape.part.id] ?? 0}
        isTouched={touched.includes(shape.part.id)}
        tick={tickOf(shape.part)}
        scale={scale}
        canMove={canMove && shape.part.kind !== 'outlet' && shape.part.kind !== 'board'}
        onPress={press}
      />
    );
  }
}

const Beside = ({ at }: { readonly at: MachinePlan['besideAt'] }) =>
  at && (
    <text className="where" x={at.x} y={at.y}>
      beside it
    </text>
  );

/** A lead stands out with the part in question, and with the one under the pointer. */
function Leads({
  leads,
  shares,
  followed,
}: {
  readonly leads: readonly LeadShape[];
  readonly shares: PlanDrawingProps['shares'];
  readonly followed: readonly string[];
}) {
  const classOf = ({ parts }: LeadShape) => {
    if (parts.some((id) => followed.includes(id))) return 'lead followed';
    return parts.some((id) => (shares[id] ?? 0) >= suspicious) ? 'lead suspected' : 'lead';
  };
  return leads.map((lead) => <path key={lead.id} className={classOf(lead)} d={lead.path} />);
}

const partUnder = (target: EventTarget): string | null =>
  (target as Element).closest('[data-part]')?.getAttribute('data-part') ?? null;

/** A press stays a press: dragging begins after some way, or a moment under a finger. */
const useDragSensors = () =>
  useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 8 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 220, tolerance: 8 } }),
  );

/** Plugs, empty card slots, channels, ports, slots and sockets: what parts go into. */
function BoardFittings({ plan, shares }: { readonly plan: MachinePlan; readonly shares: PlanDrawingProps['shares'] }) {
  return (
    <>
      {[...plan.plugs, ...plan.ports].map(({ name, x, y, width, height }) => (
        <g key={`${x} ${y}`} className="plug">
          <rect x={x} y={y} width={width} height={height} rx={2} />
          <text transform={`translate(${x + width / 2} ${y + height / 2})${height > width ? ' rotate(-90)' : ''}`}>
            {name}
          </text>
        </g>
      ))}
      {plan.emptySlots.map((box) => (
        <g key={`${box.x} ${box.y}`} className="plug">
          <rect {...box} rx={1.5} />
          <text transform={`translate(${box.x + box.width / 2} ${box.y + box.height / 2})`}>card slot, empty</text>
        </g>
      ))}
      {plan.channels.map(({ id, from, to, y }) => (
        <path
          key={id}
          className={`channel${(shares[id] ?? 0) >= suspicious ? ' suspected' : ''}`}
          d={`M ${from} ${y - 3} V ${y} H ${to} V ${y - 3}`}
        />
      ))}
      {plan.slots.map((place) => (
        <PlanPlace key={place.id} place={place} share={shares[place.id] ?? 0} />
      ))}
      {plan.sockets.map((place) => (
        <PlanPlace key={place.id} place={place} share={0} />
      ))}
    </>
  );
}

/** What the part may do that fits best with where it was dropped; undefined where it may do nothing there. */
function droppedMove({ machine, configuration }: CaseState, { active, over, collisions }: DragEndEvent) {
  const part = machine.parts.find(({ id }) => id === active.id);
  if (!part || !over) return undefined;
  const targets = (collisions ?? []).map(({ id }) => String(id));
  const place = targets.find((id) => id.startsWith('place/'))?.slice('place/'.length);
  const wanted = place
    ? [`to/${place}`, ...(isOwn(part, place) ? ['back'] : [])]
    : [targets.includes('in') ? 'back' : 'out'];
  return movesOf(machine, configuration, part).find(({ id }) => wanted.includes(id));
}

/** The same object as long as it says the same: every entry of the log makes a new one. */
function useSteady<T>(value: T): T {
  const [steady, setSteady] = useState(value);
  if (JSON.stringify(steady) === JSON.stringify(value)) return steady;
  setSteady(value);
  return value;
}

const isOwn = (part: Part, place: string): boolean => part.slot === place || part.socket === place;

function DropZone({ id, box, className }: { readonly id: string; readonly box: Box; readonly className?: string }) {
  const { setNodeRef } = useDroppable({ id });
  return (
    <rect
      ref={(element) => setNodeRef(element as unknown as HTMLElement | null)}
      className={className}
      fill="none"
      pointerEvents="none"
      rx={6}
      {...box}
    />
  );
}

/** Pixels of the screen in a unit of the plan, kept as the column changes its width. */
function useScale(svg: React.RefObject<SVGSVGElement | null>, width: number): number {
  const [scale, setScale] = useState(1);
  useEffect(() => {
    const element = svg.current;
    if (!element) return;
    const watch = new ResizeObserver(() => setScale(element.clientWidth / width || 1));
    watch.observe(element);
    return () => watch.disconnect();
  }, [svg, width]);
  return scale;
}
