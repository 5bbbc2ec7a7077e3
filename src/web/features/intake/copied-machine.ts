import * as z from 'zod';
import { caseEventSchema, declaredMachineSchema } from '../../../contracts';
import type { CaseEvent, CaseState, EventBody } from '../../../core/casework';
import { isOriginalIn } from '../../../core/machine';
import { newId } from '../../stores/new-id';

/** What of a part goes with it to its next case; a price does not. */
const noteSchema = z.object({
  part: z.string(),
  make: z.string().optional(),
  model: z.string().optional(),
  serial: z.string().optional(),
  rating: z.string().optional(),
});

/** The machine of an earlier case as it was known at its end, and what was noted of its parts. */
export const copiedMachineSchema = z.object({
  number: z.number(),
  machine: declaredMachineSchema,
  notes: z.array(noteSchema),
  board: z
    .object({ board: z.string(), model: z.string(), revision: z.string(), installed: z.string().nullable() })
    .nullable(),
});

export type CopiedMachine = z.infer<typeof copiedMachineSchema>;

/** What a case knows of its machine, to begin another one with. */
export function copyOf(number: number, { declared, partFacts, configuration, firmware }: CaseState): CopiedMachine {
  // What was put in its place is another part than the one that was noted.
  const isItself = (part: string) => isOriginalIn(configuration, part);
  const noted = Object.entries(partFacts).filter(([part]) => isItself(part));
  const notes = noted.map(([part, facts]) => {
    const { make, model, serial, rating } = facts;
    const told = Object.entries({ make, model, serial, rating }).filter(([, words]) => words !== null);
    return { part, ...Object.fromEntries(told) };
  });
  const board = firmware.board && {
    board: firmware.board.board,
    model: firmware.board.model,
    revision: firmware.board.revision,
    installed: firmware.installed,
  };
  const parsed = copiedMachineSchema.parse({ number, machine: declared, notes, board });
  return { ...parsed, notes: parsed.notes.filter((note) => Object.keys(note).length > 1) };
}

/** The notes of a copied machine as entries of its new case. */
export function notesOfCopy(
  copied: CopiedMachine | null,
  { by, now }: { readonly by: string; readonly now: Date },
): readonly CaseEvent[] {
  return (copied?.notes ?? []).flatMap((note) => {
    const body = { kind: 'part-noted', ...note } as EventBody;
    const parsed = caseEventSchema.safeParse({ ...body, id: newId(), at: now.toISOString(), by });
    return parsed.success ? [parsed.data] : [];
  });
}
