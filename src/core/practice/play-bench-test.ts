import { completeMachine, type DeclaredMachine, type DeclaredPart } from '../machine';
import { breakOf, instantiateFaults } from '../faults';
import { analyseCase, type PartVerdict } from '../diagnosis';
import { createPracticeBench, doTrial, inputAt, trialAt } from './practice-bench';
import { usualEyes, type FaultyMachine } from './faulty-machine';
import { diceOf, pick, type Dice } from './random';

/** How one bench test went. Minutes are those that the engine computes for each trial. */
export interface PlayedBenchTest {
  readonly minutes: number;
  readonly trials: number;
  /** It came to an end of its own. */
  readonly isClosed: boolean;
  /** Parts that fail and were said to work, and good ones that were said to fail. */
  readonly wrongVerdicts: number;
  /** Good parts that were left without a verdict. */
  readonly untested: number;
}

/** A test that takes more is given up. */
const maxTrials = 60;
/** Every second heap of parts has one bad part in it. */
const hasBadPart = 0.5;

const several = (kind: DeclaredPart['kind'], count: number, from = 1, loose = false): DeclaredPart[] =>
  Array.from({ length: count }, (_, i) => ({
    id: `${kind}-${from + i}`,
    kind,
    name: `${kind} ${from + i}`,
    ...(loose ? { loose } : {}),
  }));

/** Parts as somebody lays them on a bench: one of everything, and now and then a second supply, kit or card. */
function drawParts(dice: Dice): DeclaredMachine {
  const hasCard = dice('card') < 0.5;
  return {
    name: 'Parts on the bench',
    parts: [
      ...several('supply', 1),
      ...several('supply', dice('second supply') < 0.4 ? 1 : 0, 2, true),
      ...several('module', dice('modules') < 0.6 ? 2 : 1),
      ...several('module', dice('second kit') < 0.4 ? 2 : 0, 3, true),
      ...(hasCard ? several('card', 1) : []),
      ...several('card', hasCard && dice('second card') < 0.3 ? 1 : 0, 2, true),
      ...(dice('drive') < 0.7 ? several('drive', 1) : []),
    ],
    board: { stageLights: dice('lights') < 0.7, trainsMemory: dice('trains') < 0.5 },
    builtInGraphics: !hasCard || dice('built-in graphics') < 0.5,
    onBench: true,
  };
}

/** The parts with one that has to go, or with none. */
function drawBench(seed: number): FaultyMachine {
  const dice = diceOf(seed);
  const completed = completeMachine(drawParts(dice));
  if (!completed.ok) throw new Error(completed.problems[0]?.message ?? 'expected parts that fit');
  const { machine } = completed;
  const bad = instantiateFaults(machine, ['used-parts']).filter(
    ({ repairClass: { repair, part }, part: own, mode }) =>
      repair === 'replace' && part.id === own.id && mode.stopProbability === undefined,
  );
  const fault =
    bad[
      pick(
        bad.map(({ weight }) => weight),
        dice('bad part'),
      )
    ];
  const [presentation] = fault?.mode.presentations ?? [];
  const faults =
    fault && presentation && dice('has a bad part') < hasBadPart
      ? [{ fault, stops: breakOf(fault, presentation, machine) }]
      : [];
  return {
    machine,
    circumstances: ['used-parts'],
    faults,
    reported: 'works',
    complaint: 'works',
    underLoad: false,
    eyes: usualEyes,
    dice,
  };
}

/** Plays one bench test by the engine's own advice, until it says that it is done. Deterministic in the seed. */
export function playBenchTest(seed: number): PlayedBenchTest {
  const faulty = drawBench(seed);
  const bench = createPracticeBench(faulty);
  let replay: Parameters<typeof analyseCase>[1] = null;
  for (;;) {
    const analysis = analyseCase(inputAt(bench, {}), replay);
    replay = analysis.known;
    const { trialId, kind } = analysis.advice;
    if (trialId === null || bench.steps.length >= maxTrials) {
      const bad = new Set(faulty.faults.map(({ fault }) => fault.part.id));
      return {
        minutes: bench.minutes,
        trials: bench.steps.length,
        isClosed: kind === 'close',
        ...judged(analysis.proving?.verdicts ?? {}, bad),
      };
    }
    const proposal = analysis.plan.proposals.find(({ trial }) => trial.id === trialId);
    const trial = proposal?.trial ?? trialAt(bench, trialId);
    bench.minutes += proposal?.minutes ?? trial.minutes;
    doTrial(bench, trial);
  }
}

function judged(verdicts: Readonly<Record<string, PartVerdict>>, bad: ReadonlySet<string>) {
  const all = Object.entries(verdicts);
  const isWrong = ([id, verdict]: [string, PartVerdict]) =>
    bad.has(id) ? verdict === 'works' || verdict === 'not-loaded' : verdict === 'fails';
  return {
    wrongVerdicts: all.filter(isWrong).length,
    untested: all.filter(([id, verdict]) => !bad.has(id) && verdict === 'not-tested').length,
  };
}
