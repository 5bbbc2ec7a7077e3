import type { OutcomeOption } from './outcome-option';

/** Probability, 0 to 1, that a look at a sound part reports something: engineering judgement. */
const falseAlarm = 0.02;
/** The same for each thing that nobody sees where it is not. */
const plainFalseAlarm = 0.001;

/** What a look at a sound part reports, in the order of its options: almost always the first. They sum to 1. */
export function falseAlarmsOf(options: readonly OutcomeOption[], factor = 1): Float64Array {
  const others = options.length - 1;
  const alarms = Float64Array.from(options, ({ isPlain }, o) =>
    o === 0 ? 0 : factor * (isPlain ? plainFalseAlarm : falseAlarm / others),
  );
  alarms[0] = 1 - alarms.reduce((sum, probability) => sum + probability, 0);
  return alarms;
}
