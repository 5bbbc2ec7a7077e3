import type { StartSigns } from '../../core/startup';
import type { LitLight, SeenSignals } from '../../core/signals';

/** What was pressed, typed and heard in the signals room and is not written yet. */
export interface SignalsDraft {
  /** They stand, or come on one after the other. */
  readonly lightsMode: 'stand' | 'change';
  /** By label; dark ones are left out. */
  readonly lit: Readonly<Record<string, LitLight['shows']>>;
  /** The board has lights, and none is lit. */
  readonly areDark: boolean;
  /** Labels in the order in which they came on. */
  readonly sequence: readonly string[];
  /** Each code with the moment at which it was first seen, in milliseconds since the epoch. */
  readonly codes: readonly { readonly text: string; readonly at: number }[];
  /** It changes too quickly to be read. */
  readonly codeMoves: boolean;
  readonly beeps: string;
  /** A speaker is on the board, and it made no sound. */
  readonly isSilent: boolean;
}

export const emptySignals: SignalsDraft = {
  lightsMode: 'stand',
  lit: {},
  areDark: false,
  sequence: [],
  codes: [],
  codeMoves: false,
  beeps: '',
  isSilent: false,
};

/** What the draft says, at a moment in milliseconds since the epoch. */
export function seenOfDraft(draft: SignalsDraft, now: number): SeenSignals {
  const { lightsMode, lit, areDark, sequence, codes, codeMoves, beeps, isSilent } = draft;
  const lights = Object.entries(lit).map(([label, shows]) => ({ label, shows }));
  const last = codes.at(-1);
  return {
    ...(lightsMode === 'stand' && (lights.length > 0 || areDark) ? { lights } : {}),
    ...(lightsMode === 'change' && sequence.length > 0 ? { sequence } : {}),
    ...(last
      ? { code: { text: last.text, moves: codeMoves, unchangedSeconds: Math.max(0, (now - last.at) / 1000) } }
      : {}),
    ...(beeps.trim() ? { beeps } : {}),
    ...(isSilent ? { isSilent } : {}),
  };
}

/** Lights, codes and beeps take the place of those noted before; what else was seen stays. Null where nothing is left. */
export function withSignals(before: StartSigns | null, signals: StartSigns): StartSigns | null {
  const { light: _light, dark: _dark, code: _code, beeps: _beeps, silent: _silent, ...others } = before ?? {};
  const signs: StartSigns = { ...others, ...signals };
  return Object.keys(signs).length > 0 ? signs : null;
}
