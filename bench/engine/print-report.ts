import type { StrategyScore } from '../../src/core/practice';
import type { Report } from './report';

const two = (value: number): string => value.toFixed(2);
const percent = (share: number): string => `${(100 * share).toFixed(1)} %`;

function table(rows: readonly (readonly string[])[]): string {
  const widths = (rows[0] ?? []).map((_, c) => Math.max(...rows.map((row) => (row[c] ?? '').length)));
  return rows
    .map((row) =>
      row.map((cell, c) => (c === 0 ? cell.padEnd(widths[c] ?? 0) : cell.padStart(widths[c] ?? 0))).join('  '),
    )
    .join('\n');
}

function strategyTable(strategies: readonly StrategyScore[]): string {
  const best = strategies.find(({ name }) => name === 'best-value')?.meanMinutesToIsolate ?? 0;
  return table([
    ['order', 'to isolate', '90 %', 'to fix', 'trials', 'wrong repairs', 'wrong parts', 'left', 'best value takes'],
    ...strategies.map((p) => [
      p.name,
      p.meanMinutesToIsolate.toFixed(1),
      p.p90MinutesToIsolate.toFixed(0),
      p.meanMinutesToFix.toFixed(1),
      p.meanTrials.toFixed(1),
      percent(p.wrongRepairShare),
      p.wrongPartsPerMachine.toFixed(3),
      percent(p.unrepairedShare),
      two(best / p.meanMinutesToIsolate),
    ]),
  ]);
}

/** Orders that leave out only tests with no new information. */
const plainly = (strategies: readonly StrategyScore[]): StrategyScore[] =>
  strategies.map((score) => ({ ...score, name: `${score.name}, plain` }));

const sillyWords = (silly: Report['silly']): string =>
  Object.entries(silly)
    .map(([kind, count]) => `${kind} ${count}`)
    .join(', ');

/** The report as tables for a person. */
export function printReport(report: Report): string {
  const { optimumRatio, costRatio, latencyMs, wholeMs, latencyOf } = report;
  return `
posterior against enumeration, largest difference   ${report.exactMaxError.toExponential(1)}
minutes to isolation over the optimum               mean ${two(optimumRatio.mean)}, 90 % ${two(optimumRatio.p90)}
money to the right repair over the optimum          mean ${costRatio.mean.toFixed(3)}

${report.cases} machines, minutes
${strategyTable([...report.strategies, ...plainly(report.plainOrders.usual)])}
calibration error ${report.calibrationError.toFixed(3)}

the same under stress
${strategyTable([...report.stress.strategies, ...plainly(report.plainOrders.stress)])}
calibration error ${report.stress.calibrationError.toFixed(3)}

silly advice                         ${sillyWords(report.silly)}

with tests that cannot be done (10 %) or leave one unsure (5 %)
${strategyTable(report.unsure.strategies)}
silly advice                         ${sillyWords(report.unsure.silly)}

with starting weights off by up to e^±1.5
${strategyTable(report.misled.strategies)}

double faults left unrepaired        ${percent(report.doubles.unrepairedShare)} of ${report.doubles.cases}
parts on the bench                   ${report.benchTests.meanMinutes.toFixed(1)} min, ${report.benchTests.meanTrials.toFixed(1)} starts and looks, ${percent(report.benchTests.closedShare)} of ${report.benchTests.cases} to an end, ${report.benchTests.wrongVerdicts} wrong verdicts
flipped entry among first two doubts ${percent(report.doubtful.share)} of ${report.doubtful.flips}
doubts in a log without a flip       ${percent(report.doubtful.falseAlarmShare)}

full desktop: ${latencyOf.instances} fault instances, ${latencyOf.hypotheses} hypotheses, ${latencyOf.memoryMb.toFixed(0)} MB
before evidence ${latencyMs.beforeEvidence.toFixed(0)} ms, after an outcome ${latencyMs.afterOutcome.toFixed(0)} ms, 60 events ${latencyMs.replay60.toFixed(0)} ms
with all that follows: ${wholeMs.beforeEvidence.toFixed(0)} and ${wholeMs.afterOutcome.toFixed(0)} ms

${table([['instances', 'hypotheses', 'ms an event'], ...report.scaling.map((s) => [`${s.instances}`, `${s.hypotheses}`, s.msPerEvent.toFixed(2)])])}
`;
}
