import { reachesMenu } from '../../startup';
import type { Trial } from '../../trials';
import { observedStart, reportedOutcome } from '../belief/complaint';
import { configurationKey } from '../belief/same-evidence';
import type { DiagnosisInput } from '../evidence-step';

/** A look that counts starts. */
export const isCounted = ({ observe }: Trial): boolean => observe.kind === 'look' && observe.look.times !== undefined;

/** Why a look that counts starts would count what each start has shown already; null where it may tell. */
export function nothingToCount({
  steps,
  circumstances,
  configuration,
}: DiagnosisInput): (trial: Trial) => string | null {
  const pressed = steps.filter((step) => step.configuration.start === 'button' && observedStart(step) !== null);
  const starts = pressed.map(observedStart);
  const last = starts.at(-1);
  // With another part in or out it is another machine: that it showed something else is no coming and going.
  const now = configurationKey(configuration);
  const asNow = pressed.filter((step) => configurationKey(step.configuration) === now).map(observedStart);
  const mayVary = circumstances.includes('comes-and-goes') || last === undefined || last === 'works';
  return ({ observe }) => {
    if (mayVary || observe.kind !== 'look' || observe.look.times === undefined) return null;
    if (observe.look.passes?.link === 'start')
      return starts.includes('dead') || reportedOutcome(steps) === 'dead' ? null : 'It answers the button.';
    const pictures = new Set(asNow.map((outcome) => outcome !== null && reachesMenu(outcome)));
    if (pictures.size !== 1) return null;
    return pictures.has(true) ? 'The picture comes at each start.' : 'It fails at each start: one shows it.';
  };
}
