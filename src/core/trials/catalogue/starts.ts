import {
  boardOutput,
  insteadOf,
  kindInWords,
  isFilled,
  isOriginalIn,
  nameInWords,
  pieceIn,
  placementOf,
  type Change,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
  type Placement,
} from '../../machine';
import { listOf } from '../../wording';
import { startAndWatch } from '../memory-training';
import type { Trial } from '../trial';
import {
  bridgedStart,
  handlingCautions,
  isInside,
  moveCable,
  offFirst,
  out,
  place,
  seatedBySwap,
  startTrial,
} from './start-trial';

/** Start attempts in chosen configurations. Each function gives the trials of one idea for one machine. */

/** Minutes to press the button and watch. */
const watchMinutes = 1;
/** Minutes to bring it to full load and watch. */
const loadMinutes = 6;

export function plainStarts(machine: Machine): Trial[] {
  const boards = machine.parts.filter((part) => part.kind === 'board');
  const hasSwitch = machine.parts.some(({ kind }) => kind === 'case-switch');
  const press = hasSwitch ? 'Press the case button once.' : 'Bridge the two switch pins for one second.';
  return [
    startTrial({
      ref: { kind: 'start' },
      title: 'Start it as it is',
      purpose: 'Shows how far it gets now.',
      steps: [press, 'Watch fans, lights and screen for a minute.'],
      minutes: watchMinutes,
    }),
    startTrial({
      ref: { kind: 'start-and-wait' },
      title: 'Start it and wait three minutes',
      purpose: 'Memory training restarts a few times and can take minutes; that is normal.',
      steps: [press, 'Leave it alone for three minutes, whatever it does.'],
      handling: boards.map((part) => ({ act: 'wait', part: part.id })),
      minutes: 3.5,
    }),
    startTrial({
      ref: { kind: 'run-under-load' },
      title: 'Run it under full load',
      purpose: 'A weak supply, lead or cooler shows up only under load.',
      steps: ['Put processor and graphics card under full load.', 'Watch it for five minutes.'],
      depth: 'load',
      minutes: loadMinutes,
      cautions: ['hot-cooler'],
    }),
    ...(hasSwitch ? [bridgedStart(machine)] : []),
  ];
}

/** Take one thing out that the start does not need. */
export function startsWithout(machine: Machine, configuration: Configuration): Trial[] {
  const removable: readonly PartKind[] = ['front-usb', 'front-audio', 'usb-device', 'drive', 'card', 'fan'];
  return machine.parts
    .filter((part) => removable.includes(part.kind) && isFilled(configuration, part.id))
    .map((part) => {
      const isOnlyGraphics = part.kind === 'card' && !machine.builtInGraphics;
      const toBoard = part.kind === 'card' && !isOnlyGraphics ? moveCable(machine, configuration, boardOutput) : [];
      const changes = [place(part, out), ...toBoard];
      const watch = startAndWatch(machine, changes);
      return startTrial({
        ref: { kind: 'out', part: part.id },
        title: `Start without ${nameInWords(part)}`,
        purpose: isOnlyGraphics
          ? 'If it gets further, it is the card or its slot. There is no picture without it.'
          : 'If the fault goes away, it is this part, its lead or its socket.',
        steps: [
          ...offFirst(part),
          `Take out or unplug ${nameInWords(part)}.`,
          ...(toBoard.length > 0 ? ["Plug the monitor cable into the board's own output."] : []),
          watch.step,
        ],
        part,
        changes,
        minutes: watch.minutes,
        cautions: handlingCautions(part),
        inside: isInside(part),
      });
    });
}

/** Put something back as it was found: does the fault come back? */
export function startsWithBack(machine: Machine, configuration: Configuration): Trial[] {
  return machine.parts
    .filter((part) => placementOf(configuration, part.id).state !== 'as-found')
    .filter((part) => placementOf(configuration, part.id).state !== 'new')
    .filter((part) => !(part.loose && part.kind === 'module'))
    .map((part) => {
      const changes = [
        ...insteadOf(machine, configuration, part),
        place(part, { state: 'as-found' }),
        ...(part.kind === 'card' ? cableBack(machine, configuration) : []),
      ];
      const watch = startAndWatch(machine, changes);
      return startTrial({
        ref: { kind: 'back', part: part.id },
        title: part.loose ? `Put ${nameInWords(part)} in and start` : `Put ${nameInWords(part)} back and start`,
        purpose: part.loose
          ? 'A part is proven good only by working, and bad by failing where another works.'
          : 'If the fault comes back with it, that proves it.',
        steps: [
          ...offFirst(part),
          part.loose ? `Put in ${nameInWords(part)}.` : `Put ${nameInWords(part)} back as it was found.`,
          watch.step,
        ],
        part,
        changes,
        handling: [{ act: 'reseat', part: part.id }, ...seatedBySwap(machine, part)],
        minutes: watch.minutes,
        cautions: handlingCautions(part),
        inside: isInside(part),
      });
    });
}

/** Everything that was taken out or moved goes home in one go; what a spare stands in for stays as it is. */
export function startsWithAllBack(machine: Machine, configuration: Configuration): Trial[] {
  const isAway = (part: Part): boolean => ['out', 'moved'].includes(placementOf(configuration, part.id).state);
  const parts = machine.parts.filter((part) => isAway(part) && !part.loose);
  if (parts.length < 2) return [];
  const changes = parts.map((part) => place(part, homeOf(configuration, part)));
  const watch = startAndWatch(machine, changes);
  return [
    startTrial({
      ref: { kind: 'all-back' },
      title: 'Put back all that was taken out or moved and start',
      purpose: 'The machine is whole again: what was innocent goes home.',
      steps: [
        ...new Set(parts.flatMap(offFirst)),
        `Put back as they were found: ${listOf(parts.map(({ name }) => name))}.`,
        watch.step,
      ],
      changes,
      handling: parts.flatMap((part) => [{ act: 'reseat', part: part.id }, ...seatedBySwap(machine, part)]),
      minutes: watch.minutes,
      cautions: [...new Set(parts.flatMap(handlingCautions))],
      inside: parts.some(isInside),
    }),
  ];
}

const cableBack = (machine: Machine, configuration: Configuration): Change[] =>
  machine.parts
    .filter((p) => p.kind === 'display-cable' && placementOf(configuration, p.id).state === 'moved')
    .map((p) => place(p, homeOf(configuration, p)));

/** Where a part was found; a spare that was moved goes there in its stead. */
const homeOf = (configuration: Configuration, { id }: Part): Placement => ({
  state: pieceIn(configuration, id) === 'spare' ? 'spare' : 'as-found',
});

/** Swap one part for a spare that is known to work. A cooler is mounted again instead: that is the same work. */
export function startsWithSpare(machine: Machine, configuration: Configuration): Trial[] {
  const swappable: readonly PartKind[] = [
    'cord',
    'supply',
    'adapter',
    'case-switch',
    'module',
    'card',
    'drive',
    'monitor',
    'display-cable',
    'keyboard',
    'front-usb',
    'processor',
    'board',
  ];
  return machine.parts
    .filter((part) => swappable.includes(part.kind))
    .filter((part) => part.kind !== 'case-switch' || !machine.board.switchOnBoard)
    .filter((part) => isOriginalIn(configuration, part.id))
    .map((part) => {
      // One spare of a kind is what a shelf has: what it stands in for goes back first.
      const lent = machine.parts.filter(
        (other) => other.kind === part.kind && pieceIn(configuration, other.id) === 'spare',
      );
      const changes = [...lent.map((other) => place(other, { state: 'as-found' })), place(part, { state: 'spare' })];
      const watch = startAndWatch(machine, changes);
      return startTrial({
        ref: { kind: 'spare', part: part.id },
        title: `Swap in ${knownGood(machine, part)} and start`,
        purpose:
          'A known-good part in its place clears it or blames it. A swap also reseats: put the old part back to prove it.',
        steps: [
          ...offFirst(part),
          ...lent.map((other) => `Put ${nameInWords(other)} back where the spare is now.`),
          besideWords[part.kind] ?? `Swap ${nameInWords(part)} for a known-good spare${firstFirmware(part)}.`,
          watch.step,
        ],
        part,
        changes,
        handling: seatedBySwap(machine, part),
        minutes: watch.minutes,
        spares: [part.kind],
        cautions: handlingCautions(part),
        inside: isInside(part),
      });
    });
}

/** What stands beside the machine for a test, and is not built in. */
const besideWords: Readonly<Partial<Record<PartKind, string>>> = {
  supply: 'Leave the supply in place; stand a known-good one beside the machine and plug in its own leads instead.',
  board:
    'Leave the board in place; lay a known-good one on its box beside the open case, and move processor, cooler, memory, cards and plugs over.',
};

/** A spare by its kind; where the machine has several of the kind, for which of them. */
function knownGood(machine: Machine, part: Part): string {
  const isOneOfMany = machine.parts.filter(({ kind }) => kind === part.kind).length > 1;
  return isOneOfMany
    ? `a known-good ${kindInWords(part.kind)} for ${nameInWords(part)}`
    : `a known-good ${kindInWords(part.kind)}`;
}

const firstFirmware = ({ kind }: Part): string =>
  kind === 'processor' ? ', one that the first firmware of this board supports' : '';

/** Swaps that matter to a machine that cuts out: watched through full load. */
export function loadsWithSpare(machine: Machine, configuration: Configuration): Trial[] {
  const loaded: readonly PartKind[] = ['supply', 'adapter', 'card', 'cooler'];
  return machine.parts
    .filter((part) => loaded.includes(part.kind))
    .filter((part) => isOriginalIn(configuration, part.id))
    .map((part) =>
      startTrial({
        ref: { kind: 'load-with-spare', part: part.id },
        title: `Swap in ${knownGood(machine, part)} and run under full load`,
        purpose: 'A part that fails only under load can be cleared or blamed only under load.',
        steps: [
          ...offFirst(part),
          besideWords[part.kind] ?? `Swap ${nameInWords(part)} for a known-good spare.`,
          'Put processor and graphics card under full load and watch it for five minutes.',
        ],
        part,
        depth: 'load',
        changes: [place(part, { state: 'spare' })],
        handling: seatedBySwap(machine, part),
        minutes: loadMinutes,
        spares: [part.kind],
        cautions: [...handlingCautions(part), 'hot-cooler'],
        inside: isInside(part),
      }),
    );
}
