import { fittedModules, isFilled, type Change, type Configuration, type Machine, type PartKind } from '../../machine';
import type { Trial } from '../trial';
import { moveCable, out, place, startTrial } from './start-trial';

/** Build the board back into the case. */
export function startsBackInCase(configuration: Configuration): Trial[] {
  if (configuration.surface === 'case') return [];
  return [
    startTrial({
      id: 'back-in-case',
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

/** Everything out that a start to the picture does not need. */
export function minimalStarts(machine: Machine, configuration: Configuration): Trial[] {
  const stripped = stripChanges(machine, configuration);
  const strip = [
    'Switch off and pull the cord.',
    'Unplug drives, USB devices and every front lead but the switch.',
    'Leave one module in the slot that the manual names first.',
  ];
  const bench: Change[] = configuration.surface === 'bench' ? [] : [{ kind: 'surface', to: 'bench' }];
  return [
    startTrial({
      id: 'minimal-in-case',
      title: 'Start with the minimum in the case',
      purpose: 'Clears or blames everything that a start does not need.',
      steps: [...strip, 'Start it and watch for a minute.'],
      changes: stripped,
      minutes: 2,
      cautions: ['unplug', 'static'],
      inside: true,
    }),
    startTrial({
      id: 'minimal-on-bench',
      title: 'Start with the minimum on the bench',
      purpose: 'Nothing can hide in the case: no stand-off, no front lead, no switch.',
      steps: [
        ...strip,
        'Lift the board out, lay it on its box, never on its bag.',
        'Bridge the two switch pins and watch for a minute.',
      ],
      changes: [...bench, ...stripped, { kind: 'start', to: 'bridge' }],
      minutes: 3,
      tools: ['screwdriver'],
      cautions: ['unplug', 'static', 'two-pins', 'no-run-without-cooler'],
      inside: true,
    }),
  ];
}

function stripChanges(machine: Machine, configuration: Configuration): Change[] {
  const needless: readonly PartKind[] = ['front-usb', 'front-audio', 'usb-device', 'drive', 'fan'];
  const card = machine.builtInGraphics ? machine.parts.filter((p) => p.kind === 'card') : [];
  const extra = fittedModules(machine, configuration).slice(1);
  const outs = machine.parts.filter((p) => needless.includes(p.kind) || card.includes(p) || extra.includes(p));
  const changes = outs.filter((p) => isFilled(configuration, p.id)).map((p) => place(p, out));
  return card.length > 0 ? [...changes, ...moveCable(machine, 'the board output')] : changes;
}
