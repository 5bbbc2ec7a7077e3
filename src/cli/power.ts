import { readPowerFile } from '../contracts';
import {
  assessPower,
  LOADS,
  markedCutOuts,
  nameOf,
  outputFromWall,
  readTraceCsv,
  SCHOOL_NAMES,
  suggestPhases,
  type Estimate,
  type PowerAssessment,
} from '../core/power';
import { counted, percent } from '../core/wording';
import { CannotDo, type Answer } from './answer';
import { readOrRefuse } from './read-file';

const textOf = (path: string): string => new TextDecoder().decode(readOrRefuse(path));

/** What a machine draws against what its supply may give. Exit code 1 where the supply is too small or a chain is unsafe. */
export function answerBudget(path: string): Answer {
  const read = readPowerFile(jsonOf(path));
  if (!read.ok)
    throw new CannotDo(
      read.problems.map(({ path: at, message }) => `${path}: ${at.join('.') || 'file'}: ${message}`).join('\n'),
    );
  const assessed = assessPower(read.plan);
  return {
    ok: assessed.verdict.verdict !== 'too-small' && assessed.unsafe.length === 0,
    value: assessed,
    text: printBudget(assessed),
  };
}

function jsonOf(path: string): unknown {
  try {
    return JSON.parse(textOf(path)) as unknown;
  } catch (error) {
    if (error instanceof CannotDo) throw error;
    throw new CannotDo(`${path}: expected JSON, found something else`);
  }
}

const inWatts = ({ low, middle, high }: Estimate): string =>
  `${Math.round(middle)} W (${Math.round(low)} to ${Math.round(high)})`;

function printBudget({ verdict, budget, schools, weakest, unsafe }: PowerAssessment): string {
  const lines = [
    [verdict.sentence, verdict.overload].filter(Boolean).join(' '),
    '',
    ...LOADS.map((load) => `${load.padEnd(10)} ${inWatts(budget.loads[load])}`),
    ...(budget.limits.length === 0 ? [] : ['', 'Against the label:']),
    ...budget.limits.map(
      ({ limit, watts, headroomWatts, peakPasses }) =>
        `  ${limit.name}: ${Math.round(watts)} W, ${Math.round(headroomWatts)} W left at sustained load, a peak overloads it in ${percent(peakPasses)}`,
    ),
    '',
    'What each school asks for:',
    ...schools.map(({ school, watts, shortBy }, i) =>
      [
        `  ${SCHOOL_NAMES[school]}: ${Math.round(watts)} W`,
        shortBy !== null && shortBy > 0 ? `, short by ${Math.round(shortBy)}` : '',
        i === 0 ? ', governs' : '',
      ].join(''),
    ),
    ...schools
      .slice(0, 1)
      .map(
        ({ wouldFit: { ratingWatts, v12Amps } }) =>
          `What would fit: ${ratingWatts === null ? 'none that is sold' : `${ratingWatts} W`} with ${v12Amps} A on +12 V`,
      ),
    ...(weakest
      ? [
          '',
          `Weakest of the leads: ${nameOf(weakest.element)}, ${Math.round(weakest.watts)} of ${Math.round(weakest.limitWatts)} W`,
        ]
      : []),
    ...unsafe.map(({ reason, fix }) => `  ${reason} ${fix}`),
  ];
  return `${lines.join('\n')}\n`;
}

export interface TraceOrder {
  /** Rating of the supply in watts. */
  readonly label: number;
}

/** A wall meter's trace against the label of a supply. Exit code 1 where it cut out, or gave more than its label. */
export function answerTrace(path: string, { label }: TraceOrder): Answer {
  const read = readTraceCsv(textOf(path));
  if (!read.ok)
    throw new CannotDo(
      read.problems
        .map(({ row, column, message }) => `${path}: row ${row}${column && `, ${column}`}: ${message}`)
        .join('\n'),
    );
  const { trace } = read;
  const most = trace.reduce((peak, { watts }) => Math.max(peak, watts), 0);
  const output = outputFromWall(most, label);
  const cutOuts = markedCutOuts(trace, suggestPhases(trace));
  const passes = output.low > label;
  const lines = [
    `${counted(trace.length, 'reading')}, ${Math.round(trace.at(-1)?.seconds ?? 0)} s`,
    `Most at the wall: ${Math.round(most)} W; the supply gave ${Math.round(output.low)} to ${Math.round(output.high)} W of its ${label} W`,
    ...cutOuts.map(
      ({ seconds, watts }) => `Cut out at ${Math.round(seconds)} s, ${Math.round(watts)} W at the wall before`,
    ),
    ...(passes ? ['More than its label even with the least efficiency'] : []),
  ];
  return {
    ok: cutOuts.length === 0 && !passes,
    value: { readings: trace.length, mostWallWatts: most, outputWatts: output, labelWatts: label, cutOuts },
    text: `${lines.join('\n')}\n`,
  };
}
