import { distance } from 'fastest-levenshtein';

/** What the book says of a board, as far as telling boards apart needs it. */
export interface ListedBoard {
  readonly id: string;
  readonly model: string;
  readonly revisions: readonly { readonly revision: string; readonly versions: readonly string[] }[];
}

/** What can be read on the bench; an empty string for what cannot. */
export interface BoardPrint {
  readonly model: string;
  readonly revision: string;
  /** Of the firmware that is on now. */
  readonly version: string;
}

export interface BoardCandidate {
  readonly id: string;
  readonly model: string;
  readonly revision: string;
  /** What speaks for it, in sentences. */
  readonly why: readonly string[];
}

export interface BoardAnswer {
  /**
   * one: what was read fits one revision of one board. several: more must be read. contradiction: what was read does not
   * go together. none: nothing in the book is called that.
   */
  readonly kind: 'one' | 'several' | 'contradiction' | 'none';
  readonly candidates: readonly BoardCandidate[];
  /** What to do or to read next. */
  readonly next: string;
  /** Boards whose names are easily taken for this one. */
  readonly nearNames: readonly string[];
}

/** Prints differ in capitals, spaces and hyphens from what people type. */
const bare = (text: string): string => text.toLowerCase().replace(/[^a-z0-9]/g, '');
const revisionKey = (text: string): string =>
  text
    .replace(/^\s*(rev(ision)?|ver(sion)?|v)\.?\s*/i, '')
    .trim()
    .toLowerCase();
const nearBy = 2;

/** One revision of one board with the list of its versions. */
interface ListedRevision {
  readonly board: ListedBoard;
  readonly revision: string;
  readonly versions: readonly string[];
}

/** What was read, and which revisions fit each part of it. */
interface Reading {
  readonly print: BoardPrint;
  readonly hasModel: boolean;
  readonly hasRevision: boolean;
  readonly hasVersion: boolean;
  readonly byPrint: readonly ListedRevision[];
  readonly byVersion: readonly ListedRevision[];
}

type Judgement = Omit<BoardAnswer, 'nearNames'>;

/**
 * Which board and revision it can be, from the model and revision as printed and the version that is installed. A version
 * that stands on the list of one revision only is a strong clue, and one that contradicts the print is named.
 */
export function identifyBoard(book: readonly ListedBoard[], print: BoardPrint): BoardAnswer {
  const model = bare(print.model);
  const nearNames = model === '' ? [] : namesNear(book, model);
  const named = model === '' ? book : book.filter((board) => bare(board.model) === model);
  if (named.length === 0)
    return {
      kind: 'none',
      candidates: [],
      next: nearNames.length
        ? 'No board has exactly this name. One letter makes a different board: read it again in good light.'
        : 'No board in the book has this name. Read it again, or add the board.',
      nearNames,
    };
  return { ...judge(readOf(named, print)), nearNames };
}

function namesNear(book: readonly ListedBoard[], model: string): readonly string[] {
  const near = book.filter((board) => bare(board.model) !== model && distance(bare(board.model), model) <= nearBy);
  return [...new Set(near.map((board) => board.model))];
}

function readOf(named: readonly ListedBoard[], print: BoardPrint): Reading {
  const all = named.flatMap((board) => board.revisions.map((one): ListedRevision => ({ board, ...one })));
  const version = print.version.trim().toLowerCase();
  const revision = revisionKey(print.revision);
  const isListed = ({ versions }: ListedRevision) => versions.some((listed) => listed.toLowerCase() === version);
  return {
    print,
    hasModel: bare(print.model) !== '',
    hasRevision: revision !== '',
    hasVersion: version !== '',
    byPrint: revision === '' ? all : all.filter((one) => revisionKey(one.revision) === revision),
    byVersion: version === '' ? all : all.filter(isListed),
  };
}

function judge(reading: Reading): Judgement {
  const { byPrint, byVersion, hasModel, hasRevision, hasVersion } = reading;
  const both = byPrint.filter((one) => byVersion.includes(one));
  if (both.length === 0) return contradiction(reading);
  const candidates = both.map((one) => candidate(reading, one));
  if (candidates.length > 1) return { kind: 'several', candidates, next: whatSettles(both, hasRevision, hasVersion) };
  const unread = [...(hasModel ? [] : ['the name']), ...(hasRevision || hasVersion ? [] : ['the revision'])];
  const next =
    unread.length > 0 ? `It is the only one in the book. Read ${unread.join(' and ')} on the board anyway.` : '';
  return { kind: 'one', candidates, next };
}

function candidate({ print, hasModel, hasRevision, hasVersion, byPrint, byVersion }: Reading, one: ListedRevision) {
  const version = print.version.trim();
  const why: string[] = [];
  if (hasModel) why.push('The name is as printed.');
  if (hasRevision && byPrint.includes(one)) why.push(`Revision ${one.revision} is as printed.`);
  if (hasVersion && byVersion.includes(one))
    why.push(
      byVersion.length === 1
        ? `Version ${version} is on the list of this revision only.`
        : `Version ${version} is on its list.`,
    );
  return { id: one.board.id, model: one.board.model, revision: one.revision, why };
}

function contradiction(reading: Reading): Judgement {
  const { print, byPrint, byVersion } = reading;
  const printed = print.revision.trim();
  const shown = print.version.trim();
  const of = (all: readonly ListedRevision[]) => all.map((one) => candidate(reading, one));
  if (byPrint.length === 0)
    return {
      kind: 'contradiction',
      candidates: of(byVersion),
      next: `The book has no revision ${printed} of it. Read the print again; if it is right, add the revision before you flash anything.`,
    };
  if (byVersion.length === 0)
    return {
      kind: 'contradiction',
      candidates: of(byPrint),
      next: `Version ${shown} is not listed for it. Read the version again; it may be another board, or the book lacks that release.`,
    };
  return {
    kind: 'contradiction',
    candidates: of(byVersion),
    next: `The print says revision ${printed}, but version ${shown} exists only for ${byVersion.map((one) => `${one.board.model} ${one.revision}`).join(' and ')}. Read both again. Flash nothing until they agree.`,
  };
}

/** What would tell the candidates apart. */
function whatSettles(
  candidates: readonly { readonly revision: string; readonly board: ListedBoard }[],
  hasRevision: boolean,
  hasVersion: boolean,
): string {
  const models = new Set(candidates.map(({ board }) => board.model));
  if (models.size > 1) return 'Read the name on the board, letter by letter.';
  if (!hasRevision) return 'Read the revision: printed small on an edge or corner of the board, and on the box.';
  return hasVersion
    ? 'Check the box and the serial label.'
    : "Read the installed version: on the chip's sticker, on the box, or on the first screen.";
}
