import type { CaseState, PartFacts } from './case-state';
import type { PartNoted } from './event';
import { replaceLast } from './replace-last';
import { advance, refuse, type Stepped } from './stepped';

const noFacts: PartFacts = {
  ratedMts: null,
  runningMts: null,
  paid: null,
  make: null,
  model: null,
  serial: null,
  rating: null,
  condition: null,
};

/** Facts of one part; what is given takes the place of what was noted before. */
export function notePart(state: CaseState, event: PartNoted): Stepped {
  const { part: id } = event;
  const part = state.machine.parts.find((one) => one.id === id);
  if (!part) return refuse(['part'], 'unknown-part', `expected a part of this machine, found "${id}"`);
  if (part.kind !== 'module' && (event.ratedMts !== undefined || event.runningMts !== undefined))
    return refuse(['part'], 'not-a-module', `expected a module for a speed, found "${id}"`);
  const noted = Object.keys(noFacts) as (keyof PartFacts)[];
  const facts = Object.fromEntries(noted.flatMap((key) => (event[key] === undefined ? [] : [[key, event[key]]])));
  return advance({
    ...state,
    partFacts: { ...state.partFacts, [id]: { ...(state.partFacts[id] ?? noFacts), ...facts } },
    entries: replaceLast(state, null, part.name),
  });
}
