import {
  fittedModules,
  isFilled,
  isOriginalIn,
  nameInWords,
  slotOf,
  type Change,
  type Configuration,
  type Machine,
  type Part,
  type Placement,
} from '../../machine';
import { moduleThatStays } from '../../isolation';
import { listOf } from '../../wording';
import { startAndWatch } from '../memory-training';
import type { Trial } from '../trial';
import { out, place, startTrial } from './start-trial';

/** Starts with chosen modules in chosen slots. */

const modulesOf = (machine: Machine): Part[] => machine.parts.filter(({ kind }) => kind === 'module');
const moduleCautions = ['unplug', 'static', 'module-way-round'] as const;
const offFirst = 'Switch off and pull the cord.';

const inSlot = (module: Part, slot: string): Placement =>
  module.slot === slot ? { state: 'as-found' } : { state: 'moved', to: slot };

/** One module in one slot: a cell of the memory matrix. */
export function startsWithOneModule(machine: Machine, configuration: Configuration): Trial[] {
  const modules = modulesOf(machine);
  const slots = machine.parts.filter((part) => part.kind === 'slot');
  if (modules.length < 2 && slots.length < 2) return [];
  return modules.flatMap((module) =>
    slots.map((slot) => {
      const others = modules.filter((m) => m !== module && isFilled(configuration, m.id));
      const changes = [...others.map((m) => place(m, out)), place(module, inSlot(module, slot.id))];
      const watch = startAndWatch(machine, changes);
      return startTrial({
        ref: { kind: 'only', module: module.id, slot: slot.id },
        title: `Start with only ${nameInWords(module)} in ${slot.name}`,
        purpose: 'If it starts, this module and this slot are good.',
        steps: [offFirst, `Leave only ${nameInWords(module)} fitted, in ${slot.name}. Both sides click.`, watch.step],
        part: module,
        changes,
        handling: [{ act: 'reseat', part: module.id }],
        minutes: watch.minutes,
        cautions: moduleCautions,
        inside: true,
      });
    }),
  );
}

/** Every module out and one that works in their place: are they to blame, or what they stand in? */
export function startsWithSpareModuleOnly(machine: Machine, configuration: Configuration): Trial[] {
  const stays = moduleThatStays(machine, configuration);
  const others = modulesOf(machine).filter(({ id }) => id !== stays?.id && isFilled(configuration, id));
  if (!stays || others.length === 0 || !isOriginalIn(configuration, stays.id)) return [];
  const changes = [...others.map((module) => place(module, out)), place(stays, { state: 'spare' })];
  const watch = startAndWatch(machine, changes);
  return [
    startTrial({
      ref: { kind: 'only-spare', part: stays.id },
      title: 'Start with only a known-good module',
      purpose: 'Clears or blames all modules in one start.',
      steps: [
        offFirst,
        `Take out ${listOf([stays, ...others].map(nameInWords))}.`,
        `Put one known-good module where ${nameInWords(stays)} was. Both sides click.`,
        watch.step,
      ],
      part: stays,
      changes,
      minutes: watch.minutes,
      spares: ['module'],
      cautions: moduleCautions,
      inside: true,
    }),
  ];
}

/** One module in each channel, where more are fitted or two share a channel. */
export function startsWithOnePerChannel(machine: Machine, configuration: Configuration): Trial[] {
  const placed = onePerChannel(machine, configuration);
  if (!placed) return [];
  const stay = placed.map(({ module, slot }) => `${nameInWords(module)} in ${slot.name}`);
  const changes: Change[] = [
    ...fittedModules(machine, configuration)
      .filter((module) => !placed.some((one) => one.module === module))
      .map((module) => place(module, out)),
    ...placed
      .filter(({ module, slot }) => slotOf(configuration, module) !== slot.id)
      .map(({ module, slot }) => place(module, inSlot(module, slot.id))),
  ];
  if (changes.length === 0) return [];
  const watch = startAndWatch(machine, changes);
  return [
    startTrial({
      ref: { kind: 'one-per-channel' },
      title: 'Start with one module per channel',
      purpose:
        'Fewer modules are easier on the processor: shows whether the full board is the trouble, or a module that is out now.',
      steps: [offFirst, `Leave only ${listOf(stay)}. Both sides click.`, watch.step],
      changes,
      handling: placed.map(({ module }) => ({ act: 'reseat', part: module.id })),
      minutes: watch.minutes,
      cautions: moduleCautions,
      inside: true,
    }),
  ];
}

interface PlacedModule {
  readonly module: Part;
  readonly slot: Part;
}

/** For each channel the module that stays, in the slot of it that the manual fills first; null where there are too few. */
function onePerChannel(machine: Machine, configuration: Configuration): PlacedModule[] | null {
  const slots = machine.parts.filter(({ kind }) => kind === 'slot');
  const firstOf = new Map<string, Part>();
  for (const slot of slots) if (slot.channel && !firstOf.has(slot.channel)) firstOf.set(slot.channel, slot);
  const left = new Set(fittedModules(machine, configuration));
  if (firstOf.size < 2 || left.size < firstOf.size) return null;
  const stands = (slot: Part) => [...left].find((module) => slotOf(configuration, module) === slot.id);
  const inPlace = new Map([...firstOf.values()].map((slot) => [slot, stands(slot)]));
  for (const module of inPlace.values()) if (module) left.delete(module);
  return [...inPlace].flatMap(([slot, standing]) => {
    const module = standing ?? [...left][0];
    if (module) left.delete(module);
    return module ? [{ module, slot }] : [];
  });
}
