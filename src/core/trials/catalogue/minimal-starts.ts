import { listOf, uncapitalized } from '../../wording';
import {
  isFilled,
  nameInWords,
  nameOf,
  type Change,
  type Configuration,
  type Machine,
  type Part,
  type PartKind,
} from '../../machine';
import { buildUpSteps, changesForSet, minimalChanges, provingSets, stripDownList } from '../../isolation';
import { START_OUTCOME_LABELS } from '../../startup';
import { startAndWatch } from '../memory-training';
import type { Trial } from '../trial';
import { bridgeIt, out, place, startTrial } from './start-trial';

/** Build the board back into the case. */
export function startsBackInCase(configuration: Configuration): Trial[] {
  if (configuration.surface === 'case') return [];
  return [
    startTrial({
      ref: { kind: 'back-in-case' },
      title: 'Build it back into the case and start',
      purpose: 'If the fault comes back, it is in the case: a stand-off, a lead or the switch.',
      steps: [
        'Switch off and pull the cord.',
        'Check each stand-off, then screw the board down.',
        'Connect the front leads and start it with the case button.',
      ],
      changes: [{ kind: 'surface', to: 'case' }],
      minutes: 2,
      cautions: ['unplug', 'static'],
      inside: true,
    }),
  ];
}

/** Everything out that a start to the picture does not need, and the way back up from there. */
export function minimalStarts(machine: Machine, configuration: Configuration): Trial[] {
  const stripped = minimalChanges(machine, configuration);
  const strip = [
    'Switch off and pull the cord.',
    ...stillOn(machine, configuration),
    'Do not forget: front USB-C lead, card reader, light strips, anything in the rear ports.',
    'Leave one module in the slot that the manual lists first.',
  ];
  const bench: Change[] = configuration.surface === 'bench' ? [] : [{ kind: 'surface', to: 'bench' }];
  if (machine.onBench) return buildStarts(machine, configuration);
  return [
    startTrial({
      ref: { kind: 'minimal-in-case' },
      title: 'Strip to the minimum in the case and start',
      purpose: 'Clears or blames everything that is not needed to start.',
      steps: [...strip, startAndWatch(machine, stripped).step],
      changes: stripped,
      minutes: 2,
      cautions: ['unplug', 'static'],
      inside: true,
    }),
    startTrial({
      ref: { kind: 'minimal-on-bench' },
      title: 'Strip to the minimum on the bench and start',
      purpose: 'Rules out the case: no stand-offs, no front leads, no switch.',
      steps: [...strip, onBox, startAndWatch(machine, stripped, bridgeIt(machine)).step],
      changes: [...bench, ...stripped, { kind: 'start', to: 'bridge' }],
      minutes: 3,
      tools: ['screwdriver'],
      cautions: ['unplug', 'static', 'two-pins', 'no-run-without-cooler'],
      inside: true,
    }),
    ...buildStarts(machine, configuration),
  ];
}

const onBox = 'Lift the board out and lay it on its box, never on its bag.';

function stillOn(machine: Machine, configuration: Configuration): string[] {
  const names = stripDownList(machine, configuration)
    .lines.filter(({ state }) => state === 'still-on')
    .map(({ name }) => name);
  return names.length > 0 ? [`Unplug or take out ${listOf(names)}.`] : [];
}

/** Building up on the bench: each step has a signal to expect. */
function buildStarts(machine: Machine, configuration: Configuration): Trial[] {
  return buildUpSteps(machine, configuration).map((step, index) => {
    const [expected] = step.expect;
    const sign = expected ? uncapitalized(START_OUTCOME_LABELS[expected.outcome]) : 'nothing';
    return startTrial({
      ref: { kind: 'build', step: step.id },
      title: `Build-up, step ${index + 1}: ${index === 0 ? uncapitalized(step.title) : `add ${listOf(step.adds.map(nameInWords))}`}`,
      purpose: `A working machine shows: ${sign}.`,
      steps: [
        'Switch off and pull the cord.',
        ...(configuration.surface === 'bench' ? [] : [onBox]),
        `On the board now: ${uncapitalized(step.title)}. Everything else is off it.`,
        `${bridgeIt(machine)}. Expect: ${sign}.`,
      ],
      changes: step.changes,
      handling: step.id === 'memory' ? step.adds.map(({ id }) => ({ act: 'reseat', part: id })) : [],
      minutes: step.id === 'memory' ? 3 : 2,
      tools: ['screwdriver'],
      cautions: ['unplug', 'static', 'two-pins', 'no-run-without-cooler'],
      inside: true,
    });
  });
}

/** On the bench: the parts of a set put in together, where they do not stand so already. */
export function startsWithSet(machine: Machine, configuration: Configuration): Trial[] {
  if (!machine.onBench) return [];
  return provingSets(machine).flatMap((set, index) => {
    const changes = changesForSet(machine, configuration, set);
    const moved = set.filter(({ id }) => changes.some((change) => change.kind === 'place' && change.part === id));
    if (moved.length === 0) return [];
    const names = listOf(moved.map(nameInWords));
    const gone = machine.parts.filter(({ id }) =>
      changes.some((change) => change.kind === 'place' && change.part === id && change.to.state === 'out'),
    );
    return [
      startTrial({
        ref: { kind: 'set', number: `${index + 1}` },
        title: `Put in ${names} and start`,
        purpose: moved.length > 1 ? 'One good start proves all of them.' : 'A part is proven good only by working.',
        steps: [
          'Switch off and pull the cord.',
          ...(gone.length > 0 ? [`Take out ${listOf(gone.map(nameInWords))}.`] : []),
          ...moved.map((part) => putIn(part, changes, machine)),
          startAndWatch(machine, changes, `${bridgeIt(machine)} for one second`).step,
        ],
        changes,
        handling: moved.map(({ id }) => ({ act: 'reseat', part: id })),
        minutes: 1 + 0.5 * moved.length,
        tools: ['screwdriver'],
        cautions: ['unplug', 'static', 'two-pins', 'no-run-without-cooler'],
        inside: true,
      }),
    ];
  });
}

function putIn(part: Part, changes: readonly Change[], machine: Machine): string {
  const change = changes.find((one) => one.kind === 'place' && one.part === part.id);
  const to = change?.kind === 'place' && change.to.state === 'moved' ? change.to.to : part.slot;
  return part.kind === 'module' && to
    ? `Put ${nameInWords(part)} into ${nameOf(machine, to)}. Both sides click.`
    : `Put in ${nameInWords(part)}.`;
}

/** The whole machine on the bench: whatever goes away was in the case. */
export function startsOnBench(machine: Machine, configuration: Configuration): Trial[] {
  if (configuration.surface === 'bench') return [];
  return [
    startTrial({
      ref: { kind: 'on-bench' },
      title: 'Start the whole machine outside the case',
      purpose: 'Shows whether the fault is in the case (a short, the switch) or in the parts.',
      steps: ['Switch off and pull the cord.', onBox, 'Leave everything connected.', `${bridgeIt(machine)}.`],
      changes: [
        { kind: 'surface', to: 'bench' },
        { kind: 'start', to: 'bridge' },
      ],
      minutes: 3,
      tools: ['screwdriver'],
      cautions: ['unplug', 'static', 'two-pins', 'no-run-without-cooler'],
      inside: true,
    }),
  ];
}

/** All parts of a kind out at once. */
const GROUPS: readonly { readonly id: string; readonly title: string; readonly kinds: readonly PartKind[] }[] = [
  { id: 'front-leads', title: 'all front leads', kinds: ['front-usb', 'front-audio'] },
  { id: 'drives', title: 'all drives', kinds: ['drive'] },
  { id: 'usb-devices', title: 'all USB devices', kinds: ['usb-device'] },
];

/** Half-split: several needless parts of a kind out in one go. */
export function startsWithoutGroups(machine: Machine, configuration: Configuration): Trial[] {
  return GROUPS.flatMap(({ id, title, kinds }) => {
    const parts = machine.parts.filter((part) => kinds.includes(part.kind) && isFilled(configuration, part.id));
    if (parts.length < 2) return [];
    return [
      startTrial({
        ref: { kind: 'out-all', group: id },
        title: `Start without ${title}`,
        purpose: 'Clears or blames all of them in one start.',
        steps: [
          'Switch off and pull the cord.',
          `Unplug or take out ${listOf(parts.map(({ name }) => name))}.`,
          'Start it and watch for a minute.',
        ],
        changes: parts.map((part) => place(part, out)),
        minutes: 1.5,
        cautions: ['unplug', 'static'],
        inside: id !== 'usb-devices',
      }),
    ];
  });
}

/** Full load with the settings at their defaults. */
export function loadsWithDefaults(_machine: Machine, configuration: Configuration): Trial[] {
  if (configuration.settings === 'defaults') return [];
  return [
    startTrial({
      ref: { kind: 'load-with-defaults' },
      title: 'Load the default settings, then run under full load',
      purpose: 'Settings that are too fast may fail only under load.',
      steps: [
        'In setup, note what is set, load the defaults and save.',
        'Put processor and graphics card under full load and watch for five minutes.',
      ],
      depth: 'load',
      changes: [{ kind: 'settings', to: 'defaults' }],
      minutes: 6,
      cautions: ['hot-cooler'],
    }),
  ];
}
