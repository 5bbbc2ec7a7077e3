import { reachesMenu } from '../../startup';
import type { Trial } from '../../trials';
import { observedStart, reportedOutcome } from '../belief/complaint';
import type { DiagnosisInput } from '../evidence-step';

/** A look that counts starts. */
export const isCounted = ({ observe }: Trial): boolean => observe.kind === 'look' && observe.look.times !== undefined;

/** Why a look that counts starts would count what each start has shown already; null where it may tell. */
export function nothingToCount({ steps, circumstances }: DiagnosisInput): (trial: Trial) => string | null {
  const starts = steps
    .filter(({ configuration }) => configuration.start === 'button')
    .map(observedStart)
    .filter((outcome) => outcome !== null);
  const last = starts.at(-1);
  const mayVary = circumstances.includes('comes-and-goes') || last === undefined || last === 'works';
  return ({ observe }) => {
    if (mayVary || observe.kind !== 'look' || observe.look.times === undefined) return null;
    if (observe.look.passes?.link === 'start')
      return starts.includes('dead') || reportedOutcome(steps) === 'dead' ? null : 'It answers the button.';
    const pictures = new Set(starts.map(reachesMenu));
    if (pictures.size > 1) return null;
    return pictures.has(true) ? 'The picture comes at each start.' : 'It fails at each start: one shows it.';
  };
}
