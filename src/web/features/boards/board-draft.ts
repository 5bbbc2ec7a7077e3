import type { BoardBookFile } from '../../../contracts';
import { FLASH_PHASES, type BoardCode, type Release } from '../../../core/firmware';

/** A board as it is typed: everything is text or a tick, lists are separated by semicolons. */
export interface BoardDraft {
  model: string;
  setupKey: string;
  menuPath: string;
  completePc: string;
  firstStart: { usualSeconds: string; worstSeconds: string };
  menuFlash: boolean;
  secondImage: string;
  revisions: RevisionDraft[];
  hasFlash: boolean;
  flash: FlashDraft;
  resets: { how: string; where: string; seconds: string }[];
  memorySlots: { name: string; channel: string }[];
  sharing: { filled: string; switchesOff: string }[];
  stageLights: { label: string; link: string; colour: string; stays: string; blinks: string; rightOfTen: string }[];
  lightsPlace: { where: string; run: string };
  /** "fitted", "header", or empty where nobody knows. */
  speaker: { has: string; header: string };
  codes: { code: string; meaning: string; stage: string; waitSeconds: string }[];
  beeps: { pattern: string; meaning: string; stage: string; repeats: boolean }[];
  headers: HeaderDraft[];
}

export interface RevisionDraft {
  revision: string;
  processors: string;
  releases: ReleaseDraft[];
}

export interface ReleaseDraft {
  version: string;
  date: string;
  minimumPredecessor: string;
  irreversible: boolean;
  preRelease: boolean;
  security: boolean;
  processorsAdded: string;
  fixes: string;
  file: string;
  bytes: string;
  sha256: string;
  notes: string;
}

export interface FlashDraft {
  port: string;
  button: string;
  holdSeconds: string;
  fileName: string;
  otherFileNames: string;
  shortNamesOnly: boolean;
  alone: boolean;
  noTable: string;
  largePartition: string;
  plugs: string;
  phases: { phase: string; light: string; periodSeconds: string; fromSeconds: string; toSeconds: string }[];
  worstSeconds: string;
  gaveUpWithinSeconds: string;
  harmlessLights: string;
}

export interface HeaderDraft {
  name: string;
  purpose: string;
  rows: string;
  columns: string;
  /** Labels by row and column; empty for the place without a pin. */
  labels: string[][];
}

export const emptyRelease: ReleaseDraft = {
  version: '',
  date: '',
  minimumPredecessor: '',
  irreversible: false,
  preRelease: false,
  security: false,
  processorsAdded: '',
  fixes: '',
  file: '',
  bytes: '',
  sha256: '',
  notes: '',
};
export const emptyRevision: RevisionDraft = { revision: '', processors: '', releases: [{ ...emptyRelease }] };
export const emptyHeader: HeaderDraft = { name: '', purpose: '', rows: '2', columns: '5', labels: [] };

/** A board that flashes itself: what to start from; the phases are the usual ones, to be timed. */
const emptyFlash: FlashDraft = {
  port: '',
  button: '',
  holdSeconds: '3',
  fileName: '',
  otherFileNames: '',
  shortNamesOnly: false,
  alone: false,
  noTable: 'warning',
  largePartition: 'warning',
  plugs: '24-pin',
  phases: FLASH_PHASES.map((phase) => ({
    phase,
    light: phase === 'finished' ? 'off' : 'blink',
    periodSeconds: '',
    fromSeconds: '',
    toSeconds: '',
  })),
  worstSeconds: '600',
  gaveUpWithinSeconds: '15',
  harmlessLights: '',
};

export const emptyBoard: BoardDraft = {
  model: '',
  setupKey: '',
  menuPath: '',
  completePc: '',
  firstStart: { usualSeconds: '', worstSeconds: '' },
  menuFlash: true,
  secondImage: '',
  revisions: [emptyRevision],
  hasFlash: false,
  flash: emptyFlash,
  resets: [],
  memorySlots: [],
  sharing: [],
  stageLights: [],
  lightsPlace: { where: '', run: 'across' },
  speaker: { has: '', header: '' },
  codes: [],
  beeps: [],
  headers: [],
};

const text = (value: string | number | undefined): string => (value === undefined ? '' : String(value));
const listed = (values: readonly string[] | undefined): string => values?.join('; ') ?? '';
export const releaseDraft = (release: Release): ReleaseDraft => ({
  version: release.version,
  date: release.date,
  minimumPredecessor: text(release.minimumPredecessor),
  irreversible: release.irreversible ?? false,
  preRelease: release.preRelease ?? false,
  security: release.security ?? false,
  processorsAdded: listed(release.processorsAdded),
  fixes: listed(release.fixes),
  file: text(release.file),
  bytes: text(release.bytes),
  sha256: text(release.sha256),
  notes: text(release.notes),
});

const flashDraftOf = (flash: NonNullable<BoardBookFile['flash']>): FlashDraft => ({
  port: flash.port,
  button: flash.button,
  holdSeconds: text(flash.holdSeconds),
  fileName: flash.fileName,
  otherFileNames: listed(flash.otherFileNames),
  shortNamesOnly: flash.reads?.shortNamesOnly ?? false,
  alone: flash.reads?.alone ?? false,
  noTable: flash.reads?.noTable ?? 'warning',
  largePartition: flash.reads?.largePartition ?? 'warning',
  plugs: listed(flash.plugs),
  phases: flash.phases.map(({ phase, light, periodSeconds, fromSeconds, toSeconds }) => ({
    phase,
    light,
    periodSeconds: text(periodSeconds),
    fromSeconds: text(fromSeconds),
    toSeconds: text(toSeconds),
  })),
  worstSeconds: text(flash.worstSeconds),
  gaveUpWithinSeconds: text(flash.gaveUpWithinSeconds),
  harmlessLights: text(flash.harmlessLights),
});

export const codeDraft = ({ code, meaning, stage, waitSeconds }: BoardCode): BoardDraft['codes'][number] => ({
  code,
  meaning,
  stage: text(stage),
  waitSeconds: text(waitSeconds),
});

/** Empty for what is the default. */
const unlessUsual = (value: string | undefined, usual: string): string => (value === usual ? '' : text(value));

type SignalDrafts = Pick<BoardDraft, 'stageLights' | 'lightsPlace' | 'speaker' | 'codes' | 'beeps'>;
const signalDrafts = ({
  stageLights = [],
  lightsPlace,
  speaker,
  codes = [],
  beeps = [],
}: BoardBookFile): SignalDrafts => ({
  stageLights: stageLights.map(({ label, link, colour, stays, blinks, rightOfTen }) => ({
    label,
    link,
    colour: text(colour),
    stays: unlessUsual(stays, 'failed'),
    blinks: unlessUsual(blinks, 'busy'),
    rightOfTen: text(rightOfTen),
  })),
  lightsPlace: { where: text(lightsPlace?.where), run: lightsPlace?.run ?? 'across' },
  speaker: { has: speaker ? (speaker.fitted ? 'fitted' : 'header') : '', header: text(speaker?.header) },
  codes: codes.map(codeDraft),
  beeps: beeps.map(({ pattern, meaning, stage, repeats = false }) => ({
    pattern,
    meaning,
    stage: text(stage),
    repeats,
  })),
});

/** What is in the book, as it is edited. */
export function draftOfBoard(board: BoardBookFile): BoardDraft {
  const { flash } = board;
  return {
    model: board.model,
    setupKey: text(board.setupKey),
    menuPath: text(board.menuPath),
    completePc: text(board.completePc),
    firstStart: {
      usualSeconds: text(board.firstStart?.usualSeconds),
      worstSeconds: text(board.firstStart?.worstSeconds),
    },
    menuFlash: board.menuFlash ?? true,
    secondImage: text(board.secondImage),
    revisions: board.revisions.map(({ revision, processors, releases }) => ({
      revision,
      processors: listed(processors),
      releases: releases.map(releaseDraft),
    })),
    hasFlash: flash !== undefined,
    flash: flash ? flashDraftOf(flash) : emptyFlash,
    resets: (board.resets ?? []).map(({ how, where, seconds }) => ({ how, where, seconds: text(seconds) })),
    memorySlots: (board.memorySlots ?? []).map(({ name, channel }) => ({ name, channel })),
    sharing: (board.sharing ?? []).map(({ filled, switchesOff }) => ({ filled, switchesOff: listed(switchesOff) })),
    ...signalDrafts(board),
    headers: (board.headers ?? []).map(({ name, purpose, rows, columns, pins }) => ({
      name,
      purpose,
      rows: text(rows),
      columns: text(columns),
      labels: Array.from({ length: rows }, (_, r) =>
        Array.from(
          { length: columns },
          (_2, c) => pins.find(({ row, column }) => row === r + 1 && column === c + 1)?.label ?? '',
        ),
      ),
    })),
  };
}
