import type { Configuration, Machine } from '../machine';
import type { Trial } from '../trials';
import type { HypothesisSpace } from './hypothesis-space';
import { actingFaults, compileTrial, type OutcomeModel } from './outcome-model';
import { configurationKey } from './same-evidence';

/** Compiled trials of one machine, made once for each thing observed in each configuration; many trials share them. */
export interface ModelBook {
  readonly modelOf: (trial: Trial, configuration: Configuration) => OutcomeModel;
}

/** So many models are kept: a full desktop in two or three configurations. */
const mostKept = 1200;

/** A book that fills as it is asked, and starts afresh when it is full. */
export function createModelBook(machine: Machine, { variants, faults }: HypothesisSpace): ModelBook {
  const acting = new Map<string, Uint8Array>();
  const models = new Map<string, OutcomeModel>();
  const actingIn = (key: string, configuration: Configuration): Uint8Array => {
    const known = acting.get(key) ?? actingFaults(faults, machine, configuration);
    acting.set(key, known);
    return known;
  };
  const modelOf = (trial: Trial, configuration: Configuration): OutcomeModel => {
    const where = configurationKey(configuration);
    const key = `${observedKey(trial)} ${where}`;
    const known = models.get(key);
    if (known) return known;
    if (models.size >= mostKept) {
      models.clear();
      acting.clear();
    }
    const model = compileTrial(trial, { machine, configuration, variants, acting: actingIn(where, configuration) });
    models.set(key, model);
    return model;
  };
  return { modelOf };
}

function observedKey({ observe, part }: Trial): string {
  if (observe.kind === 'start') return observe.depth;
  return `${observe.kind === 'look' ? observe.look.id : observe.quantity.id} ${part?.id ?? ''}`;
}
