import { readFileSync } from 'node:fs';
import { foldCase, foldStored, type CaseState } from '../core/casework';
import { readCaseFile as readJson, type ReadCaseFile } from '../contracts';

export type ReadCase =
  { readonly ok: true; readonly state: CaseState } | { readonly ok: false; readonly problems: readonly string[] };

/** Reads a case file into its state. Failure: one line a problem, each with the file and the path of its field. */
export function readCase(path: string): ReadCase {
  const read = readCaseFile(path);
  if (!read.ok) return read;
  const { events, wasAccepted } = read.file;
  const folded = wasAccepted ? foldStored(events) : foldCase(events);
  if (folded.ok) return { ok: true, state: folded.state };
  const { event, path: at, message } = folded.problem;
  return { ok: false, problems: [`${path}: events.${[event, ...at].join('.')}: ${message}`] };
}

/** Reads a case file as it is written. Failure: as `readCase`. */
export function readCaseFile(
  path: string,
): { readonly ok: true; readonly file: ReadCaseFile } | { readonly ok: false; readonly problems: readonly string[] } {
  const text = readText(path);
  const refused = (problems: readonly string[]) => ({
    ok: false as const,
    problems: problems.map((problem) => `${path}: ${problem}`),
  });
  if (!text.ok) return refused([text.problem]);
  const json = parseJson(text.value);
  if (!json.ok) return refused([json.problem]);
  const parsed = readJson(json.value);
  return parsed.ok
    ? parsed
    : refused(parsed.problems.map(({ path: at, message }) => `${at.join('.') || 'file'}: ${message}`));
}

type Read<T> = { readonly ok: true; readonly value: T } | { readonly ok: false; readonly problem: string };

function readText(path: string): Read<string> {
  try {
    return { ok: true, value: readFileSync(path, 'utf8') };
  } catch (error) {
    return { ok: false, problem: `expected a readable file, found ${error instanceof Error ? error.message : 'none'}` };
  }
}

function parseJson(text: string): Read<unknown> {
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch (error) {
    return { ok: false, problem: `expected JSON, found ${error instanceof Error ? error.message : 'something else'}` };
  }
}
