import type { BoardBookEntry } from '../../firmware';
import type { Configuration, Machine, Part } from '../../machine';

/** A picture that is quicker than words; what is in it comes from the machine and the board book. */
export type Drawing =
  | { readonly kind: 'switch-pins' }
  | { readonly kind: 'slots'; readonly into: string | null }
  | { readonly kind: 'plug'; readonly plug: '24-pin' | 'processor' | 'card' }
  | { readonly kind: 'rocker' }
  | { readonly kind: 'clear-pins'; readonly pins: 2 | 3 }
  | { readonly kind: 'screws' }
  | { readonly kind: 'outputs'; readonly use: 'card' | 'board' }
  | { readonly kind: 'barrel' }
  | { readonly kind: 'probe'; readonly pin: number };

/** One movement of the hand. */
export interface Movement {
  /** What is done, as an order. */
  readonly text: string;
  /** What one feels, hears or sees when it is right. */
  readonly feel?: string;
  /** What goes wrong easily. */
  readonly avoid?: string;
  readonly drawing?: Drawing;
}

/** At which machine it is done, and what is known of its board. */
export interface Bench {
  readonly machine: Machine;
  readonly configuration: Configuration;
  /** Null where the board is not in the book. */
  readonly board: BoardBookEntry | null;
}

/** Bench of a part. */
export interface AtPart extends Bench {
  readonly part: Part;
}

/** Fed by an adapter with a barrel plug. */
export const hasAdapter = ({ machine }: Pick<Bench, 'machine'>): boolean =>
  machine.parts.some(({ kind }) => kind === 'adapter');

/** So small that its modules lie flat and its parts hang on short leads. */
export const isSmall = ({ machine }: Pick<Bench, 'machine'>): boolean => machine.board.form === 'palm-size';
