import { BUILD_STEPS, type BuildStepId } from '../isolation';
import { formatRepairClassId, parseRepairClassId, renameBeforePart, type RepairId } from '../faults';

/** Trials of which a machine has one at most, by their ids. */
const SINGLE_TRIALS = [
  'start',
  'start-and-wait',
  'run-under-load',
  'bridge-pins',
  'all-back',
  'back-in-case',
  'minimal-in-case',
  'minimal-on-bench',
  'on-bench',
  'load-with-defaults',
  'one-per-channel',
  // These four stand for what was not a trial of its own, and are never written in a log as one.
  'reported',
  'tried',
  'set-up',
  'flashed',
] as const;
type SingleTrial = (typeof SINGLE_TRIALS)[number];

const PART_TRIALS = ['out', 'back', 'spare', 'only-spare', 'load-with-spare'] as const;
type PartTrial = (typeof PART_TRIALS)[number];

/** Which trial of a machine is meant. */
export type TrialRef =
  | { readonly kind: SingleTrial }
  /** One part taken out, put back, swapped for a spare, alone or not, or swapped and run under load. */
  | { readonly kind: PartTrial; readonly part: string }
  | { readonly kind: 'look'; readonly look: string; readonly part: string }
  | { readonly kind: 'measure'; readonly quantity: string; readonly part: string }
  /** One module alone, in one slot. */
  | { readonly kind: 'only'; readonly module: string; readonly slot: string }
  /** A set of parts put in together to be proven: the first is what came attached, then what lies beside it. */
  | { readonly kind: 'set'; readonly number: string }
  /** A step of building up on the bench. */
  | { readonly kind: 'build'; readonly step: BuildStepId }
  /** Several parts of a kind out at once. */
  | { readonly kind: 'out-all'; readonly group: string }
  | { readonly kind: 'repair'; readonly repair: RepairId; readonly part: string };

export type TrialKind = TrialRef['kind'];

/** Repairs are written with this prefix in logs. */
const repairPrefix = 'fix';

/**
 * The id of a trial as it stands in logs, files and addresses. Nothing else builds these strings.
 * @example formatTrialId({ kind: 'look', look: 'rocker', part: 'supply' }) // => 'look/rocker/supply'
 * @example formatTrialId({ kind: 'repair', repair: 'replace', part: 'supply' }) // => 'fix/replace@supply'
 */
export function formatTrialId(ref: TrialRef): string {
  switch (ref.kind) {
    case 'look':
      return `look/${ref.look}/${ref.part}`;
    case 'measure':
      return `measure/${ref.quantity}/${ref.part}`;
    case 'out':
    case 'back':
    case 'spare':
    case 'only-spare':
    case 'load-with-spare':
      return `${ref.kind}/${ref.part}`;
    case 'only':
      return `only/${ref.module}/${ref.slot}`;
    case 'set':
      return `set/${ref.number}`;
    case 'build':
      return `build/${ref.step}`;
    case 'out-all':
      return `out-all/${ref.group}`;
    case 'repair':
      return `${repairPrefix}/${formatRepairClassId(ref)}`;
    case 'start':
    case 'start-and-wait':
    case 'run-under-load':
    case 'bridge-pins':
    case 'all-back':
    case 'back-in-case':
    case 'minimal-in-case':
    case 'minimal-on-bench':
    case 'on-bench':
    case 'load-with-defaults':
    case 'one-per-channel':
    case 'reported':
    case 'tried':
    case 'set-up':
    case 'flashed':
      return ref.kind;
  }
}

/** The trial that an id names; null where it is no trial id. Whether the machine has it is another question. */
export function parseTrialId(id: string): TrialRef | null {
  const [head = '', ...rest] = id.split('/');
  if (rest.some((piece) => piece === '')) return null;
  const [first, second, ...more] = rest;
  if (more.length > 0) return null;
  if (first === undefined) return isOneOf(SINGLE_TRIALS, head) ? { kind: head } : null;
  return second === undefined ? parsePair(head, first) : parseTriple(head, first, second);
}

function parsePair(head: string, name: string): TrialRef | null {
  if (isOneOf(PART_TRIALS, head)) return { kind: head, part: name };
  if (head === 'build') return isOneOf(BUILD_STEPS, name) ? { kind: 'build', step: name } : null;
  if (head === 'set') return { kind: 'set', number: name };
  if (head === 'out-all') return { kind: 'out-all', group: name };
  const repair = head === repairPrefix ? parseRepairClassId(name) : null;
  return repair ? { kind: 'repair', ...repair } : null;
}

function parseTriple(head: string, first: string, second: string): TrialRef | null {
  if (head === 'look') return { kind: 'look', look: first, part: second };
  if (head === 'measure') return { kind: 'measure', quantity: first, part: second };
  return head === 'only' ? { kind: 'only', module: first, slot: second } : null;
}

const isOneOf = <T extends string>(list: readonly T[], text: string): text is T =>
  (list as readonly string[]).includes(text);

/** A trial that only looks or measures: it leaves the machine as it is. */
export const leavesMachine = (id: string): boolean => {
  const kind = parseTrialId(id)?.kind;
  return kind === 'look' || kind === 'measure';
};

/** A start with the minimum, in the case or on the bench. */
export const isStrippedStart = (id: string): boolean => {
  const kind = parseTrialId(id)?.kind;
  return kind === 'minimal-in-case' || kind === 'minimal-on-bench';
};

const firmwareRepairs: readonly RepairId[] = ['update-firmware', 'recover-firmware', 'roll-back-firmware'];

/** Writing the firmware, or reading which version is on. */
export const isFirmwareWork = (ref: TrialRef): boolean =>
  ref.kind === 'repair'
    ? firmwareRepairs.includes(ref.repair)
    : ref.kind === 'look' && (ref.look === 'firmware-version' || ref.look === 'version-in-setup');

/** The same trial id with its look, quantity or repair renamed; what is no such id comes back as it is. */
export function renameInTrialId(
  id: string,
  rename: Readonly<Record<'look' | 'quantity' | 'repair', (name: string) => string>>,
): string {
  const [head, name, ...rest] = id.split('/');
  if (name === undefined) return id;
  const renamed =
    head === 'look'
      ? rename.look(name)
      : head === 'measure'
        ? rename.quantity(name)
        : head === repairPrefix
          ? renameBeforePart(name, rename.repair)
          : name;
  return [head, renamed, ...rest].join('/');
}
