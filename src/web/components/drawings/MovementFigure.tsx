import type { BoardBookEntry } from '../../../core/firmware';
import type { BoardFacts } from '../../../core/machine';
import type { Drawing } from '../../../core/trials';
import { OutputsFigure, RockerFigure, ScrewsFigure, SlotsFigure } from './board-figures';
import { ClearPinsFigure, SwitchPinsFigure } from './pins';
import { BarrelFigure, PlugFigure, ProbeFigure } from './plugs';

interface MovementFigureProps {
  readonly drawing: Drawing;
  /** As the machine has it. */
  readonly slots: BoardFacts['slots'];
  /** Null where the board is not in the book. */
  readonly board: BoardBookEntry | null;
}

/** The picture that belongs to a movement, of this machine and this board. */
export function MovementFigure({ drawing, slots, board }: MovementFigureProps) {
  switch (drawing.kind) {
    case 'switch-pins':
      return <SwitchPinsFigure board={board} />;
    case 'slots':
      return <SlotsFigure slots={slots.map(({ name }, i) => ({ name, order: i + 1 }))} into={drawing.into} />;
    case 'plug':
      return <PlugFigure plug={drawing.plug} />;
    case 'rocker':
      return <RockerFigure />;
    case 'clear-pins':
      return <ClearPinsFigure pins={drawing.pins} />;
    case 'screws':
      return <ScrewsFigure />;
    case 'outputs':
      return <OutputsFigure use={drawing.use} />;
    case 'barrel':
      return <BarrelFigure />;
    case 'probe':
      return <ProbeFigure pin={drawing.pin} />;
  }
}
