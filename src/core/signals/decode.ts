import type { BoardBeep, SignalStage } from '../firmware';
import { outcomeOfSigns, type StartOutcome, type StartSigns } from '../startup';
import { secondsInWords } from '../wording';
import { lightsOf, signalStageWords, type LitLight, type SignalTables } from './board-signals';
import { lightsSay, sequenceSays, type LightsSay } from './decode-lights';

/** What one signal says. */
export interface Meaning {
  readonly kind: 'light' | 'code' | 'beeps';
  /** As it was shown or heard. */
  readonly seen: string;
  readonly meaning: string;
  /** Null where it stands for no stage, or nobody knows. */
  readonly stage: SignalStage | null;
  /** general: the board has no table of its own; what many boards mean by it. unknown: not in the table either. */
  readonly source: 'board' | 'general' | 'unknown';
  /** It may stay so long while all is well; null where nothing is known of that. */
  readonly waitSeconds: number | null;
  /** It may still be at work: it moves, or has not stood as long as it may. */
  readonly isBusy: boolean;
}

export interface SeenSignals {
  /** S, L and blanks. */
  readonly beeps?: string | undefined;
  /** A speaker is on the board, and it made no sound. */
  readonly isSilent?: boolean | undefined;
  readonly code?: SeenCode | undefined;
  /** The lights that are lit now it has stopped changing; an empty list: the board has lights, and none is lit. */
  readonly lights?: readonly LitLight[] | undefined;
  /** Labels of the lights in the order in which they came on, where they do not stand. */
  readonly sequence?: readonly string[] | undefined;
}

export interface SeenCode {
  readonly text: string;
  /** It changed while it was watched. Default: false. */
  readonly moves?: boolean | undefined;
  /** How long it has stood. */
  readonly unchangedSeconds?: number | undefined;
}

export interface Decoded {
  readonly beeps: Meaning | null;
  readonly code: Meaning | null;
  readonly light: Meaning | null;
  /** Signals that name different stages, in words. */
  readonly contradictions: readonly string[];
  /** The same for the diagnosis. */
  readonly signs: StartSigns;
  /** The outcome of the start that all of them stand for; null where nothing was seen. */
  readonly outcome: StartOutcome | null;
}

/** Patterns without blanks, in capitals. */
const plain = (pattern: string): string => pattern.replace(/\s+/g, '').toUpperCase();

/** What many boards mean, where theirs is not in the book: a first guess, and marked as one. */
const generalBeeps: readonly { readonly fits: RegExp; readonly meaning: string; readonly stage: SignalStage }[] = [
  { fits: /^S$/, meaning: 'Often: all is well', stage: 'all-well' },
  { fits: /^LS{2,3}$/, meaning: 'Often: no picture', stage: 'graphics' },
  { fits: /^L+$/, meaning: 'Often: no memory', stage: 'memory' },
];

/** What was seen and heard of a start, by the board's own tables; what they leave out is marked as a guess, or unknown. */
export function decodeSignals(tables: SignalTables, seen: SeenSignals): Decoded {
  const beeps = seen.beeps !== undefined && plain(seen.beeps) !== '' ? decodeBeeps(tables.beeps, seen.beeps) : null;
  const code = seen.code && seen.code.text.trim() !== '' ? decodeCode(tables.codes, seen.code) : null;
  const { light, sign } = decodeLights(tables, seen);
  const signs: StartSigns = {
    ...(sign ? { light: sign } : seen.lights?.length === 0 && !seen.sequence?.length ? { dark: true } : {}),
    ...(code && seen.code ? { code: signOfCode(code, seen.code) } : {}),
    ...(beeps
      ? {
          beeps: {
            pattern: beeps.seen.trim().toUpperCase(),
            stage: beeps.stage,
            ...(beeps.source === 'general' ? { general: true as const } : {}),
          },
        }
      : seen.isSilent
        ? { silent: true }
        : {}),
  };
  const isAny = Object.keys(signs).length > 0;
  return {
    beeps,
    code,
    light,
    contradictions: contradictionsOf([light, code, beeps]),
    signs,
    outcome: isAny ? outcomeOfSigns(signs) : null,
  };
}

function decodeBeeps(table: SignalTables['beeps'], seen: string): Meaning {
  const base = { kind: 'beeps', seen, waitSeconds: null, isBusy: false } as const;
  const own = findBeeps(table ?? [], plain(seen));
  if (own) return { ...base, meaning: own.meaning, stage: own.stage ?? null, source: 'board' };
  const general = table ? undefined : generalBeeps.find(({ fits }) => fits.test(plain(seen)));
  return general
    ? { ...base, meaning: general.meaning, stage: general.stage, source: 'general' }
    : {
        ...base,
        meaning: 'Not in the list: the processor runs and the supply feeds it, whatever else it says',
        stage: null,
        source: 'unknown',
      };
}

/** The very pattern; else one that repeats, heard more than once: the longest of them. */
function findBeeps(table: readonly BoardBeep[], seen: string): BoardBeep | undefined {
  const isRun = (pattern: string) =>
    seen.length % pattern.length === 0 && pattern.repeat(seen.length / pattern.length) === seen;
  return (
    table.find(({ pattern }) => plain(pattern) === seen) ??
    table
      .filter(({ pattern, repeats }) => repeats && isRun(plain(pattern)))
      .sort((a, b) => plain(b.pattern).length - plain(a.pattern).length)[0]
  );
}

function decodeCode(table: SignalTables['codes'], { text, moves = false, unchangedSeconds }: SeenCode): Meaning {
  const seen = text.trim().toUpperCase();
  const base = { kind: 'code', seen } as const;
  const own = table?.find(({ code }) => code.toUpperCase() === seen);
  const wait = own?.waitSeconds ?? null;
  const isBusy = moves || (wait !== null && unchangedSeconds !== undefined && unchangedSeconds < wait);
  if (!own)
    return {
      ...base,
      meaning: table
        ? 'Not in the list of this board: see first whether it still changes'
        : "Look it up in the board's manual; moving is progress, standing is not",
      stage: null,
      source: 'unknown',
      waitSeconds: null,
      isBusy,
    };
  const left = isBusy && !moves && wait !== null ? Math.ceil(wait - (unchangedSeconds ?? 0)) : 0;
  return {
    ...base,
    meaning: left > 0 ? `${own.meaning}: it may stay so for another ${secondsInWords(left)}` : own.meaning,
    stage: own.stage ?? null,
    source: 'board',
    waitSeconds: wait,
    isBusy,
  };
}

/** A code that may still be at work says no more than one that moves. */
const signOfCode = (
  { seen, stage, isBusy }: Meaning,
  { unchangedSeconds }: SeenCode,
): NonNullable<StartSigns['code']> => ({
  text: seen,
  moves: isBusy,
  stage,
  ...(unchangedSeconds === undefined ? {} : { unchangedSeconds: Math.round(unchangedSeconds) }),
});

function decodeLights(tables: SignalTables, { lights = [], sequence = [] }: SeenSignals) {
  const table = lightsOf(tables);
  const says: LightsSay | null = sequence.length > 0 ? sequenceSays(table, sequence) : lightsSay(table, lights);
  const seen = sequence.length > 0 ? sequence.join(' → ') : lights.map(inLabel).join(', ');
  if (!says) {
    const unknown = seen === '' ? null : lightMeaning(seen, 'Not a light of this board', null, 'unknown');
    return { light: unknown, sign: null };
  }
  const { sign, meaning } = says;
  const source = table === tables.stageLights ? 'board' : 'general';
  const of = `${meaning}: ${signalStageWords[sign.stage]}`;
  // What is still at work there contradicts nothing.
  return { light: lightMeaning(seen, of, sign.stays ? sign.stage : null, source, !sign.stays), sign };
}

const inLabel = ({ label, shows }: LitLight): string => (shows === 'on' ? label : `${label} blinks`);

const lightMeaning = (
  seen: string,
  meaning: string,
  stage: SignalStage | null,
  source: Meaning['source'],
  isBusy = false,
): Meaning => ({ kind: 'light', seen, meaning, stage, source, waitSeconds: null, isBusy });

function contradictionsOf(all: readonly (Meaning | null)[]): string[] {
  const told = all.flatMap((one) => (one?.stage && !one.isBusy ? [{ ...one, stage: one.stage }] : []));
  return told.flatMap((a, i) =>
    told
      .slice(i + 1)
      .filter((b) => b.stage !== a.stage)
      .map(
        (b) =>
          `${kindWords[a.kind]} ${a.seen} says ${signalStageWords[a.stage]}, ${kindWords[b.kind].toLowerCase()} ${b.seen} ${b.kind === 'beeps' ? 'say' : 'says'} ${signalStageWords[b.stage]}.`,
      ),
  );
}

const kindWords: Readonly<Record<Meaning['kind'], string>> = { light: 'Light', code: 'Code', beeps: 'Beeps' };
