import type { CaseState } from './case-state';
import type { FirmwareFlashed, FirmwareVerified } from './event';
import { flashStep, versionStep } from './firmware-steps';
import { advance, notWaiting, refuse, type Stepped } from './stepped';

/** An attempt to write firmware: one that finished may have repaired something. */
export function foldFlash(state: CaseState, event: FirmwareFlashed): Stepped {
  const step = event.end === 'finished' ? flashStep(event, state) : null;
  const { firmware } = state;
  return advance({
    ...state,
    steps: step ? [...state.steps, step] : state.steps,
    stage: 'on-bench',
    ...notWaiting,
    firmware: {
      ...firmware,
      flashes: [...firmware.flashes, event],
      stepsBeforeFlash: state.steps.length,
      installed: installedAfter(event, firmware.installed),
      verified: null,
    },
  });
}

function installedAfter({ end, from, to }: FirmwareFlashed, before: string | null): string | null {
  if (end === 'finished') return to;
  return end === 'gave-up' ? (from ?? before) : null;
}

/** The version read afterwards has the last word: one that is not what was flashed means that it was not. */
export function foldVersion(state: CaseState, event: FirmwareVerified): Stepped {
  const { firmware } = state;
  const last = firmware.flashes.at(-1);
  if (!last) return refuse(['kind'], 'nothing-flashed', 'expected firmware-flashed before, found no flash in the log');
  const took = last.to === null || last.to === event.version;
  // It stands where the flash was, whatever was thought of its end.
  const flashed = took ? flashStep(last, state) : null;
  const others = state.steps.filter(({ id }) => id !== last.id);
  const at = firmware.stepsBeforeFlash;
  const steps = flashed ? [...others.slice(0, at), flashed, ...others.slice(at)] : others;
  const step = took ? versionStep(event, state) : null;
  return advance({
    ...state,
    steps: step ? [...steps, step] : steps,
    firmware: { ...firmware, installed: event.version, verified: event },
  });
}
