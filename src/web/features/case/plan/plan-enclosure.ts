import { socketOf, type Part } from '../../../../core/machine';
import { boardLeft, type BoardDrawn } from './plan-board';
import type { Box, PlugShape } from './plan-geometry';
import { bottomOf, middle, planWidth, route, type Sketch } from './plan-sketch';

const left = 14;
const sideGap = 8;

/** Inside the case around the board: drives, fans and, below it, supply, front ports and switch; and what is free. */
export function layEnclosure(
  sketch: Sketch,
  board: BoardDrawn,
): { readonly enclosure: Box; readonly plugs: readonly PlugShape[]; readonly free: Box } {
  const sideBottom = laySide(sketch, board);
  const floor = Math.max(bottomOf(board.box), sideBottom) + 12;
  const enclosure = { x: left, y: 2, width: planWidth - 2 - left, height: floor + 58 - 2 };
  layFrontPorts(sketch, floor);
  laySwitch(sketch, board, floor);
  const free = { ...sideOf(board), y: sideBottom, height: bottomOf(enclosure) - 4 - sideBottom };
  return { enclosure, free, plugs: [...headerOf(sketch, board), ...laySupply(sketch, board, floor)] };
}

/** Right of the board, to the edge. */
function sideOf({ box }: Pick<BoardDrawn, 'box'>) {
  const x = box.x + box.width + sideGap;
  return { x, width: planWidth - 6 - x };
}

/** Drives with leads and fans right of the board. Returns the bottom. */
function laySide(sketch: Sketch, { box: board, sata }: BoardDrawn): number {
  const { configuration, of, put, leads } = sketch;
  const side = { ...sideOf({ box: board }), height: 34 };
  const { x } = side;
  let y = board.y;
  for (const drive of of('drive').filter((one) => one.bus !== 'm2')) {
    put(drive, { ...side, y });
    const socket = sata.find(({ id }) => id === socketOf(configuration, drive));
    const lane = x - 2 - (leads.length % 3) * 2;
    if (socket)
      leads.push({
        id: `data-${drive.id}`,
        parts: [drive.id],
        path: route([
          [x, y + 17],
          [lane, y + 17],
          [lane, bottomOf(socket) + 4],
          [middle(socket), bottomOf(socket) + 4],
          [middle(socket), bottomOf(socket) - 4],
        ]),
      });
    y += 39;
  }
  for (const fan of of('fan')) {
    put(fan, { ...side, y });
    y += 39;
  }
  return y;
}

/** The supply at the foot of the case, its plugs on the board; of an adapter only the plug. */
function laySupply(sketch: Sketch, { box: board }: BoardDrawn, floor: number): readonly PlugShape[] {
  const { of, put, leads } = sketch;
  const [supply] = of('supply');
  if (!supply) return [];
  put(supply, { x: left + 6, y: floor + 2, width: 116, height: 50 });
  const eps = { name: 'EPS', x: boardLeft + 22, y: board.y + 4, width: 36, height: 18 };
  const main = { name: '24-pin', x: board.x + board.width - 18, y: board.y + 24, width: 18, height: 56 };
  const lane = left + 6;
  const under = bottomOf(board) + 6;
  leads.push(
    {
      id: 'power-24-pin',
      parts: [supply.id],
      path: route([
        [left + 106, floor + 2],
        [left + 106, under],
        [board.x + board.width + 2, under],
        [board.x + board.width + 2, main.y + 28],
        [board.x + board.width, main.y + 28],
      ]),
    },
    {
      id: 'power-EPS',
      parts: [supply.id],
      path: route([
        [left + 20, floor + 2],
        [left + 20, under],
        [lane, under],
        [lane, eps.y + 9],
        [eps.x, eps.y + 9],
      ]),
    },
  );
  return [eps, main];
}

/** The ports at the front, each fed by its lead from the board. */
function layFrontPorts({ of, at, leads, ports }: Sketch, floor: number): void {
  const front: readonly Part[] = [...of('front-usb'), ...of('front-audio')];
  front.forEach((lead, i) => {
    const shape = at(lead);
    if (!shape) return;
    const box = { x: 146 + (i % 2) * 52, y: floor + 4 + Math.floor(i / 2) * 25, width: 48, height: 21 };
    ports.push({ name: lead.kind === 'front-usb' ? 'USB' : 'audio', ...box });
    // Past the parts that stand below it, through the gap between the two of a row.
    const gap = i % 2 === 0 ? box.x + 8 : box.x + 14;
    leads.push({
      id: `front-${lead.id}`,
      parts: [lead.id],
      path: route([
        [middle(shape), bottomOf(shape)],
        [middle(shape), bottomOf(shape) + 2],
        [gap, bottomOf(shape) + 2],
        [gap, box.y],
      ]),
    });
  });
}

/** The header of the switch's lead; none where the switch is soldered to the board. */
const headerOf = ({ machine }: Sketch, { frontHeader }: BoardDrawn): PlugShape[] =>
  machine.board.switchOnBoard ? [] : [frontHeader];

function laySwitch(sketch: Sketch, board: BoardDrawn, floor: number): void {
  const { of, put, leads } = sketch;
  const caseSwitch = of('case-switch')[0];
  if (!caseSwitch) return;
  const button = { x: 308, y: floor + 6, width: 40, height: 40 };
  const end = headerOf(sketch, board)[0] ?? { ...board.box, y: board.frontHeader.y };
  put(caseSwitch, button, 'switch', { x: 278, y: floor + 26, width: 58, lines: 2 });
  leads.push({
    id: 'switch',
    parts: [caseSwitch.id],
    path: route([
      [middle(button), button.y],
      [middle(button), end.y + 11],
      [end.x + end.width, end.y + 11],
    ]),
  });
}
