import type { CaseState, SpareOut } from './case-state';
import type { PartEvent, PartHome, PartLent, PartMoved } from './part-events';
import { partsCame } from './parts-came';
import { replaceLast } from './replace-last';
import { advance, refuse, type Stepped } from './stepped';

/** What came, went, or was lent. */
export function foldPartEvent(state: CaseState, event: PartEvent): Stepped {
  switch (event.kind) {
    case 'part-lent':
      return lendSpare(state, event);
    case 'part-home':
      return takeSpareHome(state, event);
    case 'part-moved':
      return movePart(state, event);
  }
}

/** A spare of the shelf comes to the case. */
function lendSpare(state: CaseState, event: PartLent): Stepped {
  const { item, name, part, serial = null } = event;
  const place = state.machine.parts.find(({ id }) => id === part);
  if (!place) return refuse(['part'], 'unknown-part', `expected a part of this machine, found "${part}"`);
  if (state.sparesOut.some((spare) => spare.item === item))
    return refuse(['item'], 'lent-already', `expected a spare that is on the shelf, found one that is here (${name})`);
  const lent: SpareOut = { item, name, part, serial, since: event.at };
  return advance({
    ...state,
    ...partsCame(state),
    sparesOut: [...state.sparesOut, lent],
    entries: replaceLast(state, null, `for ${place.name}`),
  });
}

/** A spare goes back to the shelf, with what it was worth here. */
function takeSpareHome(state: CaseState, event: PartHome): Stepped {
  const lent = state.sparesOut.find(({ item }) => item === event.item);
  if (!lent) return refuse(['item'], 'not-lent', `expected a spare that is out for this case, found ${event.item}`);
  return advance({
    ...state,
    sparesOut: state.sparesOut.filter((spare) => spare !== lent),
    sparesHome: [...state.sparesHome, { ...lent, result: event.result, home: event.at }],
    entries: replaceLast(state, null, lent.name),
  });
}

/** A part comes or goes. */
function movePart(state: CaseState, event: PartMoved): Stepped {
  const { part, price, lot } = event;
  if (part !== undefined && !state.machine.parts.some(({ id }) => id === part))
    return refuse(['part'], 'unknown-part', `expected a part of this machine, found "${part}"`);
  if (price !== undefined && lot !== undefined)
    return refuse(['lot'], 'one-of-two', 'expected the price of the part or of a lot, found both');
  const came = event.way === 'bought' ? partsCame(state) : {};
  return advance({ ...state, ...came, partMoves: [...state.partMoves, event] });
}

/** Spares that nobody has written as still out; a case is not closed over them. */
export const sparesForgotten = ({ sparesOut }: CaseState, stillLent: readonly string[] = []): readonly SpareOut[] =>
  sparesOut.filter(({ item }) => !stillLent.includes(item));
