import {
  movedTo,
  type Change,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
  type Placement,
} from '../../machine';
import { START_OUTCOMES, START_OUTCOME_LABELS, type StartDepth } from '../../startup';
import type { CautionId } from '../caution';
import { findSwitchLegs } from '../movements/board-words';
import type { Handling, Trial } from '../trial';
import type { OutcomeOption } from '../outcome-option';
import { formatTrialId, type TrialRef } from '../trial-id';

/** The common shape of start attempts, and what handling a part brings with it. */

const startOutcomes: readonly OutcomeOption[] = START_OUTCOMES.map((id) => ({ id, label: START_OUTCOME_LABELS[id] }));

/** Outcomes of a start watched to a depth: cutting out is seen early as well. */
export const outcomesOfStart = (): readonly OutcomeOption[] => startOutcomes;

export interface StartTrial {
  readonly ref: TrialRef;
  readonly title: string;
  readonly purpose: string;
  readonly steps: readonly string[];
  readonly part?: Part;
  readonly depth?: StartDepth;
  readonly changes?: readonly Change[];
  readonly handling?: Trial['handling'];
  readonly minutes: number;
  readonly tools?: readonly string[];
  readonly spares?: readonly PartKind[];
  readonly cautions?: readonly CautionId[];
  readonly inside?: boolean;
}

export const startTrial = (trial: StartTrial): Trial => ({
  tools: [],
  spares: [],
  cautions: [],
  inside: false,
  changes: [],
  handling: [],
  ...trial,
  id: formatTrialId(trial.ref),
  part: trial.part ?? null,
  repair: null,
  commits: false,
  observe: { kind: 'start', depth: trial.depth ?? 'start' },
  needs: trial.depth === 'load' ? 'system' : 'start',
  outcomes: startOutcomes,
});

/** What is bridged to start it without its switch. */
export const bridgeIt = ({ board }: Machine): string =>
  board.switchOnBoard ? 'Bridge the two legs of the switch' : 'Bridge the two switch pins';

/** Past the case switch: its pins bridged by hand. */
export const bridgedStart = (machine: Machine): Trial =>
  startTrial({
    ref: { kind: 'bridge-pins' },
    title: bridgeIt(machine),
    purpose: 'Shows whether the fault is in the switch and its lead, or behind them.',
    steps: [
      machine.board.switchOnBoard
        ? findSwitchLegs
        : 'Find the two power switch pins of the front header in the manual.',
      'Touch both with a screwdriver blade for one second.',
      'Watch the fans for ten seconds.',
    ],
    changes: [{ kind: 'start', to: 'bridge' }],
    minutes: 1.5,
    tools: ['screwdriver'],
    cautions: ['two-pins', 'static'],
    inside: true,
  });

export const place = (part: Part, to: Placement): Change => ({ kind: 'place', part: part.id, to });
export const out: Placement = { state: 'out' };

const inner: readonly PartKind[] = [
  'board',
  'front-usb',
  'front-audio',
  'drive',
  'card',
  'module',
  'processor',
  'supply',
  'cooler',
  'case-switch',
  'fan',
  'coin-cell',
  'slot',
  'channel',
];
export const isInside = (part: Part): boolean => inner.includes(part.kind);

/** Cautions of taking a part out or putting one in. */
export const handlingCautions = (part: Part): CautionId[] => {
  if (!isInside(part)) return part.kind === 'cord' ? ['unplug'] : [];
  if (part.kind === 'supply') return ['unplug', 'supply-closed'];
  if (part.kind === 'module') return ['unplug', 'static', 'module-way-round'];
  if (part.kind === 'processor' || part.kind === 'board')
    return ['unplug', 'static', 'socket-pins', 'no-run-without-cooler'];
  return ['unplug', 'static'];
};

export const offFirst = (part: Part): string[] => (isInside(part) ? ['Switch off and pull the cord.'] : []);

export const moveCable = (machine: Machine, configuration: Configuration, to: string): Change[] =>
  machine.parts.filter((p) => p.kind === 'display-cable').map((p) => place(p, movedTo(configuration, p.id, to)));

/** The kinds that are seated again along with a part: the plugs on the board with the supply, the cooler with the processor. */
const seatedAlong: Readonly<Partial<Record<PartKind, readonly PartKind[]>>> = {
  supply: ['board'],
  processor: ['cooler'],
};
/** What sits on a board and moves over to another one. */
const onBoard: readonly PartKind[] = ['processor', 'cooler', 'module', 'card'];

const reseated = ({ parts }: Machine, kinds: readonly PartKind[]): Handling[] =>
  parts.filter(({ kind }) => kinds.includes(kind)).map(({ id }) => ({ act: 'reseat', part: id }));

/** What is seated again along with a part that stays. */
export const seatedWith = (machine: Machine, { kind }: Part): Handling[] => reseated(machine, seatedAlong[kind] ?? []);

/** What is seated again where a part is exchanged for another one. */
export const seatedBySwap = (machine: Machine, part: Part): Handling[] =>
  part.kind === 'board' ? reseated(machine, onBoard) : seatedWith(machine, part);
