import { isSilent } from '../../trials';
import type { EvidenceStep } from '../evidence-step';
import { observedStart } from './complaint';

/**
 * The button was pressed again after the machine had gone off at work, and no cord was out in between: whether it answered
 * says how it went off, whatever entry it was written in. One that did not answer is no start of its own: protection that
 * has latched is not a dead machine.
 */
export const withPressesAgain = (steps: readonly EvidenceStep[]): EvidenceStep[] => readPresses(steps).read;

/** It went off at work, did not answer the button since, and was not drained. */
export const isShutOff = (steps: readonly EvidenceStep[]): boolean => readPresses(steps).isShutOff;

function readPresses(steps: readonly EvidenceStep[]): { readonly read: EvidenceStep[]; readonly isShutOff: boolean } {
  const read: EvidenceStep[] = [];
  let off = -1;
  let silent = false;
  for (const step of steps) {
    const shown = observedStart(step);
    const run = read[off];
    if (run && shown !== null && isJustPressed(step)) {
      silent = shown === 'dead';
      if (run.signs?.answersAgain === undefined) read[off] = { ...run, signs: { ...run.signs, answersAgain: !silent } };
      if (silent) continue;
    }
    read.push(step);
    if (shown === 'cuts-out') {
      off = read.length - 1;
      silent = step.signs?.answersAgain === false;
    } else if (shown !== null || !(isSilent(step.outcome) || isUntouched(step))) off = -1;
  }
  return { read, isShutOff: off >= 0 && silent };
}

const isUntouched = ({ trial, handling }: EvidenceStep): boolean =>
  trial.repair === null && trial.changes.length === 0 && handling.length === 0;

/** What is put under load has been drained before. */
const isJustPressed = (step: EvidenceStep): boolean => isUntouched(step) && step.trial.ref.kind === 'start';
