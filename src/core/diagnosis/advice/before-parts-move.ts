import type { Machine } from '../../machine';
import type { Circumstance } from '../../faults';
import { formatTrialId, isSilent } from '../../trials';
import type { StartOutcome } from '../../startup';
import { signalOf } from '../belief/complaint';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';
import type { Plan, Proposal } from '../planning/propose';

/**
 * What is done before any part is moved or a spare is fetched, in order: patience where training is likely, and undoing
 * what was changed last. A rule and not a cost: each is cheap, takes nothing apart, and is the first thing that a colleague would ask.
 */
interface FirstThing {
  readonly after: readonly Circumstance[];
  /** What was done at the bench counts like what was reported. */
  readonly orAfter?: (step: EvidenceStep) => boolean;
  /** It makes sense while the machine shows one of these. */
  readonly shows: readonly StartOutcome[];
  readonly when?: (machine: Machine) => boolean;
  readonly trials: (machine: Machine) => readonly string[];
  readonly why: string;
}

/** A machine that shows one of these may be training its memory. */
export const startsButNoPicture: readonly StartOutcome[] = ['loop', 'at-processor', 'at-memory', 'blank'];
const pastTheRails: readonly StartOutcome[] = [
  ...startsButNoPicture,
  'fans-full',
  'at-graphics',
  'dark',
  'no-boot',
  'system-stops',
];

const idsOf = (machine: Machine, kind: Machine['parts'][number]['kind']): string[] =>
  machine.parts.flatMap((part) => (part.kind === kind ? [part.id] : []));

const FIRST_THINGS: readonly FirstThing[] = [
  {
    after: ['new-build', 'memory-changed', 'processor-changed', 'firmware-updated'],
    orAfter: wroteFirmware,
    shows: [...startsButNoPicture, 'fans-full'],
    when: ({ board }) => board.trainsMemory,
    trials: () => [formatTrialId({ kind: 'start-and-wait' })],
    why: 'Memory, processor or firmware were changed: give it three minutes before parts are moved.',
  },
  {
    after: ['settings-changed'],
    shows: pastTheRails,
    trials: (machine) =>
      idsOf(machine, 'board').map((part) => formatTrialId({ kind: 'repair', repair: 'reset-settings', part })),
    why: 'The settings were changed last: undo that before parts are moved.',
  },
  {
    after: ['settings-changed'],
    shows: ['cuts-out'],
    trials: () => [formatTrialId({ kind: 'load-with-defaults' })],
    why: 'The settings were changed last: undo that before parts are moved.',
  },
  {
    after: ['card-changed'],
    shows: ['at-graphics', 'fans-full', 'twitch', 'dark'],
    trials: (machine) =>
      idsOf(machine, 'card').flatMap((part) => [
        formatTrialId({ kind: 'look', look: 'card-seat', part }),
        formatTrialId({ kind: 'out', part }),
      ]),
    why: 'The card was changed last: look at it, and at the machine without it, before parts are moved.',
  },
  {
    after: ['card-changed'],
    shows: ['cuts-out'],
    trials: (machine) =>
      idsOf(machine, 'card').map((part) => formatTrialId({ kind: 'look', look: 'card-leads', part })),
    why: 'The card was changed last: see how it is fed before parts are moved.',
  },
  {
    after: ['drive-added'],
    shows: ['twitch', 'no-boot', 'at-graphics', 'message-settings'],
    trials: (machine) =>
      idsOf(machine, 'drive').flatMap((part) => [
        formatTrialId({ kind: 'look', look: 'drive-leads', part }),
        formatTrialId({ kind: 'look', look: 'm2-seat', part }),
        formatTrialId({ kind: 'out', part }),
      ]),
    why: 'A drive was added last: look at it, and at the machine without it, before parts are moved.',
  },
  {
    after: ['supply-changed'],
    shows: ['dead', 'twitch', 'at-processor', 'at-graphics'],
    trials: (machine) => [
      ...idsOf(machine, 'supply').map((part) => formatTrialId({ kind: 'look', look: 'rocker', part })),
      ...idsOf(machine, 'board').map((part) => formatTrialId({ kind: 'look', look: 'power-plugs', part })),
      ...idsOf(machine, 'card').map((part) => formatTrialId({ kind: 'look', look: 'card-seat', part })),
    ],
    why: 'The supply was changed last: check its plugs before parts are moved.',
  },
];

/** A start after memory or processor work at the bench is waited for anyway; see recommendedWait. */
function wroteFirmware({ handling }: EvidenceStep): boolean {
  return handling.some(({ act }) => act === 'flash');
}

export interface First {
  readonly proposal: Proposal;
  readonly why: string;
}

/** The first thing that is still to be done before parts move; null if there is none. */
export function beforePartsMove({ machine, circumstances, steps }: DiagnosisInput, plan: Plan): First | null {
  const signal = signalOf(steps);
  if (signal === null) return null;
  for (const { after, orAfter, shows, when, trials, why } of FIRST_THINGS) {
    const changed = orAfter ? steps.findLastIndex(orAfter) : -1;
    const applies =
      shows.includes(signal) &&
      (when?.(machine) ?? true) &&
      (after.some((one) => circumstances.includes(one)) || changed >= 0);
    if (!applies) continue;
    // Once for each change: what was done since has had its chance.
    const isDone = (id: string) =>
      steps.findLastIndex(({ trial, outcome }) => trial.id === id && !isSilent(outcome)) > changed;
    const proposal = trials(machine)
      .filter((id) => !isDone(id))
      .map((id) => plan.proposals.find(({ trial }) => trial.id === id))
      .find((one) => one !== undefined && one.bits > 0 && one.blocked === null && one.lacks.length === 0);
    if (proposal) return { proposal, why };
  }
  return null;
}
