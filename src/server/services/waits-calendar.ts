import { caseNumber } from '../../core/wording';
import { createEvents, type EventAttributes } from 'ics';
import type { CaseSummary } from '../../contracts';

const shownMinutes = 15;

/** What is parked until a moment, as a calendar (RFC 5545); `linkTo` makes the address of a case. */
export function waitsCalendar(cases: readonly CaseSummary[], linkTo: (caseId: string) => string): string {
  const events = cases.flatMap(({ id, number, machine, waitingFor, waitingUntil }): EventAttributes[] => {
    if (waitingUntil === null) return [];
    return [
      {
        uid: id,
        title: `${caseNumber(number)} ${machine}: ${waitingFor ?? 'waits'}`,
        start: Date.parse(waitingUntil),
        startInputType: 'utc',
        startOutputType: 'utc',
        duration: { minutes: shownMinutes },
        url: linkTo(id),
        productId: 'jovial-probe',
        calName: 'Waits at the bench',
      },
    ];
  });
  if (events.length === 0)
    return 'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:jovial-probe\r\nCALSCALE:GREGORIAN\r\nEND:VCALENDAR\r\n';
  const { error, value } = createEvents(events);
  if (error || !value) throw error ?? new Error('waitsCalendar: expected a calendar, found nothing');
  return value;
}
