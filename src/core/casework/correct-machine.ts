import { completeMachine, type CompletedMachine, type DeclaredMachine, type DeclaredPart, type Part } from '../machine';
import type { CaseState } from './case-state';
import type { MachineCorrected } from './event';
import { advance, refuse, type Stepped } from './stepped';
import { withPower } from './power-of-case';

/** Corrected machines by their event, so that a log that is folded again gives the same object. */
const known = new WeakMap<
  MachineCorrected,
  { readonly from: DeclaredMachine; readonly declared: DeclaredMachine; readonly completed: CompletedMachine }
>();

/**
 * The machine as it was all along: what was wrong at intake is put right, and everything seen so far is weighed again.
 * Parts that are there stay; what was forgotten is added as found.
 */
export function correctMachine(state: CaseState, event: MachineCorrected): Stepped {
  const { declared, completed } = corrected(state, event);
  if (!completed.ok) {
    const [problem] = completed.problems;
    return refuse(['added'], problem?.code ?? 'bad-machine', problem?.message ?? 'expected parts that fit the machine');
  }
  const machine = withPower(completed.machine, state.power);
  const gone = state.machine.parts.find(({ id }) => !machine.parts.some((part) => part.id === id));
  if (gone)
    return refuse(
      ['added'],
      'part-gone',
      `expected parts beside those of the machine, found one in place of ${gone.name}`,
    );
  return advance({ ...state, declared, machine });
}

/** A part as it would be written down; slots and channels follow from the board. */
function asDeclared({ id, kind, name, slot, bus, socket, loose }: Part): DeclaredPart[] {
  if (kind === 'slot' || kind === 'channel') return [];
  return [
    {
      id,
      kind,
      name,
      ...(slot === undefined ? {} : { slot: slot.replace(/^slot-/, '') }),
      ...(bus === undefined ? {} : { bus }),
      ...(socket === undefined ? {} : { socket }),
      ...(loose === undefined ? {} : { loose }),
    },
  ];
}

function corrected(state: CaseState, event: MachineCorrected) {
  const { declared: from, machine } = state;
  const before = known.get(event);
  if (before?.from === from) return before;
  const { stageLights, checkpointDisplay, speaker } = machine.board;
  const declared: DeclaredMachine = {
    ...from,
    // Written out whole, so that what was taken as usual stays beside what is added.
    bare: true,
    parts: [...machine.parts.flatMap(asDeclared), ...(event.added ?? [])],
    builtInGraphics: event.builtInGraphics ?? machine.builtInGraphics,
    // What a start showed that the board has, it has, unless this very correction says otherwise.
    board: { ...from.board, stageLights, checkpointDisplay, speaker, ...event.board },
  };
  const made = { from, declared, completed: completeMachine(declared) };
  known.set(event, made);
  return made;
}
