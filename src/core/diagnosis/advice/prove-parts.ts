import { capitalized, counted, listOf, minutesInWords } from '../../wording';
import { isOriginalIn, nameInWords, type Part } from '../../machine';
import { repairOf, type RepairClass } from '../../faults';
import { formatTrialId } from '../../trials';
import { chooseTest } from './choose-test';
import { sureEnough } from './how-sure';
import { repairsDone } from './log-facts';
import { lookAgain } from './look-again';
import { onceMore, undecidedWords } from './nothing-tells';
import { isAsExpected, PART_VERDICTS } from './part-verdicts';
import { aloneIn, type Proving } from './proving';
import { canBeDone, repairTrialId, type Advice, type Situation } from './situation';

/**
 * Parts on the bench: what is expected is a pass, and the next start is the one that proves most. Where a start shows
 * less, the part to blame is looked for; then the rest goes on without it. It ends in a list of parts.
 */
export function proveParts(situation: Situation, proving: Proving): Advice {
  const search = proving.isFailing ? (lookAgain(situation) ?? findTheBadOne(situation, proving)) : null;
  if (search) return search;
  const [next, ...later] = proving.ahead;
  const instead = next ? null : goodInstead(situation, proving);
  if (instead) return instead;
  // A start that failed just so is made once more, as it may have been misread, and then not again in the hope that it will not.
  if (proving.isFailing && (!next || isJustMade(situation, next.trial)))
    return onceMore(situation) ?? { kind: 'undecided', trialId: null, why: undecidedWords(situation) };
  if (!next) return { kind: 'close', trialId: null, why: whyDone(situation, proving) };
  if (!canBeDone(situation, next.trial))
    return { kind: 'undecided', trialId: null, why: `${next.title} would be next, and cannot be done here.` };
  const minutes = proving.ahead.reduce((sum, start) => sum + start.minutes, 0);
  const ahead = `${counted(later.length + 1, 'start', 'starts')}, about ${minutesInWords(minutes)}, until every part has its verdict.`;
  return { kind: 'test', trialId: next.trial, why: `${whyNext(situation, next.proves)} ${ahead}` };
}

/** The last thing that was done was this very trial. */
const isJustMade = ({ input: { steps } }: Situation, trial: string): boolean => steps.at(-1)?.trial.id === trial;

/** With a part that fails nothing else can be proven: a known-good one takes its place. */
function goodInstead(situation: Situation, { verdicts }: Proving): Advice | null {
  const { machine, configuration } = situation.input;
  if (!Object.values(verdicts).includes('not-tested')) return null;
  for (const part of machine.parts) {
    if (verdicts[part.id] !== 'fails' || !isOriginalIn(configuration, part.id)) continue;
    const trialId = formatTrialId({ kind: 'spare', part: part.id });
    const why = `${capitalized(nameInWords(part))} fails: with a known-good one in its place the others can be proven.`;
    if (canBeDone(situation, trialId)) return { kind: 'test', trialId, why };
  }
  return null;
}

function whyNext({ input }: Situation, proves: readonly string[]): string {
  const names = input.machine.parts.filter(({ id }) => proves.includes(id)).map(nameInWords);
  return names.length === 0 ? 'The build-up skips no step.' : `If it is good, it proves ${listOf(names)}.`;
}

/** A coin cell is no part to be proven: a flat one is changed and the test goes on. */
const isForFree = ({ repair, part }: RepairClass): boolean =>
  repairOf(repair).stake !== 'part' || part.kind === 'coin-cell';

/** No part is bought for a bench test: what fails is found, tried again by hand, and set aside. Null where nothing tells more. */
function findTheBadOne(situation: Situation, proving: Proving): Advice | null {
  const { repairs, plan } = situation;
  const [top] = repairs;
  if (top && top.probability >= sureEnough(top.repairClass) && isForFree(top.repairClass)) {
    const trialId = repairTrialId(top.repairClass);
    const isDone = repairsDone(situation.input).has(top.repairClass.id);
    if (!isDone && canBeDone(situation, trialId))
      return { kind: 'repair', trialId, why: 'That explains it, and it is put right at once.' };
  }
  const back = backToProven(situation, proving);
  if (back)
    return {
      kind: 'test',
      trialId: back,
      why: 'Several new parts came in at once: put a proven one back in the place of one of them, and see which it is.',
    };
  const forFree = plan.proposals.filter(({ trial }) => !trial.commits);
  return chooseTest({
    ...situation,
    plan: { ...plan, proposals: forFree },
    repairs: repairs.filter(({ repairClass }) => forFree.some(({ trial }) => trial.id === repairTrialId(repairClass))),
  });
}

function whyDone({ input }: Situation, { verdicts }: Proving): string {
  const lines = PART_VERDICTS.flatMap(([verdict, words]) => {
    const names = input.machine.parts.filter(({ id }) => verdicts[id] === verdict).map(nameInWords);
    return names.length === 0 ? [] : [`${words}: ${listOf(names)}.`];
  });
  const isWhole = !Object.values(verdicts).includes('not-tested');
  return [isWhole ? 'Every part has its verdict.' : 'Nothing more can be proven here.', ...lines].join(' ');
}

/** Where a set of new parts failed: a start with one of them swapped back for a proven part of its kind, not made since. */
function backToProven(situation: Situation, { verdicts }: Proving): string | null {
  const { machine, steps, configuration } = situation.input;
  const isProven = (id: string) => verdicts[id] === 'works' || verdicts[id] === 'not-loaded';
  const isNew = ({ id }: Part) => verdicts[id] === 'not-tested' && isOriginalIn(configuration, id);
  const good = steps.findLastIndex((step) => isAsExpected(machine, step) === true);
  const since = new Set(steps.slice(good + 1).map(({ trial }) => trial.id));
  const swaps = machine.parts.filter(isNew).flatMap((part) => {
    const proven = machine.parts.filter(
      ({ id, kind }) => kind === part.kind && isProven(id) && !isOriginalIn(configuration, id),
    );
    return proven.map(aloneIn(machine));
  });
  return swaps.find((id) => !since.has(id) && canBeDone(situation, id)) ?? null;
}
