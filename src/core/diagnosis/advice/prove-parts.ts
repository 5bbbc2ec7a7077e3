import { counted, listOf, minutesInWords } from '../../wording';
import { nameInWords } from '../../machine';
import { repairOf } from '../../faults';
import { chooseTest } from './choose-test';
import { sureEnough } from './how-sure';
import { repairsDone } from './log-facts';
import { undecidedWords } from './nothing-tells';
import { PART_VERDICTS, type Proving } from './proving';
import { canBeDone, repairTrialId, type Advice, type Situation } from './situation';

/**
 * Parts on the bench: what is expected is a pass, and the next start is the one that proves most. Where a start shows
 * less, the part to blame is looked for; then the rest goes on without it. It ends in a list of parts.
 */
export function proveParts(situation: Situation, proving: Proving): Advice {
  const search = proving.isFailing ? findTheBadOne(situation) : null;
  if (search) return search;
  const [next, ...later] = proving.ahead;
  if (!next && proving.isFailing) return { kind: 'undecided', trialId: null, why: undecidedWords(situation) };
  if (!next) return { kind: 'close', trialId: null, why: whyDone(situation, proving) };
  if (!canBeDone(situation, next.trial))
    return { kind: 'undecided', trialId: null, why: `${next.title} would be next, and cannot be done here.` };
  const minutes = proving.ahead.reduce((sum, start) => sum + start.minutes, 0);
  const ahead = `${counted(later.length + 1, 'start', 'starts')}, about ${minutesInWords(minutes)}, until every part has its verdict.`;
  return { kind: 'test', trialId: next.trial, why: `${whyNext(situation, next.proves)} ${ahead}` };
}

function whyNext({ input }: Situation, proves: readonly string[]): string {
  const names = input.machine.parts.filter(({ id }) => proves.includes(id)).map(nameInWords);
  return names.length === 0 ? 'The build-up skips no step.' : `If it is good, it proves ${listOf(names)}.`;
}

/** No part is bought for a bench test: what fails is found, tried again by hand, and set aside. Null where nothing tells more. */
function findTheBadOne(situation: Situation): Advice | null {
  const { repairs, plan } = situation;
  const [top] = repairs;
  if (top && top.probability >= sureEnough(top.repairClass) && repairOf(top.repairClass.repair).stake !== 'part') {
    const trialId = repairTrialId(top.repairClass);
    const isDone = repairsDone(situation.input).has(top.repairClass.id);
    if (!isDone && canBeDone(situation, trialId))
      return { kind: 'repair', trialId, why: 'That explains it, and it is put right at once.' };
  }
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
