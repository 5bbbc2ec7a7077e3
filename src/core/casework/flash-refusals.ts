import { isOwnersWord, openHazards, type EvidenceStep } from '../diagnosis';
import type { FlashMethod } from '../firmware';
import type { StartOutcome } from '../startup';
import type { CaseState } from './case-state';
import { inputOf } from './diagnose-case';

/** Why the log speaks against a flash now. */
export interface FlashRefusal {
  readonly code: 'running' | 'button' | 'wet';
  readonly why: string;
}

/** After these it has gone off by itself, or never came on. */
const offAgain: readonly StartOutcome[] = ['dead', 'twitch', 'cuts-out'];

/** What the log of the case says against flashing the board now, by this method; empty where it says nothing. */
export function flashRefusals(state: CaseState, method: FlashMethod): FlashRefusal[] {
  if (method === 'sent-in') return [];
  const wet = openHazards(inputOf(state)).map(({ why }): FlashRefusal => ({ code: 'wet', why }));
  // A flash from setup needs the machine on.
  const isOffNeeded = method === 'bare-board' || method === 'second-image';
  const power = isOffNeeded ? powerOf(state) : null;
  return power ? [...wet, power] : wet;
}

function powerOf(state: CaseState): FlashRefusal | null {
  const step = lastPressed(state);
  if (!step || state.steps.slice(state.steps.indexOf(step) + 1).some(drains)) return null;
  return offAgain.some((outcome) => outcome === step.outcome)
    ? {
        code: 'button',
        why: `The log says that the button was pressed ("${step.trial.title}") and the cord not pulled since: it may be half on.`,
      }
    : { code: 'running', why: `The log says that it is running since "${step.trial.title}".` };
}

/** The last step at which somebody pressed the button, as far as the log says. */
const lastPressed = ({ steps }: Pick<CaseState, 'steps'>): EvidenceStep | undefined => steps.findLast(isPressed);

const isPressed = (step: EvidenceStep): boolean =>
  step.trial.observe.kind === 'start' &&
  !isOwnersWord(step) &&
  !notPressed.includes(step.trial.ref.kind) &&
  step.outcome !== 'could-not';

const drains = ({ handling }: EvidenceStep): boolean => handling.some(({ act }) => act === 'drain');

/** Its cord was in while this was done. Setting up by hand and switching off need none. */
const hadPower = (step: EvidenceStep): boolean =>
  step.trial.ref.kind !== 'set-up' && step.trial.needs !== null && !isOwnersWord(step) && step.outcome !== 'could-not';

/** The log says that it is off with the cord out: drained, and nothing done since that needs the cord. */
export const isOffByLog = ({ steps }: Pick<CaseState, 'steps'>): boolean =>
  // A test that pulls the cord and then starts ends with the machine on.
  steps.findLastIndex(drains) > steps.findLastIndex(hadPower);

/** They stand in the log as starts, and nobody pressed a button. */
const notPressed: readonly string[] = ['set-up', 'flashed'];
