import { counted, decimal, percent } from '../../core/wording';

/** Everything that turns a value into words on screen; what the core says of numbers and lists comes from its wording. */
export * from '../../core/wording';

const locale = 'en-GB';

/** A probability where there is hardly room. */
export const shortPercent = (probability: number): string =>
  percent(probability).replace('under', '<').replace('over', '>');

/** Minutes where there is hardly room. */
export const shortMinutes = (minutes: number): string => `${minutes < 1 ? '<\u00a01' : Math.round(minutes)}\u00a0min`;

/** Seconds as m:ss. */
export function clock(seconds: number): string {
  const whole = Math.max(0, Math.ceil(seconds));
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}

/** A weight of evidence with its sign. */
export const decibans = (weight: number): string => `${weight < 0 ? '−' : '+'}${decimal(Math.abs(weight), 1)}`;

const timeOfDay = new Intl.DateTimeFormat(locale, { hour: '2-digit', minute: '2-digit' });
const dayOfYear = new Intl.DateTimeFormat(locale, { weekday: 'short', day: 'numeric', month: 'short' });
const shortDay = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short' });
const fullDay = new Intl.DateTimeFormat(locale, { day: 'numeric', month: 'short', year: 'numeric' });

/** The time of day, 24 hours. */
export const timeOf = (iso: string): string => timeOfDay.format(new Date(iso));

/** Day, month and time. */
export const dateAndTime = (iso: string): string => `${shortDay.format(new Date(iso))} ${timeOf(iso)}`;

/** A moment as people say it at the bench: the time alone on the same day, the day with it otherwise. */
export function dayAndTime(iso: string, now: Date = new Date()): string {
  const moment = new Date(iso);
  if (moment.toDateString() === now.toDateString()) return timeOf(iso);
  const day = moment.getFullYear() === now.getFullYear() ? dayOfYear : fullDay;
  return `${day.format(moment)}, ${timeOf(iso)}`;
}

const spans: readonly (readonly [unit: Intl.RelativeTimeFormatUnit, seconds: number])[] = [
  ['year', 365 * 86_400],
  ['month', 30 * 86_400],
  ['day', 86_400],
  ['hour', 3600],
  ['minute', 60],
];
const relative = new Intl.RelativeTimeFormat(locale, { numeric: 'always' });

/** How long ago or until a moment, in its largest unit: "3 days ago", "in 2 hours", "just now". */
export function fromNow(iso: string, now: Date = new Date()): string {
  const seconds = (new Date(iso).getTime() - now.getTime()) / 1000;
  const span = spans.find(([, length]) => Math.abs(seconds) >= length);
  return span ? relative.format(Math.trunc(seconds / span[1]), span[0]) : 'just now';
}

const sizeUnits = [
  ['megabyte', 1e6],
  ['kilobyte', 1e3],
] as const;

/** How large a file is, as people say it. */
export function fileSize(bytes: number): string {
  const [unit, size] = sizeUnits.find(([, least]) => bytes >= least) ?? [];
  if (unit === undefined) return counted(bytes, 'byte');
  return new Intl.NumberFormat(locale, { style: 'unit', unit, maximumSignificantDigits: 3 }).format(bytes / size);
}
