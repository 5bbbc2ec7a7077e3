import type { BoardBookEntry, SignalStage } from '../firmware';

/** What one signal says. */
export interface Meaning {
  /** As it was shown or heard. */
  readonly seen: string;
  readonly meaning: string;
  /** Null where it stands for no stage, or nobody knows. */
  readonly stage: SignalStage | null;
  /** general: the board has no table of its own; what many boards mean by it. unknown: not in the table either. */
  readonly source: 'board' | 'general' | 'unknown';
  /** It may stay so long while all is well; null where nothing is known of that. */
  readonly waitSeconds: number | null;
}

export interface SeenSignals {
  readonly beeps?: string | undefined;
  readonly code?: string | undefined;
  /** Labels of the lights that stay on. */
  readonly lights?: readonly string[] | undefined;
}

export interface Decoded {
  readonly beeps: Meaning | null;
  readonly code: Meaning | null;
  readonly lights: readonly Meaning[];
  /** Signals that name different stages, in words. */
  readonly contradictions: readonly string[];
}

type Signals = Pick<BoardBookEntry, 'codes' | 'beeps' | 'stageLights'>;

/** Patterns without blanks, in capitals. */
const plain = (pattern: string): string => pattern.replace(/\s+/g, '').toUpperCase();

/** What many boards mean, where theirs is not in the book: a first guess, and marked as one. */
const generalBeeps: readonly { readonly fits: RegExp; readonly meaning: string; readonly stage: SignalStage }[] = [
  { fits: /^S$/, meaning: 'Often: all is well', stage: 'all-well' },
  { fits: /^LS{2,3}$/, meaning: 'Often: no picture', stage: 'graphics' },
  { fits: /^L+$/, meaning: 'Often: no memory', stage: 'memory' },
];

/** What was seen and heard of a start, by the board's own tables; what they leave out is marked as a guess, or unknown. */
export function decodeSignals({ codes, beeps, stageLights }: Signals, seen: SeenSignals): Decoded {
  const heard = seen.beeps === undefined ? null : decodeBeeps(beeps, seen.beeps);
  const code = seen.code === undefined ? null : decodeCode(codes, seen.code);
  const lights = (seen.lights ?? []).map((label) => decodeLight(stageLights, label));
  return { beeps: heard, code, lights, contradictions: contradictionsOf([...lights, code, heard]) };
}

function decodeBeeps(table: Signals['beeps'], seen: string): Meaning {
  const own = table?.find(({ pattern }) => plain(pattern) === plain(seen));
  if (own) return { seen, meaning: own.meaning, stage: own.stage ?? null, source: 'board', waitSeconds: null };
  const general = table ? undefined : generalBeeps.find(({ fits }) => fits.test(plain(seen)));
  return general
    ? { seen, meaning: general.meaning, stage: general.stage, source: 'general', waitSeconds: null }
    : unknown(seen, 'Not in the table: the processor runs and the supply feeds it, whatever else it says.');
}

function decodeCode(table: Signals['codes'], seen: string): Meaning {
  const own = table?.find(({ code }) => code.toUpperCase() === seen.trim().toUpperCase());
  return own
    ? { seen, meaning: own.meaning, stage: own.stage ?? null, source: 'board', waitSeconds: own.waitSeconds ?? null }
    : unknown(seen, 'Not in the table of this board. See first whether it still changes.');
}

function decodeLight(table: Signals['stageLights'], seen: string): Meaning {
  const own = table?.find(({ label }) => label.toUpperCase() === seen.trim().toUpperCase());
  if (!own) return unknown(seen, 'Not a light of this board.');
  const stage = own.link === 'load' ? 'boot' : own.link;
  return { seen, meaning: `It stands at: ${stage}`, stage, source: 'board', waitSeconds: null };
}

const unknown = (seen: string, meaning: string): Meaning => ({
  seen,
  meaning,
  stage: null,
  source: 'unknown',
  waitSeconds: null,
});

function contradictionsOf(all: readonly (Meaning | null)[]): string[] {
  const told = all.flatMap((one) => (one?.stage ? [{ seen: one.seen, stage: one.stage }] : []));
  return told.flatMap((a, i) =>
    told
      .slice(i + 1)
      .filter((b) => b.stage !== a.stage)
      .map((b) => `"${a.seen}" says ${words[a.stage]}, "${b.seen}" says ${words[b.stage]}: believe neither alone.`),
  );
}

const words: Readonly<Record<SignalStage, string>> = {
  processor: 'processor',
  memory: 'memory',
  graphics: 'graphics',
  boot: 'boot',
  'all-well': 'that all is well',
};
