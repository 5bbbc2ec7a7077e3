import { readCaseFile, verifyCaseFile, type ReadCaseFile } from '../../../contracts';
import type { CaseEvent } from '../../../core/casework';
import { newId } from '../../stores/new-id';

/** What is in a case file, and the events with which it becomes a case here. */
export interface OpenedFile {
  readonly name: string;
  readonly machine: string;
  readonly complaint: string;
  readonly number: string | null;
  readonly model: string | null;
  readonly entries: number;
  /** How many of them this program cannot read. */
  readonly unread: number;
  /** Of the first and the last entry: ISO 8601. */
  readonly from: string;
  readonly to: string;
  readonly chain: { readonly isIntact: boolean; readonly words: string };
  readonly events: readonly CaseEvent[];
}

type Opened = { readonly ok: true; readonly file: OpenedFile } | { readonly ok: false; readonly problem: string };

/** The server takes no more at once. */
const maxFileBytes = 950_000;

/** Opens a file that somebody chose. Failure: why it is no case file, in words. */
export async function openCaseFile(file: File): Promise<Opened> {
  if (file.size > maxFileBytes)
    return { ok: false, problem: `${file.name}: expected at most ${maxFileBytes} bytes, found ${file.size}.` };
  let json: unknown;
  try {
    json = JSON.parse(await file.text());
  } catch {
    return { ok: false, problem: `${file.name}: expected JSON, found something else.` };
  }
  const read = readCaseFile(json);
  if (!read.ok) {
    const [first] = read.problems;
    return {
      ok: false,
      problem: `${file.name}: ${first?.path.join('.') ?? ''}: ${first?.message ?? 'cannot be read'}`,
    };
  }
  return openedFile(file.name, read.file);
}

function openedFile(name: string, file: ReadCaseFile): Opened {
  const [first] = file.events;
  if (first?.kind !== 'case-opened')
    return { ok: false, problem: `${name}: events.0: expected case-opened first, found ${first?.kind ?? 'nothing'}` };
  const chain = chainInWords(file);
  const known = file.events.filter(({ kind }) => kind !== 'unread');
  const last = file.events.at(-1) ?? first;
  const note: CaseEvent[] = chain.isIntact
    ? []
    : [{ kind: 'note-added', id: newId(), at: last.at, by: first.by, text: `Taken in from a file. ${chain.words}` }];
  return {
    ok: true,
    file: {
      name,
      machine: first.machine.name,
      complaint: first.complaint,
      number: file.number,
      model: file.model,
      entries: file.events.length,
      unread: file.events.length - known.length,
      from: first.at,
      to: last.at,
      chain,
      events: [...known, ...note],
    },
  };
}

/** Whether the record is as it was written. One without hashes was written by hand, which is no flaw. */
function chainInWords(file: ReadCaseFile): OpenedFile['chain'] {
  const { verified, entry, why } = verifyCaseFile(file);
  if (verified) return { isIntact: true, words: 'Record intact.' };
  if (!file.chain) return { isIntact: true, words: 'It has no hashes: nobody can tell whether it was changed.' };
  return { isIntact: false, words: `The record was changed, from entry ${entry ?? 1} on: ${why ?? ''}.` };
}
