import { formatTrialId } from '../../trials';
import { hazardsOf } from '../planning/hazards';
import { chooseTest } from './choose-test';
import { undecidedWords } from './nothing-tells';
import { canBeDone, type Advice, type Situation } from './situation';

/** A hazard comes before all else: look, dry, take out. What is left to do with it there is unpowered. */
export function makeSafe(situation: Situation): Advice | null {
  const { input } = situation;
  const [active] = hazardsOf(input, input.configuration);
  if (!active) return null;
  const { hazard, looksLeft, parts, why, whyLook } = active;
  const away = parts.flatMap((part) => [
    ...(hazard.endedBy ? [formatTrialId({ kind: 'repair', repair: hazard.endedBy, part })] : []),
    formatTrialId({ kind: 'out', part }),
    formatTrialId({ kind: 'spare', part }),
  ]);
  const looks = situation.plan.proposals
    .filter(({ trial: { ref } }) => ref.kind === 'look' && looksLeft.includes(ref.look))
    .sort((a, b) => a.minutes - b.minutes)
    .map(({ trial }) => trial.id);
  const next = [...away, ...looks].find((id) => canBeDone(situation, id));
  return next !== undefined
    ? { kind: 'make-safe', trialId: next, why: looks.includes(next) ? whyLook : why }
    : (chooseTest(situation) ?? {
        kind: 'undecided',
        trialId: null,
        why: `${why} Nothing at hand makes it safe. ${undecidedWords(situation)}`,
      });
}
