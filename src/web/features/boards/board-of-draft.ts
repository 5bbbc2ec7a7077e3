import { BOARD_BOOK_FORMAT, BOARD_BOOK_VERSION, boardBookFileSchema, type BoardBookFile } from '../../../contracts';
import type { BoardCode, Release, SignalStage } from '../../../core/firmware';
import type { BoardDraft, FlashDraft, HeaderDraft, ReleaseDraft } from './board-draft';

const items = (value: string): string[] =>
  value
    .split(';')
    .map((item) => item.trim())
    .filter((item) => item !== '');
/** A number as typed; what is no number stays as it is, so that the schema says so at its field. */
const number = (value: string): number =>
  value.trim() === '' ? (undefined as unknown as number) : Number(value.trim().replace(',', '.'));
const given = <K extends string, V>(key: K, value: V | undefined): Partial<Record<K, V>> =>
  value === undefined || value === '' || (Array.isArray(value) && value.length === 0)
    ? {}
    : ({ [key]: value } as Partial<Record<K, V>>);

/** A release as typed; not checked. */
export const releaseOf = (draft: ReleaseDraft): Release => ({
  version: draft.version.trim(),
  date: draft.date.trim(),
  ...given('minimumPredecessor', draft.minimumPredecessor.trim()),
  ...given('irreversible', draft.irreversible || undefined),
  ...given('preRelease', draft.preRelease || undefined),
  ...given('security', draft.security || undefined),
  ...given('processorsAdded', items(draft.processorsAdded)),
  ...given('fixes', items(draft.fixes)),
  ...given('file', draft.file.trim()),
  ...given('bytes', number(draft.bytes)),
  ...given('sha256', draft.sha256.trim()),
  ...given('notes', draft.notes.trim()),
});

/** A code as typed; not checked. */
export const codeOf = ({ code, meaning, stage, waitSeconds }: BoardDraft['codes'][number]): BoardCode => ({
  code: code.trim(),
  meaning: meaning.trim(),
  ...given('stage', (stage || undefined) as SignalStage | undefined),
  ...given('waitSeconds', number(waitSeconds)),
});

/** What the board shows and sounds. */
const signalsOf = ({ stageLights, lightsPlace, speaker, codes, beeps }: BoardDraft) => ({
  ...given(
    'stageLights',
    stageLights.map(({ label, link, colour, stays, blinks, rightOfTen }) => ({
      label,
      link,
      ...given('colour', colour.trim()),
      ...given('stays', stays),
      ...given('blinks', blinks),
      ...given('rightOfTen', number(rightOfTen)),
    })),
  ),
  ...given('lightsPlace', lightsPlace.where.trim() ? { ...lightsPlace, where: lightsPlace.where.trim() } : undefined),
  ...given(
    'speaker',
    speaker.has
      ? {
          fitted: speaker.has === 'fitted',
          ...given('header', speaker.has === 'header' ? speaker.header.trim() : ''),
        }
      : undefined,
  ),
  ...given('codes', codes.map(codeOf)),
  ...given(
    'beeps',
    beeps.map(({ pattern, meaning, stage, repeats }) => ({
      pattern,
      meaning,
      ...given('stage', stage),
      ...given('repeats', repeats || undefined),
    })),
  ),
});

export interface DraftIssue {
  /** Path of the field in the draft. */
  readonly path: string;
  readonly message: string;
}

export type ReadDraft =
  { readonly ok: true; readonly board: BoardBookFile } | { readonly ok: false; readonly issues: readonly DraftIssue[] };

/** Fields that are one text in the draft and a list in the file. */
const listFields = ['processors', 'processorsAdded', 'fixes', 'plugs', 'switchesOff', 'pins', 'otherFileNames'];

/** The board that was typed, by the schema of board files. Failure: what is wrong at which field of the draft. */
export function boardOfDraft(draft: BoardDraft): ReadDraft {
  const parsed = boardBookFileSchema.safeParse({
    format: BOARD_BOOK_FORMAT,
    version: BOARD_BOOK_VERSION,
    model: draft.model,
    revisions: draft.revisions.map(({ revision, processors, releases }) => ({
      revision,
      processors: items(processors),
      releases: releases.map(releaseOf),
    })),
    ...given('setupKey', draft.setupKey.trim()),
    ...given('menuPath', draft.menuPath.trim()),
    ...given('completePc', draft.completePc.trim()),
    ...given('firstStart', firstStartOf(draft.firstStart)),
    ...(draft.menuFlash ? {} : { menuFlash: false }),
    ...(draft.hasFlash ? { flash: flashOf(draft.flash) } : {}),
    ...given('secondImage', draft.secondImage.trim()),
    ...given(
      'resets',
      draft.resets.map((reset) => ({ ...reset, seconds: number(reset.seconds) })),
    ),
    ...given('memorySlots', draft.memorySlots),
    ...given(
      'sharing',
      draft.sharing.map(({ filled, switchesOff }) => ({ filled, switchesOff: items(switchesOff) })),
    ),
    ...signalsOf(draft),
    ...given('headers', draft.headers.map(headerOf)),
  });
  if (parsed.success) return { ok: true, board: parsed.data };
  return {
    ok: false,
    issues: parsed.error.issues.map(({ path, message }) => ({ path: draftPath(path), message: plain(message) })),
  };
}

function flashOf(flash: FlashDraft) {
  return {
    port: flash.port,
    button: flash.button,
    holdSeconds: number(flash.holdSeconds),
    fileName: flash.fileName,
    ...given('otherFileNames', items(flash.otherFileNames)),
    ...given('reads', readsOf(flash)),
    plugs: items(flash.plugs),
    phases: flash.phases.map(({ phase, light, periodSeconds, fromSeconds, toSeconds }) => ({
      phase,
      light,
      ...given('periodSeconds', number(periodSeconds)),
      ...given('fromSeconds', number(fromSeconds)),
      ...given('toSeconds', number(toSeconds)),
    })),
    worstSeconds: number(flash.worstSeconds),
    gaveUpWithinSeconds: number(flash.gaveUpWithinSeconds),
    ...given('harmlessLights', flash.harmlessLights.trim()),
  };
}

/** Nothing where both fields are empty. */
const firstStartOf = ({ usualSeconds, worstSeconds }: BoardDraft['firstStart']) =>
  usualSeconds.trim() === '' && worstSeconds.trim() === ''
    ? undefined
    : { usualSeconds: number(usualSeconds), worstSeconds: number(worstSeconds) };

/** Only what differs from what any board is taken to be. */
function readsOf({ shortNamesOnly, alone, noTable, largePartition }: FlashDraft) {
  const reads = {
    ...(shortNamesOnly ? { shortNamesOnly } : {}),
    ...(alone ? { alone } : {}),
    ...(noTable === 'warning' ? {} : { noTable }),
    ...(largePartition === 'warning' ? {} : { largePartition }),
  };
  return Object.keys(reads).length > 0 ? reads : undefined;
}

function headerOf({ name, purpose, rows, columns, labels }: HeaderDraft) {
  const [rowCount, columnCount] = [number(rows), number(columns)];
  const places = (count: number) =>
    Array.from({ length: Number.isInteger(count) ? Math.min(count, 40) : 0 }, (_, i) => i);
  return {
    name,
    purpose,
    rows: rowCount,
    columns: columnCount,
    pins: places(rowCount).flatMap((r) =>
      places(columnCount).map((c) => ({ row: r + 1, column: c + 1, label: (labels[r]?.[c] ?? '').trim() })),
    ),
  };
}

function draftPath(path: readonly PropertyKey[]): string {
  const cut = path.findIndex((key) => listFields.includes(String(key)));
  const kept = cut < 0 ? path : path.slice(0, cut + 1);
  return kept.map((key) => (key === 'pins' ? 'name' : String(key))).join('.');
}

const plain = (message: string): string =>
  /^Too small: expected string/.test(message)
    ? 'Enter this.'
    : /^Invalid input: expected number/.test(message)
      ? 'Enter a number.'
      : /^Invalid ISO date/.test(message)
        ? 'Enter a date like 2026-01-31.'
        : message;
