import { isFilled, nameInWords, type Configuration, type Machine, type Part } from '../machine';
import { LOOKS } from './catalogue/looks';
import { QUANTITIES } from './catalogue/quantities';
import { repairTrials } from './catalogue/repairs';
import {
  loadsWithDefaults,
  minimalStarts,
  startsBackInCase,
  startsOnBench,
  startsWithSet,
  startsWithoutGroups,
} from './catalogue/minimal-starts';
import {
  loadsWithSpare,
  plainStarts,
  startsWithAllBack,
  startsWithBack,
  startsWithout,
  startsWithSpare,
} from './catalogue/starts';
import { startsWithOneModule, startsWithOnePerChannel, startsWithSpareModuleOnly } from './catalogue/memory-starts';
import type { CautionId } from './caution';
import type { Look } from './look';
import { READING_OUTCOMES, scaledTo, type Quantity } from './quantity';
import type { Trial } from './trial';
import { formatTrialId, parseTrialId, type TrialKind } from './trial-id';

type MakeTrials = (machine: Machine, configuration: Configuration) => Trial[];

/** What makes the trials of each kind; kinds that are made together share one function. */
const makers: Readonly<Record<TrialKind, MakeTrials | null>> = {
  start: plainStarts,
  'start-and-wait': plainStarts,
  'run-under-load': plainStarts,
  'bridge-pins': plainStarts,
  look: (machine) => lookTrials(machine),
  measure: (machine) => measureTrials(machine),
  out: startsWithout,
  back: startsWithBack,
  'all-back': startsWithAllBack,
  'back-in-case': (machine, configuration) => (machine.onBench ? [] : startsBackInCase(configuration)),
  spare: startsWithSpare,
  'load-with-spare': loadsWithSpare,
  only: startsWithOneModule,
  'only-spare': startsWithSpareModuleOnly,
  'one-per-channel': startsWithOnePerChannel,
  'minimal-in-case': minimalStarts,
  'minimal-on-bench': minimalStarts,
  build: minimalStarts,
  set: (machine, configuration) => startsWithSet(machine, configuration),
  'on-bench': startsOnBench,
  'out-all': startsWithoutGroups,
  'load-with-defaults': loadsWithDefaults,
  repair: repairTrials,
  // Evidence that was not a trial: nobody can choose it.
  reported: null,
  tried: null,
  'set-up': null,
  flashed: null,
};

/** Every trial that can be done on the machine as it stands. Ids are unique and stable. */
export function trialsFor(machine: Machine, configuration: Configuration): Trial[] {
  const all = [...new Set(Object.values(makers))].filter((make) => make !== null);
  const asDone = asDoneOn(machine, configuration);
  return all.flatMap((make) => make(machine, configuration)).map(asDone);
}

/** What comes with doing a trial on a machine as it stands, whatever the trial is for. */
function asDoneOn(machine: Machine, configuration: Configuration): (trial: Trial) => Trial {
  const byButton = byButtonIn(machine, configuration);
  const drained = drainedOn(machine);
  return (trial) => drained(byButton(trial));
}

/** Whatever takes the cord out drains supply and board: what had shut itself off, or sleeps, comes back. */
function drainedOn(machine: Machine): (trial: Trial) => Trial {
  const drains = machine.parts.filter(({ kind }) => kind === 'supply' || kind === 'board');
  const known = drainedTrials.get(machine) ?? new WeakMap<Trial, Trial>();
  drainedTrials.set(machine, known);
  return (trial) => {
    const takesCordOut = trial.cautions.includes('unplug') || trial.part?.kind === 'cord';
    if (!takesCordOut) return trial;
    const own = new Set(trial.handling.flatMap(({ act, part }) => (act === 'drain' ? [part] : [])));
    const also = drains.filter(({ id }) => !own.has(id)).map(({ id }) => ({ act: 'drain' as const, part: id }));
    const drained = known.get(trial) ?? { ...trial, handling: [...trial.handling, ...also] };
    known.set(trial, drained);
    return drained;
  };
}

/** Looks and measurements are the same objects for ever: so are they with the supply drained. */
const drainedTrials = new WeakMap<Machine, WeakMap<Trial, Trial>>();

/** Bridged pins are for one start: in the case the next one is made with the case button again. */
function byButtonIn(machine: Machine, configuration: Configuration): (trial: Trial) => Trial {
  const hasButton = machine.parts.some(({ kind, id }) => kind === 'case-switch' && isFilled(configuration, id));
  if (configuration.start === 'button' || configuration.surface === 'bench' || !hasButton) return (trial) => trial;
  return (trial) =>
    trial.observe.kind !== 'start' || trial.changes.some(({ kind }) => kind === 'start' || kind === 'surface')
      ? trial
      : { ...trial, changes: [...trial.changes, { kind: 'start', to: 'button' }] };
}

/** One trial by its id, or null where the machine as it stands has none. */
export function findTrial(machine: Machine, configuration: Configuration, trialId: string): Trial | null {
  const ref = parseTrialId(trialId);
  const make = ref && makers[ref.kind];
  const trial = make?.(machine, configuration).find(({ id }) => id === trialId);
  return trial ? asDoneOn(machine, configuration)(trial) : null;
}

function oncePerMachine(make: (machine: Machine) => Trial[]): (machine: Machine) => Trial[] {
  const made = new WeakMap<Machine, Trial[]>();
  return (machine) => {
    const known = made.get(machine) ?? make(machine);
    made.set(machine, known);
    return known;
  };
}

/** Looks and measurements hang on the machine alone; a log asks for them at every entry. */
const lookTrials = oncePerMachine((machine) => {
  return LOOKS.flatMap((look) =>
    machine.parts
      .filter((part) => part.kind === look.at && (look.existsIn?.(machine, part) ?? true))
      .map((part) => lookTrial(look, part, machine)),
  );
});

const named = (text: string, part: Part): string => text.replaceAll('{part}', nameInWords(part));

/** Where the machine has several parts of the kind, the title says which one is meant. */
const titleFor = (title: string, part: Part, machine: Machine): string =>
  title.includes('{part}') || machine.parts.filter(({ kind }) => kind === part.kind).length < 2
    ? named(title, part)
    : `${title}: ${part.name}`;

function lookTrial(look: Look, part: Part, machine: Machine): Trial {
  const ref = { kind: 'look', look: look.id, part: part.id } as const;
  return {
    ref,
    id: formatTrialId(ref),
    title: titleFor(look.title, part, machine),
    purpose: look.purpose,
    steps: look.steps.map((step) => named(step, part)),
    part,
    observe: { kind: 'look', look },
    changes: [],
    handling: [],
    repair: null,
    commits: false,
    minutes: look.minutes,
    tools: look.tools ?? [],
    spares: [],
    needs: look.needs ?? null,
    cautions: look.inside && !look.needs ? unpowered(look.cautions) : look.cautions,
    inside: look.inside,
    outcomes: look.options,
  };
}

/** Hands in an open machine: the cord is out, whatever else there is to mind. */
const unpowered = (cautions: readonly CautionId[]): CautionId[] => [
  ...new Set<CautionId>(['unplug', 'static', ...cautions]),
];

const measureTrials = oncePerMachine((machine) => {
  return QUANTITIES.flatMap((quantity) =>
    machine.parts
      .filter((part) => part.kind === quantity.at && (quantity.existsIn?.(machine) ?? true))
      .map((part) => measureTrial(quantity, part, machine)),
  );
});

function measureTrial(usual: Quantity, part: Part, machine: Machine): Trial {
  const volts = part.kind === 'adapter' ? (machine.power?.adapterVolts ?? null) : null;
  const quantity = volts === null ? usual : scaledTo(usual, volts);
  const ref = { kind: 'measure', quantity: quantity.id, part: part.id } as const;
  return {
    ref,
    id: formatTrialId(ref),
    title: titleFor(quantity.title, part, machine),
    purpose: quantity.purpose,
    steps: quantity.steps,
    part,
    observe: { kind: 'measure', quantity },
    changes: [],
    handling: [],
    repair: null,
    commits: false,
    minutes: quantity.minutes,
    tools: quantity.meterVolts === undefined ? ['meter', ...(quantity.tools ?? [])] : (quantity.tools ?? []),
    spares: [],
    needs: quantity.needs,
    cautions: quantity.inside && !quantity.needs ? unpowered(quantity.cautions) : quantity.cautions,
    inside: quantity.inside,
    outcomes: READING_OUTCOMES,
  };
}
