import { applyChanges, type Configuration, type Machine } from '../../machine';
import { setUpMinutes, trialsFor, type Trial } from '../../trials';
import { cureProbability } from './cure-probability';
import type { HypothesisSpace } from './hypothesis-space';
import { lazy } from './lazy';
import { passAfterCure } from './pass-after-cure';
import { actingFinder, compileTrial, type OutcomeModel } from './outcome-model';
import { configurationKey } from '../belief/same-evidence';
import { factsOf } from './variant-facts';

export interface WatchedTrial {
  readonly model: OutcomeModel;
  /** The model's pass, with what the trial's handling may remove first. */
  readonly pass: Float64Array;
}

/** A trial that is possible in a configuration, ready to be weighed. */
export interface ReadyTrial {
  readonly trial: Trial;
  /** The configuration in which it is watched, and its key. */
  readonly watchedIn: Configuration;
  readonly stateKey: string;
  /** What it would show; compiled when first asked for: most repairs are never asked. */
  readonly watched: () => WatchedTrial;
  /** Minutes with set-up, from a closed and from an open case. */
  readonly minutesClosed: number;
  readonly minutesOpen: number;
}

type Curing = Pick<Trial, 'repair' | 'handling'>;

/** Compiled trials of one machine, made once for each thing observed in each configuration; many trials share them. */
export interface OutcomeModelCache {
  /** The variants that doing a trial may remove, each with the probability. */
  readonly curesOf: (trial: Curing) => Cures;
  readonly modelOf: (trial: Trial, configuration: Configuration) => OutcomeModel;
  /** By fault index: 1 where the fault, being present, can act in the configuration. */
  readonly actingIn: (configuration: Configuration) => Uint8Array;
  /** Every trial that is possible in a configuration. */
  readonly trialsIn: (configuration: Configuration) => readonly ReadyTrial[];
}

/** How many models are kept: a full desktop in two or three configurations. */
const maxModels = 1200;
const maxConfigurations = 12;

/** A book that fills as it is asked, and starts afresh when it is full. */
export function createOutcomeModelCache(machine: Machine, space: HypothesisSpace): OutcomeModelCache {
  const { variants, faults } = space;
  const actsIn = actingFinder(faults, machine);
  const acting = new Map<string, Uint8Array>();
  const models = new Map<string, OutcomeModel>();
  const ready = new Map<string, readonly ReadyTrial[]>();
  const cures = createCures(space);
  const actingIn = (key: string, configuration: Configuration): Uint8Array => {
    const known = acting.get(key) ?? actsIn(configuration);
    acting.set(key, known);
    return known;
  };
  const modelIn = (trial: Trial, configuration: Configuration, where: string): OutcomeModel => {
    const key = `${observedKey(trial)} ${where}`;
    const known = models.get(key);
    if (known) return known;
    if (models.size >= maxModels) {
      models.clear();
      acting.clear();
    }
    const model = compileTrial(trial, { machine, configuration, variants, acting: actingIn(where, configuration) });
    models.set(key, model);
    return model;
  };
  const makeReady = (trial: Trial, now: Configuration, nowKey: string): ReadyTrial => {
    const isChanged = trial.changes.length > 0;
    const after = isChanged ? applyChanges(now, trial.changes) : now;
    const stateKey = isChanged ? configurationKey(after) : nowKey;
    return {
      trial,
      watchedIn: after,
      stateKey,
      watched: lazy(() => {
        const model = modelIn(trial, after, stateKey);
        const cured = cures(trial);
        return { model, pass: cured.length > 0 ? passAfterCure(model.pass, cured) : model.pass };
      }),
      minutesClosed: trial.minutes + setUpMinutes(machine, trial, { caseOpen: false }),
      minutesOpen: trial.minutes + setUpMinutes(machine, trial, { caseOpen: true }),
    };
  };
  return {
    curesOf: cures,
    actingIn: (configuration) => actingIn(configurationKey(configuration), configuration),
    modelOf: (trial, configuration) => modelIn(trial, configuration, configurationKey(configuration)),
    trialsIn: (configuration) => {
      const nowKey = configurationKey(configuration);
      const known = ready.get(nowKey);
      if (known) return known;
      if (ready.size >= maxConfigurations) ready.clear();
      const all = trialsFor(machine, configuration).map((trial) => makeReady(trial, configuration, nowKey));
      ready.set(nowKey, all);
      return all;
    },
  };
}

function observedKey({ observe, part }: Trial): string {
  if (observe.kind === 'start') return observe.depth;
  return `${observe.kind === 'look' ? observe.look.id : observe.quantity.id} ${part?.id ?? ''}`;
}

type Cures = readonly (readonly [variant: number, probability: number])[];

/** Looks up what a trial may cure: each act on each part, and each repair, is asked of the faults once. */
function createCures({ variants }: HypothesisSpace): OutcomeModelCache['curesOf'] {
  const { atPart } = factsOf(variants);
  const inClass = new Map<string, number[]>();
  variants.forEach(({ fault }, v) => {
    const list = inClass.get(fault.repairClass.id);
    if (list) list.push(v);
    else inClass.set(fault.repairClass.id, [v]);
  });
  const asked = new Map<string, Cures>();
  const ask = (key: string, trial: Curing, among: readonly number[]): Cures => {
    const known = asked.get(key) ?? curedAmong(among, variants, trial);
    asked.set(key, known);
    return known;
  };
  return ({ repair, handling }) => {
    const all = handling.map((one) =>
      ask(`${one.act} ${one.part}`, { repair: null, handling: [one] }, atPart.get(one.part) ?? []),
    );
    if (repair) all.push(ask(repair.id, { repair, handling: [] }, inClass.get(repair.id) ?? []));
    return together(all.filter(({ length }) => length > 0));
  };
}

function curedAmong(among: readonly number[], variants: HypothesisSpace['variants'], trial: Curing): Cures {
  return among.flatMap((v): [number, number][] => {
    const fault = variants[v]?.fault;
    const probability = fault ? cureProbability(fault, trial) : 0;
    return probability > 0 ? [[v, probability]] : [];
  });
}

/** A fault stays only if it stays through each of several cures. */
function together(all: readonly Cures[]): Cures {
  if (all.length < 2) return all[0] ?? [];
  const stays = new Map<number, number>();
  for (const cures of all) for (const [v, probability] of cures) stays.set(v, (stays.get(v) ?? 1) * (1 - probability));
  return [...stays].map(([v, stay]) => [v, 1 - stay]);
}
