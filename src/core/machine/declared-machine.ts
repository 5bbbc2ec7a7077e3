import type { BoardFacts, DeclaredKind } from './part';

/** A part as somebody writes it down: only what differs from the usual. */
export interface DeclaredPart {
  readonly id: string;
  readonly kind: DeclaredKind;
  readonly name?: string;
  /** For a module: the board's name of the slot it was found in, for instance "A2". */
  readonly slot?: string;
  readonly bus?: 'sata' | 'm2';
  /** For a drive: the socket it was found in, as the board names it. */
  readonly socket?: string;
  /** It lies beside the machine, to be proven; nothing of it is attached as found. */
  readonly loose?: boolean;
}

export interface DeclaredMachine {
  readonly name: string;
  readonly parts: readonly DeclaredPart[];
  readonly board?: Partial<BoardFacts>;
  readonly builtInGraphics?: boolean;
  /** Parts on a bench, not a whole machine: no module or drive is implied where none is listed. */
  readonly bare?: boolean;
  /** Parts that lie on the bench to be proven: no case, no switch; the board is started by its pins. */
  readonly onBench?: boolean;
}

/** What a whole machine has as well. */
const impliedWhenWhole: readonly { kind: DeclaredKind; name: string }[] = [
  { kind: 'module', name: 'module' },
  { kind: 'drive', name: 'drive' },
];

/** Parts that every machine has, whether or not somebody wrote them down. */
const implied: readonly { kind: DeclaredKind; name: string }[] = [
  { kind: 'outlet', name: 'wall outlet' },
  { kind: 'cord', name: 'mains cord' },
  { kind: 'case-switch', name: 'case switch' },
  { kind: 'board', name: 'board' },
  { kind: 'coin-cell', name: 'coin cell' },
  { kind: 'processor', name: 'processor' },
  { kind: 'cooler', name: 'cooler' },
  { kind: 'monitor', name: 'monitor' },
  { kind: 'display-cable', name: 'monitor cable' },
  { kind: 'keyboard', name: 'keyboard' },
];

/** Whether a part of a kind was written down. */
export const has = (declared: DeclaredMachine, kind: DeclaredKind): boolean =>
  declared.parts.some((p) => p.kind === kind);

/** What belongs to the machine whether or not somebody wrote it down. */
export const impliedFor = ({ bare, onBench }: DeclaredMachine) =>
  [...implied, ...(bare || onBench ? [] : impliedWhenWhole)].filter(({ kind }) => !onBench || kind !== 'case-switch');
