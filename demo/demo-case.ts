import type { WritableEvent, CaseOpened, EventBody } from '../src/core/casework';

/** One entry of a demo log: minutes after opening, and the event. */
export interface DemoEntry {
  readonly afterMinutes: number;
  readonly by?: string;
  readonly event: Exclude<EventBody, { kind: 'case-opened' }>;
  /** For a parked case: how long it is thought to wait. */
  readonly waitMinutes?: number;
}

/** A demo case as data; times are counted back from the moment of loading. */
export interface DemoCase {
  /** Two digits, unique among the demo cases. */
  readonly key: string;
  readonly openedMinutesAgo: number;
  readonly by: string;
  readonly opened: Omit<CaseOpened, 'id' | 'at' | 'by' | 'kind'>;
  readonly entries: readonly DemoEntry[];
}

/** The id of a demo case or of one of its events; the same at every loading. */
export const demoId = (key: string, entry = 0): string =>
  `0d3a0c00-0000-4000-8000-00000000${key}${entry.toString().padStart(2, '0')}`;

/** The events of a demo case as they would stand at `now`. */
export function eventsOfDemoCase({ key, openedMinutesAgo, by, opened, entries }: DemoCase, now: Date): WritableEvent[] {
  const at = (afterMinutes: number) =>
    new Date(now.getTime() - 60_000 * (openedMinutesAgo - afterMinutes)).toISOString();
  const first: WritableEvent = { ...opened, kind: 'case-opened', id: demoId(key, 1), at: at(0), by };
  const rest = entries.map((entry, i) => ({
    ...entry.event,
    ...(entry.waitMinutes === undefined ? {} : { until: at(entry.afterMinutes + entry.waitMinutes) }),
    id: demoId(key, i + 2),
    at: at(entry.afterMinutes),
    by: entry.by ?? by,
  }));
  return [first, ...rest];
}

/** Shorthand for the commonest entry. */
export const trial = (
  afterMinutes: number,
  id: string,
  outcome: string,
  more: { volts?: number; note?: string } = {},
): DemoEntry => ({ afterMinutes, event: { kind: 'trial-done', trial: id, outcome, ...more } });
