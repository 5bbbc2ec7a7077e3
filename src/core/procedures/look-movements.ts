import { nameInWords } from '../machine';
import {
  findSwitchPins,
  putIn,
  setupKeyWords,
  switchPinsOf,
  type Bench,
  type Drawing,
  type Movement,
  type Trial,
} from '../trials';

/** Looks and measurements as movements: their own steps, with pictures, and with what the board book knows. */

/** The picture that belongs to a look. */
const drawings: Readonly<Record<string, Drawing>> = {
  rocker: { kind: 'rocker' },
  'front-header': { kind: 'switch-pins' },
  'power-plugs': { kind: 'plug', plug: '24-pin' },
  'joint-press': { kind: 'plug', plug: '24-pin' },
  'rail-short': { kind: 'plug', plug: '24-pin' },
  'cooler-mount': { kind: 'screws' },
  'module-latches': { kind: 'slots', into: null },
  'slot-order': { kind: 'slots', into: null },
  'card-seat': { kind: 'plug', plug: 'card' },
  'card-leads': { kind: 'plug', plug: 'card' },
  'monitor-input': { kind: 'outputs', use: 'card' },
  'adapter-label': { kind: 'barrel' },
  'adapter-cord': { kind: 'barrel' },
};

const byLook = (trial: Trial): string | null => (trial.ref.kind === 'look' ? trial.ref.look : null);

/** Movements of a look or a measurement. */
export function lookMovements(trial: Trial, bench: Bench): readonly Movement[] {
  const drawing = drawings[byLook(trial) ?? ''] ?? probeOf(trial);
  const movements = trial.steps.map((step) => withBoard(step, trial, bench));
  const isDrawn = movements.some((movement) => movement.drawing);
  // The picture stands at the movement that it shows: the first.
  return movements.map((movement, i) => (i === 0 && drawing && !isDrawn ? { ...movement, drawing } : movement));
}

/** A step in the words of this board, where the book knows more than the step says. */
function withBoard(step: string, trial: Trial, bench: Bench): Movement {
  const { board } = bench;
  if (board?.setupKey && /^(Enter setup|Press the setup key)/.test(step)) {
    const rest = step.replace(/^(Enter setup|Press the setup key while it starts)( with the key shown at start)?/, '');
    const then = rest.replace(/^( and |[.\s])+/, '');
    return { text: `Start it. ${setupKeyWords(board)}${then ? ` Then ${then}` : ''}` };
  }
  if (byLook(trial) === 'front-header' && /^Find the front header/.test(step) && switchPinsOf(board))
    return findSwitchPins(bench);
  if (byLook(trial) === 'slot-order' && /^Find the slot order/.test(step) && board?.memorySlots)
    return { text: `The order of this board: ${board.memorySlots.map(({ name }) => name).join(', then ')}.` };
  if (byLook(trial) === 'beep' && board?.speaker && /speaker pins/.test(step)) {
    const { fitted, header } = board.speaker;
    if (fitted) return { text: 'This board has its speaker fitted: nothing has to be plugged on.' };
    if (header) return { text: `With the power off, plug a small speaker onto ${header}.` };
  }
  return { text: step };
}

/** The pin of the 24-pin plug that is measured, where the step names one. */
function probeOf(trial: Trial): Drawing | null {
  const pin = trial.observe.kind === 'measure' ? /\bpin (\d+)\b/.exec(trial.steps.join(' '))?.[1] : undefined;
  return pin === undefined ? null : { kind: 'probe', pin: Number(pin) };
}

/** What has to go back after a look. */
export function afterLook(trial: Trial, bench: Bench): readonly Movement[] {
  const at = (kind: string) => bench.machine.parts.find((part) => part.kind === kind);
  const back = (kind: string): Movement[] => {
    const part = at(kind);
    return part ? putIn({ ...bench, part }) : [];
  };
  switch (byLook(trial)) {
    case 'socket-pins':
      return back('processor');
    case 'processor-seat':
    case 'cooler-mount':
      return back('cooler');
    case 'stand-offs':
      return [{ text: 'Set the board back and put all screws in before you tighten any.', feel: 'It lies flat.' }];
    case 'supply-tester':
      return back('supply').slice(1);
    case 'module-label':
    case 'slot-debris':
      return trial.part?.kind === 'module'
        ? putIn({ ...bench, part: trial.part })
        : [{ text: 'Put the module back.', feel: 'Both sides click.' }];
    case 'monitor-other-source':
    case 'cable-elsewhere':
    case 'keyboard-elsewhere':
      return trial.part ? [{ text: `Plug ${nameInWords(trial.part)} in again where it was.` }] : [];
    default:
      return trial.observe.kind === 'measure' ? [{ text: 'Take the probes away before you touch anything else.' }] : [];
  }
}
