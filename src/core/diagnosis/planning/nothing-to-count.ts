import { reachesMenu, type StartOutcome } from '../../startup';
import type { Trial } from '../../trials';
import { observedStart, reportedOutcome } from '../belief/complaint';
import { configurationKey } from '../belief/same-evidence';
import type { DiagnosisInput, EvidenceStep } from '../evidence-step';

/** A look that counts starts. */
export const isCounted = ({ observe }: Trial): boolean => observe.kind === 'look' && observe.look.times !== undefined;

/** Why a look that counts starts would count what each start has shown already; null where it may tell. */
export function nothingToCount(input: DiagnosisInput): (trial: Trial) => string | null {
  const { steps, circumstances } = input;
  const pressed = steps.filter(({ configuration }) => configuration.start === 'button');
  const starts = outcomesOf(pressed);
  const last = starts.at(-1);
  const mayVary = circumstances.includes('comes-and-goes') || last === undefined || last === 'works';
  const answers = !starts.includes('dead') && reportedOutcome(steps) !== 'dead';
  return ({ observe }) => {
    if (mayVary || observe.kind !== 'look' || observe.look.times === undefined) return null;
    if (observe.look.passes?.link === 'start') return answers ? 'It answers the button.' : null;
    // With another part in or out it is another machine: that it showed something else is no coming and going.
    const now = configurationKey(input.configuration);
    const asNow = pressed.filter(({ configuration }) => configurationKey(configuration) === now);
    const pictures = new Set(outcomesOf(asNow).map(reachesMenu));
    if (pictures.size !== 1) return null;
    return pictures.has(true) ? 'The picture comes at each start.' : 'It fails at each start: one shows it.';
  };
}

const outcomesOf = (steps: readonly EvidenceStep[]): StartOutcome[] =>
  steps.map(observedStart).filter((outcome) => outcome !== null);
