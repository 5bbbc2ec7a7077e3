import { layBoard, type BoardDrawn } from './plan-board';
import { layEnclosure } from './plan-enclosure';
import type { Box, MachinePlan, PartShape } from './plan-geometry';
import { layOutside, outsideBox, outsideInRow, outsidePitch } from './plan-outside';
import { layChannels } from './plan-places';
import { emptySketch, inside, planWidth } from './plan-sketch';
import { placementOf, type Configuration, type Machine, type Part } from '../../../../core/machine';

/**
 * The drawing of a machine from what it is made of: the board with processor, slots, cards and sockets, the case around
 * it with drives, supply and switch, below it what hangs outside and what is out. Rear ports are left. Everything is
 * where it is in the usual machine of that size; the true place of a socket is in the board's manual.
 */
export function layPlan(machine: Machine, configuration: Configuration): MachinePlan {
  const sketch = emptySketch(machine, configuration);
  const board = layBoard(sketch);
  const { enclosure, plugs, free } = layEnclosure(sketch, board);
  const outside = layOutside(sketch, enclosure);
  const out = machine.parts.filter(
    (part) => part.kind !== 'slot' && part.kind !== 'channel' && placementOf(configuration, part.id).state === 'out',
  );
  const near = configuration.surface === 'bench' ? free : null;
  const beside = layBeside(out, near, outside.bottom);
  return {
    width: planWidth,
    height: beside.bottom + 2,
    surface: configuration.surface,
    form: machine.board.form,
    parts: [...sketch.parts, ...beside.shapes],
    channels: layChannels(machine, board.slots),
    plugs,
    enclosure,
    ports: sketch.ports,
    leads: sketch.leads,
    besideAt: beside.headAt,
    ...fittings(board),
  };
}

const fittings = ({ box, slots, m2, sata, emptySlots }: BoardDrawn) => ({
  board: box,
  slots,
  sockets: [...m2, ...sata],
  emptySlots,
});

const nearPitch = 39;
const headHeight = 18;

/** What is out, or lies loose: on the bench beside the board as far as there is room, else in rows below all the rest. */
function layBeside(out: readonly Part[], near: Box | null, top: number) {
  if (out.length === 0) return { shapes: [], bottom: top, headAt: null };
  const room = near ? Math.max(0, Math.floor((near.height - headHeight) / nearPitch)) : 0;
  const below = Math.max(0, out.length - room);
  const shapes = out.map((part, i): PartShape => {
    const box: Box =
      near && i < room
        ? { x: near.x, y: near.y + headHeight + i * nearPitch, width: near.width, height: nearPitch - 5 }
        : outsideBox(i - room, top + headHeight);
    return { part, outline: 'box', label: inside(box), ...box };
  });
  return {
    shapes,
    bottom: below > 0 ? top + headHeight + Math.ceil(below / outsideInRow) * outsidePitch : top,
    headAt: near && room > 0 ? { x: near.x, y: near.y + 12 } : { x: 4, y: top + 12 },
  };
}
