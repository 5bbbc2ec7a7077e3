import type { BoardBookEntry } from '../../../core/firmware';
import type { DeclaredMachine } from '../../../core/machine';

type DeclaredBoard = NonNullable<DeclaredMachine['board']>;

const usualSockets = { sata: ['SATA 1', 'SATA 2', 'SATA 3', 'SATA 4'], m2: ['M.2 1'] };

/** What the board book says of a board, as the machine of a case needs it; empty for what the book leaves open. */
export function boardFactsOf({ memorySlots, sharing, stageLights }: BoardBookEntry): DeclaredBoard {
  return {
    ...(memorySlots && memorySlots.length > 0 ? { slots: memorySlots } : {}),
    ...(sharing && sharing.length > 0 ? { sharing, sockets: socketsNamedIn(sharing) } : {}),
    ...(stageLights && stageLights.length > 0 ? { stageLights: true } : {}),
  };
}

/** The usual sockets and every other one that a rule speaks of. */
function socketsNamedIn(sharing: NonNullable<BoardBookEntry['sharing']>): DeclaredBoard['sockets'] {
  const named = sharing.flatMap(({ filled, switchesOff }) => [filled, ...switchesOff]);
  const isM2 = (name: string) => /^m\.?2/i.test(name);
  const isSata = (name: string) => /sata/i.test(name);
  return {
    sata: [...new Set([...usualSockets.sata, ...named.filter(isSata)])],
    m2: [...new Set([...usualSockets.m2, ...named.filter(isM2)])],
  };
}
