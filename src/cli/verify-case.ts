import { verifyCaseFile, type ReadCaseFile } from '../contracts';
import type { Answer } from './answer';

/** After which entry the log had the hash that stands on a paper; null where it never had it. */
function entryOfPaper({ chain }: ReadCaseFile, paper: string): number | null {
  const at = (chain ?? []).findIndex(({ hash }) => hash === paper);
  return at < 0 ? null : at + 1;
}

/**
 * The same as an answer of the command line.
 * @param paper the hash at the foot of a paper, where one is to be held against the record
 */
export function answerVerify(file: ReadCaseFile, path: string, paper?: string): Answer {
  const found = verifyCaseFile(file);
  if (paper !== undefined && found.verified) {
    const after = entryOfPaper(file, paper);
    const said =
      after === null
        ? `${path}: the record is intact, and the paper is NOT of it.`
        : `${path}: record intact. The paper was made of it after entry ${after} of ${found.entries}.`;
    return { value: { ...found, paperAfterEntry: after }, text: `${said}\n`, ok: after !== null };
  }
  const text = found.verified
    ? `${path}: record intact, ${found.entries} ${found.entries === 1 ? 'entry' : 'entries'}.\nLast hash ${found.last ?? ''}\n`
    : `${path}: the record is NOT intact${found.entry === null ? '' : `, from entry ${found.entry}`}: ${found.why ?? ''}.\n`;
  return { value: found, text, ok: found.verified };
}
