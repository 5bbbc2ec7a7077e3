import { applyChanges, asFound, completeMachine, type DeclaredPart, type Machine } from '../../src/core/machine';
import { createCaseDiagnoser, foldCase, type CaseEvent } from '../../src/core/casework';
import {
  createDiagnoser,
  type Diagnoser,
  type Diagnosis,
  type DiagnosisInput,
  type EvidenceStep,
} from '../../src/core/diagnosis';
import { applyStep, compileStep, priorBelief } from '../../src/core/diagnosis/belief/belief';
import { createSpace } from '../../src/core/diagnosis/model/hypothesis-space';
import { createOutcomeModelCache } from '../../src/core/diagnosis/model/outcome-model-cache';
import { instantiateFaults } from '../../src/core/faults';
import { findTrial, handlingOf, misreadProbabilityOf } from '../../src/core/trials';
import { quantileOf } from '../../src/core/practice';

/** How long the engine takes on one core, warm, and how that grows. */

const several = (count: number, kind: DeclaredPart['kind'], more: Partial<DeclaredPart> = {}): DeclaredPart[] =>
  Array.from({ length: count }, (_, i) => ({ id: `${more.bus ?? kind}-${i + 1}`, kind, ...more }));

const slots = ['A2', 'B2', 'A1', 'B1'].map((name) => ({ name, channel: name.charAt(0) }));

/** A desktop with everything, and enough drives, leads and devices for so many fault instances. */
export function desktopOf(instances: number): Machine {
  for (let extra = 0; ; extra++) {
    const parts: DeclaredPart[] = [
      ...several(instances < 100 ? 1 : 4, 'module'),
      ...(instances < 100 ? [] : several(1, 'card')),
      ...several(1 + Math.floor(extra / 4), 'drive'),
      ...several(Math.floor(extra / 8), 'drive', { bus: 'm2' }),
      ...several(Math.floor(extra / 2), 'front-usb'),
      ...several(Math.floor(extra / 2), 'usb-device'),
      ...several(Math.floor(extra / 3), 'fan'),
    ];
    const completed = completeMachine({
      name: 'Full desktop',
      parts,
      ...(instances < 100 ? { bare: true } : {}),
      board: { stageLights: true, slots: instances < 100 ? slots.slice(0, 1) : slots },
      builtInGraphics: true,
    });
    if (!completed.ok) throw new Error(completed.problems[0]?.message);
    if (instantiateFaults(completed.machine).length >= instances) return completed.machine;
  }
}

const log = [
  ['start', 'twitch'],
  ['look/supply-fan/supply', 'kicks'],
  ['look/power-plugs/board', 'seated'],
  ['out/front-usb-1', 'twitch'],
  ['measure/vsb/supply', 'within'],
  ['out/drive-1', 'twitch'],
  ['look/board-signs/board', 'clean'],
] as const;

function stepsOn(machine: Machine): EvidenceStep[] {
  let configuration = asFound;
  return log.flatMap(([id, outcome], k): EvidenceStep[] => {
    const trial = findTrial(machine, configuration, id);
    if (!trial) return [];
    configuration = applyChanges(configuration, trial.changes);
    const handling = handlingOf(trial, trial.changes);
    return [
      {
        id: `${k}`,
        trial,
        configuration,
        handling,
        outcome,
        volts: null,
        misreadProbability: misreadProbabilityOf(trial),
      },
    ];
  });
}

const runs = 15;
/** Before anything is timed. */
const warmUpRuns = 5;
const median = (values: readonly number[]): number => quantileOf(values, 0.5);

function timed(work: () => void): number {
  const from = performance.now();
  work();
  return performance.now() - from;
}

/**
 * Suspects, links, doubts, plan and advice of a full desktop, as the screen asks for them first, and that with all that
 * follows: every other trial whole and the evidence of every suspect. Medians in milliseconds.
 */
export function latency() {
  const machine = desktopOf(300);
  const steps = stepsOn(machine);
  const first = timesOf(machine, steps, (diagnose, input) => diagnose.first(input, []));
  const whole = timesOf(machine, steps, (diagnose, input) => diagnose(input));
  const events = caseOfSixty(machine);
  const replays = Array.from({ length: runs }, () =>
    timed(() => {
      const folded = foldCase(events);
      if (!folded.ok) throw new Error(folded.problem.message);
      createCaseDiagnoser().first(folded.state, [], []);
    }),
  );
  return {
    instances: instantiateFaults(machine).length,
    hypotheses: createSpace(machine, []).prior.length,
    latencyMs: { ...first, replay60: median(replays) },
    wholeMs: whole,
    memoryMb: process.memoryUsage().rss / 1e6,
  };
}

function timesOf(
  machine: Machine,
  steps: readonly EvidenceStep[],
  ask: (diagnose: Diagnoser, input: DiagnosisInput) => Diagnosis,
) {
  const before: number[] = [];
  const after: number[] = [];
  for (let run = -warmUpRuns; run < runs; run++) {
    const diagnose = createDiagnoser();
    const keep = (into: number[], ms: number) => run >= 0 && into.push(ms);
    const input = { machine, circumstances: [], configuration: asFound, caseOpen: false };
    keep(
      before,
      timed(() => ask(diagnose, { ...input, steps: [] })),
    );
    steps.forEach(({ configuration }, k) =>
      keep(
        after,
        timed(() => ask(diagnose, { ...input, configuration, steps: steps.slice(0, k + 1), caseOpen: true })),
      ),
    );
  }
  return { beforeEvidence: median(before), afterOutcome: median(after) };
}

/** A case of sixty events: looks, swaps and starts that never find it. */
export function caseOfSixty(machine: Machine): CaseEvent[] {
  const base = (n: number) => ({
    id: `00000000-0000-4000-8000-${n.toString().padStart(12, '0')}`,
    at: new Date(Date.UTC(2026, 0, 5, 9, n)).toISOString(),
    by: 'Bench',
  });
  const { name, board, builtInGraphics } = machine;
  const parts = machine.parts.flatMap(({ id, kind, bus }): DeclaredPart[] =>
    kind === 'slot' || kind === 'channel' ? [] : [{ id, kind, ...(bus ? { bus } : {}) }],
  );
  const round = [
    ['start', 'twitch'],
    ['look/supply-fan/supply', 'kicks'],
    ['out/front-usb-1', 'twitch'],
    ['back/front-usb-1', 'twitch'],
    ['look/power-plugs/board', 'seated'],
    ['out/drive-1', 'twitch'],
    ['spare/card-1', 'twitch'],
    ['back/drive-1', 'twitch'],
    ['measure/vsb/supply', 'within'],
    ['back/card-1', 'twitch'],
  ] as const;
  return [
    {
      ...base(0),
      kind: 'case-opened',
      machine: { name, parts, board, builtInGraphics },
      owner: 'Owner',
      complaint: 'It twitches',
      circumstances: [],
      reported: 'twitch',
    },
    ...Array.from({ length: 59 }, (_, k): CaseEvent => {
      const [trial, outcome] = round[k % round.length] ?? round[0];
      return { ...base(k + 1), kind: 'trial-done', trial, outcome };
    }),
  ];
}

/** Milliseconds to weigh one event, by number of fault instances. */
export function scaling() {
  return [60, 125, 250, 500].map((wanted) => {
    const machine = desktopOf(wanted);
    const space = createSpace(machine, []);
    const book = createOutcomeModelCache(machine, space);
    const [start] = stepsOn(machine);
    if (!start) throw new Error('expected a start');
    const compiled = compileStep(space, start, book);
    const belief = priorBelief(space);
    const times = Array.from({ length: 4 * runs }, () => timed(() => applyStep(belief, space, compiled)));
    return { instances: space.faults.length, hypotheses: space.prior.length, msPerEvent: median(times) };
  });
}
