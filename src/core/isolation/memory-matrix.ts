import { capitalized } from '../wording';
import {
  fittedModules,
  isOriginalIn,
  nameInWords,
  slotOf,
  type Configuration,
  type Machine,
  type Part,
} from '../machine';
import { START_OUTCOMES, type StartOutcome } from '../startup';
import { firstSlot } from './minimal';

/** What one module in one slot has shown. */
export interface MatrixCell {
  readonly module: string;
  readonly slot: string;
  readonly state: 'starts' | 'fails' | 'untried';
}

/** What a start with known memory showed. */
export interface MemoryStart {
  readonly configuration: Configuration;
  readonly outcome: StartOutcome;
}

export type Verdict = 'good' | 'bad' | 'open';

export interface MemoryMatrix {
  readonly cells: readonly MatrixCell[];
  readonly modules: Readonly<Record<string, Verdict>>;
  readonly slots: Readonly<Record<string, Verdict>>;
  readonly channels: Readonly<Record<string, Verdict>>;
  /** What follows, in words, the most telling first. */
  readonly deductions: readonly string[];
  /** The cell to try next; null when nothing is left to learn. */
  readonly next: { readonly module: string; readonly slot: string } | null;
}

/** Outcomes that show that memory has started: all that come later in the chain and are not a blank screen. */
const pastMemory: readonly StartOutcome[] = START_OUTCOMES.slice(START_OUTCOMES.indexOf('at-graphics')).filter(
  (outcome) => outcome !== 'blank',
);
/** Outcomes that show that it has not; what stops before memory says nothing about it. */
const atMemory: readonly StartOutcome[] = ['at-memory', 'loop', 'blank'];

/**
 * Reads the matrix of modules and slots from the starts of a case. One module alone counts for its cell; several that
 * start together prove each of theirs. By elimination: a module that fails where others start is bad, a slot in which
 * proven modules fail is bad, a channel all of whose tried slots are bad is to blame itself.
 */
export function memoryMatrix(machine: Machine, starts: readonly MemoryStart[]): MemoryMatrix {
  const modules = machine.parts.filter(({ kind }) => kind === 'module');
  const slots = machine.parts.filter(({ kind }) => kind === 'slot');
  const cells = modules.flatMap((module) =>
    slots.map((slot): MatrixCell => ({
      module: module.id,
      slot: slot.id,
      state: cellState(machine, module, slot, starts),
    })),
  );
  const where = (pick: (cell: MatrixCell) => boolean, state: MatrixCell['state']) =>
    cells.some((cell) => pick(cell) && cell.state === state);
  const goodModule = (id: string) => where((cell) => cell.module === id, 'starts');
  const goodSlot = (id: string) => where((cell) => cell.slot === id, 'starts');
  const badModule = (id: string) =>
    !goodModule(id) && cells.some((c) => c.module === id && c.state === 'fails' && goodSlot(c.slot));
  const badSlot = (id: string) =>
    !goodSlot(id) && cells.some((c) => c.slot === id && c.state === 'fails' && goodModule(c.module));
  const verdict = (good: boolean, bad: boolean): Verdict => (good ? 'good' : bad ? 'bad' : 'open');
  const channels = machine.parts.filter(({ kind }) => kind === 'channel');
  const slotsOf = (channel: Part) => slots.filter((slot) => slot.channel === channel.id);
  const badChannel = (channel: Part) => slotsOf(channel).length > 1 && slotsOf(channel).every(({ id }) => badSlot(id));
  const matrix = {
    cells,
    modules: Object.fromEntries(modules.map(({ id }) => [id, verdict(goodModule(id), badModule(id))])),
    slots: Object.fromEntries(slots.map(({ id }) => [id, verdict(goodSlot(id), badSlot(id))])),
    channels: Object.fromEntries(
      channels.map((channel) => [
        channel.id,
        verdict(
          slotsOf(channel).some(({ id }) => goodSlot(id)),
          badChannel(channel),
        ),
      ]),
    ),
  };
  return { ...matrix, deductions: deduce(machine, matrix), next: nextCell(machine, matrix) };
}

function cellState(machine: Machine, module: Part, slot: Part, starts: readonly MemoryStart[]): MatrixCell['state'] {
  let state: MatrixCell['state'] = 'untried';
  for (const { configuration, outcome } of starts) {
    const fitted = fittedModules(machine, configuration);
    if (slotOf(configuration, module) !== slot.id || !isOriginalIn(configuration, module.id)) continue;
    if (pastMemory.includes(outcome)) return 'starts';
    if (fitted.length === 1 && atMemory.includes(outcome)) state = 'fails';
  }
  return state;
}

function sentenceName(machine: Machine, id: string): string {
  const part = machine.parts.find((other) => other.id === id);
  const words = part ? nameInWords(part) : id;
  return capitalized(words);
}

type Read = Pick<MemoryMatrix, 'cells' | 'modules' | 'slots' | 'channels'>;

function deduce(machine: Machine, { cells, modules, slots, channels }: Read): string[] {
  const name = (id: string) => sentenceName(machine, id);
  const bad = (verdicts: Readonly<Record<string, Verdict>>) =>
    Object.keys(verdicts).filter((id) => verdicts[id] === 'bad');
  const words: string[] = [];
  const tried = cells.filter(({ state }) => state !== 'untried');
  const allFail = tried.length > 0 && tried.every(({ state }) => state === 'fails');
  const triedModules = new Set(tried.map(({ module }) => module));
  const triedSlots = new Set(tried.map(({ slot }) => slot));
  if (allFail && triedModules.size > 1 && triedSlots.size > 1)
    words.push(
      'Every module fails in every slot tried. Check processor, board, firmware and memory profile before you blame two modules.',
    );
  for (const id of bad(channels))
    words.push(`${name(id)}: all its slots fail. Check socket pins, cooler pressure and processor before the slots.`);
  for (const id of bad(modules)) words.push(`${name(id)} fails where others start: the module is bad.`);
  for (const id of bad(slots))
    if (!bad(channels).includes(machine.parts.find((part) => part.id === id)?.channel ?? ''))
      words.push(`${name(id)} fails with a proven module: the slot is bad.`);
  for (const id of Object.keys(modules).filter((module) => modules[module] === 'good'))
    words.push(`${name(id)} works.`);
  for (const id of Object.keys(slots).filter((slot) => slots[slot] === 'good')) words.push(`${name(id)} works.`);
  return words;
}

/** First each module in the slot that the manual names, then a proven module in each other slot. */
function nextCell(machine: Machine, { cells, modules, slots }: Read): MemoryMatrix['next'] {
  const isUntried = (module: string, slot: string) =>
    cells.some((cell) => cell.module === module && cell.slot === slot && cell.state === 'untried');
  const provenSlot = Object.keys(slots).find((id) => slots[id] === 'good');
  const trySlot = provenSlot ?? (slots[firstSlot(machine)] === 'bad' ? undefined : firstSlot(machine));
  const openModule = Object.keys(modules).find((id) => modules[id] === 'open' && trySlot && isUntried(id, trySlot));
  if (openModule && trySlot) return { module: openModule, slot: trySlot };
  const proven = Object.keys(modules).find((id) => modules[id] === 'good');
  const anyModule = proven ?? Object.keys(modules)[0];
  const openSlot = Object.keys(slots).find((id) => slots[id] === 'open' && anyModule && isUntried(anyModule, id));
  return anyModule && openSlot ? { module: anyModule, slot: openSlot } : null;
}
