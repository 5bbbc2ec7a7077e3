import { format, isSameDay, isSameYear } from 'date-fns';

/** A probability in whole percent; "under 1 %" below that, "over 99 %" above. */
export function percent(probability: number): string {
  if (probability > 0 && probability < 0.01) return 'under 1 %';
  if (probability < 1 && probability > 0.99) return 'over 99 %';
  return `${Math.round(100 * probability)} %`;
}

/** The same where there is hardly room. */
export const shortPercent = (probability: number): string =>
  percent(probability).replace('under', '<').replace('over', '>');

/** Minutes rounded to what is known: halves below three, whole ones above. */
export function minutesInWords(minutes: number): string {
  if (minutes <= 0.5) return 'half a minute';
  const rounded = minutes < 3 ? Math.round(2 * minutes) / 2 : Math.round(minutes);
  return rounded === 1 ? '1 minute' : `${rounded} minutes`;
}

/** Seconds as m:ss. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** The case number as it is written on the tag: four digits. */
export const caseNumber = (number: number): string => String(number).padStart(4, '0');

/** A weight of evidence with its sign. */
export const decibans = (weight: number): string => `${weight < 0 ? '−' : '+'}${Math.abs(weight).toFixed(1)}`;

/** A moment as people say it at the bench: the time alone on the same day, the day with it otherwise. */
export function dayAndTime(iso: string, now: Date = new Date()): string {
  const moment = new Date(iso);
  if (isSameDay(moment, now)) return format(moment, 'HH:mm');
  return format(moment, isSameYear(moment, now) ? 'EEE d MMM, HH:mm' : 'd MMM yyyy, HH:mm');
}
