import { isFilled, type Part } from '../../machine';
import { formatTrialId } from '../../trials';
import type { DiagnosisInput } from '../evidence-step';

/** A drive that may hold the system, and what was last seen on it; null where nobody has looked. */
interface OtherDrive {
  /** Id of the look that shows what is on it. */
  readonly look: string;
  readonly seen: string | null;
}

/** The drives beside this one that are fitted and were not seen to be empty. */
export function otherDrives(
  { machine, configuration, steps }: Pick<DiagnosisInput, 'machine' | 'configuration' | 'steps'>,
  drive: Part,
): OtherDrive[] {
  return machine.parts
    .filter(({ kind, id }) => kind === 'drive' && id !== drive.id && isFilled(configuration, id))
    .map(({ id }) => {
      const look = formatTrialId({ kind: 'look', look: 'drive-contents', part: id });
      return { look, seen: steps.findLast(({ trial }) => trial.id === look)?.outcome ?? null };
    })
    .filter(({ seen }) => seen !== 'empty');
}
