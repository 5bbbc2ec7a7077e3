import { MODEL_VERSION, type Diagnosis } from '../diagnosis';
import type { CaseClosed, ClosingDiagnosis } from './event';

const maxLeading = 5;

/** What a diagnosis says, as it is kept with the closing of a case. */
export const closingDiagnosis = ({ rightProbability, suspects }: Diagnosis): ClosingDiagnosis => ({
  model: MODEL_VERSION,
  rightProbability,
  leading: suspects.slice(0, maxLeading).map(({ title, probability }) => ({ title, probability })),
});

/** A case that was closed under a model other than the one of this program. */
export interface EarlierModel {
  /** Null where it was not recorded. */
  readonly model: string | null;
  readonly said: ClosingDiagnosis | null;
}

/** Set where what is computed now may differ from what was said when the case was closed. */
export const earlierModelOf = ({ diagnosis }: CaseClosed, current: string = MODEL_VERSION): EarlierModel | null =>
  diagnosis?.model === current ? null : { model: diagnosis?.model ?? null, said: diagnosis ?? null };
