import type { Machine } from '../machine';
import { repairClassOf, type RepairId } from '../faults';
import type { EvidenceStep } from '../diagnosis';
import { findTrial, formatTrialId } from '../trials';
import type { CaseState } from './case-state';
import type { FirmwareFlashed, FirmwareVerified, FlashPurpose } from './event';

const repairs: Readonly<Record<FlashPurpose, RepairId>> = {
  update: 'update-firmware',
  recover: 'recover-firmware',
  'roll-back': 'roll-back-firmware',
};
const purposeWords: Readonly<Record<FlashPurpose, string>> = {
  update: 'Updated the firmware',
  recover: 'Recovered the firmware',
  'roll-back': 'Went back to an older version',
};

/** Probability that the version was misread from the screen. */
const versionMisread = 0.005;

/**
 * The step that stands for a flash that finished: nothing is seen of the machine yet, but the image is fresh and the
 * version is another, and that may fix. Null where the machine has no board of its own.
 */
export function flashStep(event: FirmwareFlashed, { machine, configuration }: CaseState): EvidenceStep | null {
  const board = boardOf(machine);
  const start = findTrial(machine, configuration, 'start');
  if (!board || !start) return null;
  const ref = { kind: 'flashed' } as const;
  const handling = [{ act: 'flash', part: board.id }] as const;
  return {
    id: event.id,
    trial: {
      ...start,
      ref,
      id: formatTrialId(ref),
      title: `${purposeWords[event.purpose]}${event.to === null ? ' from the second image' : ` to ${event.to}`}`,
      handling,
      repair: repairClassOf(repairs[event.purpose], board),
      changes: [],
    },
    configuration,
    handling,
    outcome: 'not-sure',
    volts: null,
    misreadProbability: 0,
  };
}

/** The step that stands for reading the version after a flash: it is the one that was wanted. */
export function versionStep(event: FirmwareVerified, { machine, configuration }: CaseState): EvidenceStep | null {
  const board = boardOf(machine);
  const trial = board
    ? findTrial(machine, configuration, formatTrialId({ kind: 'look', look: 'firmware-version', part: board.id }))
    : null;
  if (!trial) return null;
  return {
    id: event.id,
    trial,
    configuration,
    handling: [],
    outcome: 'knows',
    volts: null,
    misreadProbability: versionMisread,
  };
}

const boardOf = ({ parts }: Machine) => parts.find(({ kind }) => kind === 'board');
