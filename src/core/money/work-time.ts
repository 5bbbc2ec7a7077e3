import { differenceInSeconds, parseISO } from 'date-fns';
import type { CaseState, Entry } from '../casework';

/** What a gap between two entries has beyond this is waiting, or another machine. */
export const longestGapMinutes = 20;

export interface WorkTime {
  /** By name, as entries give it. */
  readonly person: string;
  /** Active minutes by the log: between entries that follow each other closely. */
  readonly logged: number;
  /** What was typed in their place; null where the log is right. */
  readonly corrected: { readonly minutes: number; readonly reason: string } | null;
  /** What counts. */
  readonly minutes: number;
}

/** How long each person worked on a case, and how long it only waited, in minutes. */
export function workTimes({ entries, money }: Pick<CaseState, 'entries' | 'money'>): {
  readonly people: readonly WorkTime[];
  readonly waitingMinutes: number;
} {
  const logged = new Map<string, number>();
  let waitingMinutes = 0;
  let before: Entry | null = null;
  for (const entry of entries) {
    const { by } = entry.event;
    const gap = before ? gapMinutes(before, entry) : 0;
    // Parked is parked, however soon somebody goes on; what came with another bench's log was not worked here.
    const isPause = before?.event.kind === 'case-parked' || before?.event.kind === 'case-closed';
    const isElsewhere = entry.event.recorded?.imported === true;
    const active = isPause || isElsewhere ? 0 : Math.min(gap, longestGapMinutes);
    logged.set(by, (logged.get(by) ?? 0) + active);
    waitingMinutes += gap - active;
    before = entry;
  }
  for (const { person } of money.corrected) if (!logged.has(person)) logged.set(person, 0);
  const people = [...logged].map(([person, minutes]): WorkTime => {
    const own = money.corrected.find((one) => one.person === person);
    const corrected = own ? { minutes: own.minutes, reason: own.reason } : null;
    return { person, logged: minutes, corrected, minutes: corrected?.minutes ?? minutes };
  });
  return { people: people.filter(({ logged: own, corrected }) => own > 0 || corrected), waitingMinutes };
}

const gapMinutes = (a: Entry, b: Entry): number =>
  Math.max(0, differenceInSeconds(parseISO(b.event.at), parseISO(a.event.at)) / 60);
