import { applyEvent, keepUnread, openCase } from './apply-event';
import type { CaseState, Folded } from './case-state';
import type { Refusal } from './check-event';
import { clearedWithoutProof } from './consent';
import type { CaseEvent } from './event';
import { refuse, type Stepped } from './stepped';

/**
 * Replays a case's log into its state. Pure: the same events give the same state anywhere.
 * Failure: the first event that does not fit, with the path of its field; nothing is half applied.
 */
export const foldCase = (events: readonly CaseEvent[]): Folded => fold(events, () => false);

/**
 * Replays a log that was accepted once. Where an entry does not fit any more, as its ids or rules have changed since, it
 * is kept, marked as unread, and counts for nothing. Failure: a log that does not begin by opening a machine.
 */
export const foldStored = (events: readonly CaseEvent[]): Folded => fold(events, () => true);

/**
 * Continues a log: what is new must fit, and what counted before must still do. Costs only the new events, but for one
 * that strikes another. The index in a problem counts from the first new event; it is negative for an earlier one.
 */
export function foldOn(state: CaseState, more: readonly CaseEvent[]): Folded {
  const unproven = clearedWithoutProof(state, more);
  if (unproven) return { ok: false, problem: unproven };
  if (!more.some(({ kind }) => kind === 'entry-struck')) return continueFold(state, more);
  const closedAt = strikeOnClosed(state, more);
  if (closedAt >= 0) return refused(closedAt, onClosed);
  const before = state.entries;
  const all = [...before.map(({ event }) => event), ...more];
  const folded = fold(all, (index) => (before[index]?.unread ?? null) !== null);
  if (folded.ok) return folded;
  const { event, ...refusal } = folded.problem;
  return refused(event - before.length, refusal);
}

const onClosed = {
  path: ['kind'],
  code: 'case-closed',
  message: 'expected case-reopened first, found an entry crossed out after the case was closed',
} as const;

/** The first of the new entries that crosses out something of a closed case; -1 for none. */
const strikeOnClosed = ({ stage }: CaseState, more: readonly CaseEvent[]): number =>
  stage === 'closed' && more[0]?.kind !== 'case-reopened' ? more.findIndex(({ kind }) => kind === 'entry-struck') : -1;

function continueFold(before: CaseState, more: readonly CaseEvent[]): Folded {
  const seen = new Set(before.entries.map(({ event }) => event.id));
  let state = before;
  for (const [index, event] of more.entries()) {
    const next = seen.has(event.id) ? duplicate(event.id) : applyEvent(state, event, null);
    if (!next.ok) return refused(index, next.refusal);
    seen.add(event.id);
    state = next.state;
  }
  return { ok: true, state };
}

function fold(events: readonly CaseEvent[], mayBeUnread: (index: number) => boolean): Folded {
  const struck = struckBy(events);
  const [first, ...rest] = events;
  if (first?.kind !== 'case-opened')
    return refused(0, {
      path: ['kind'],
      code: 'not-opened',
      message: `expected case-opened as the first event, found ${first?.kind ?? 'no event'}`,
    });
  const opened = openCase(first);
  if (!opened.ok) return refused(0, opened.refusal);
  let state = opened.state;
  const seen = new Set([first.id]);
  for (const [index, event] of rest.entries()) {
    const next = seen.has(event.id) ? duplicate(event.id) : applyEvent(state, event, struck.get(event.id) ?? null);
    if (next.ok) state = next.state;
    else if (mayBeUnread(index + 1)) state = keepUnread(state, event, next.refusal);
    else return refused(index + 1, next.refusal);
    seen.add(event.id);
  }
  return { ok: true, state };
}

const refused = (event: number, refusal: Refusal): Folded => ({ ok: false, problem: { event, ...refusal } });
const duplicate = (id: string): Stepped =>
  refuse(['id'], 'duplicate-event', `expected an id used once in the log, found "${id}" again`);

/** Which entry is crossed out by which. One that is crossed out itself crosses out nothing: the last word counts. */
function struckBy(events: readonly CaseEvent[]): Map<string, string> {
  const struck = new Map<string, string>();
  for (const event of [...events].reverse())
    if (event.kind === 'entry-struck' && !struck.has(event.id) && !struck.has(event.entry))
      struck.set(event.entry, event.id);
  return struck;
}
