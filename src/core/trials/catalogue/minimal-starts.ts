import { isFilled, type Change, type Configuration, type Machine, type PartKind } from '../../machine';
import { buildUpSteps, minimalChanges, stripDownList } from '../../isolation';
import { START_OUTCOME_LABELS } from '../../startup';
import type { Trial } from '../trial';
import { out, place, startTrial } from './start-trial';

/** Build the board back into the case. */
export function startsBackInCase(configuration: Configuration): Trial[] {
  if (configuration.surface === 'case') return [];
  return [
    startTrial({
      ref: { kind: 'back-in-case' },
      title: 'Build it back into the case and start',
      purpose: 'If the fault comes back, it is in the case: a stand-off, a lead, the switch.',
      steps: [
        'Switch off and pull the cord.',
        'Check each stand-off, then screw the board in.',
        'Connect the front leads, start with the case button.',
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
    'Ask yourself what is easily forgotten: front USB-C lead, card reader, light strips, anything in the rear ports.',
    'Leave one module in the slot that the manual names first.',
  ];
  const bench: Change[] = configuration.surface === 'bench' ? [] : [{ kind: 'surface', to: 'bench' }];
  return [
    startTrial({
      ref: { kind: 'minimal-in-case' },
      title: 'Start with the minimum in the case',
      purpose: 'Clears or blames everything that a start does not need.',
      steps: [...strip, 'Start it and watch for a minute.'],
      changes: stripped,
      minutes: 2,
      cautions: ['unplug', 'static'],
      inside: true,
    }),
    startTrial({
      ref: { kind: 'minimal-on-bench' },
      title: 'Start with the minimum on the bench',
      purpose: 'Nothing can hide in the case: no stand-off, no front lead, no switch.',
      steps: [...strip, onBox, 'Bridge the two switch pins and watch for a minute.'],
      changes: [...bench, ...stripped, { kind: 'start', to: 'bridge' }],
      minutes: 3,
      tools: ['screwdriver'],
      cautions: ['unplug', 'static', 'two-pins', 'no-run-without-cooler'],
      inside: true,
    }),
    ...buildStarts(machine, configuration),
  ];
}

const onBox = 'Lift the board out, lay it on its box, never on its bag.';

function stillOn(machine: Machine, configuration: Configuration): string[] {
  const names = stripDownList(machine, configuration)
    .lines.filter(({ state }) => state === 'still-on')
    .map(({ name }) => name);
  return names.length > 0 ? [`Take off or out: ${names.join(', ')}.`] : [];
}

/** Building up on the bench: each step has a signal to expect. */
function buildStarts(machine: Machine, configuration: Configuration): Trial[] {
  return buildUpSteps(machine, configuration).map((step) => {
    const [expected] = step.expect;
    const sign = expected ? START_OUTCOME_LABELS[expected.outcome].toLowerCase() : 'nothing';
    return startTrial({
      ref: { kind: 'build', step: step.id },
      title: `Build up: ${step.title.charAt(0).toLowerCase()}${step.title.slice(1)}`,
      purpose: `A sound machine shows: ${sign}.`,
      steps: [
        'Switch off and pull the cord.',
        ...(configuration.surface === 'bench' ? [] : [onBox]),
        `On the board: ${step.title.charAt(0).toLowerCase()}${step.title.slice(1)}. Nothing else.`,
        `Bridge the two switch pins. Expect: ${sign}.`,
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

/** The whole machine on the bench: whatever goes away was in the case. */
export function startsOnBench(configuration: Configuration): Trial[] {
  if (configuration.surface === 'bench') return [];
  return [
    startTrial({
      ref: { kind: 'on-bench' },
      title: 'Start the whole machine outside its case',
      purpose: 'Tells a short or switch in the case from a fault of the parts.',
      steps: ['Switch off and pull the cord.', onBox, 'Leave everything connected.', 'Bridge the two switch pins.'],
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
          `Take out or unplug: ${parts.map(({ name }) => name).join(', ')}.`,
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
      title: 'Reset the settings, then run under full load',
      purpose: 'Settings that are too fast may show only under load.',
      steps: ['Reset the settings to defaults.', 'Start a full load of processor and card, watch for five minutes.'],
      depth: 'load',
      changes: [{ kind: 'settings', to: 'defaults' }],
      minutes: 6,
      cautions: ['hot-cooler'],
    }),
  ];
}
