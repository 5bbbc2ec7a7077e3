import { createCaseDiagnoser, foldCase, type CaseEvent } from '../../core/casework';
import type { Diagnosis, SchoolPrice } from '../../core/diagnosis';

export interface DiagnosisRequest {
  readonly ticket: number;
  readonly events: readonly CaseEvent[];
}

/** The diagnosis comes first; what the ways of ordering would take follows in a message of its own. */
export type DiagnosisAnswer =
  | {
      readonly kind: 'diagnosis';
      readonly ticket: number;
      readonly diagnosis: Diagnosis | null;
      readonly milliseconds: number;
    }
  | { readonly kind: 'prices'; readonly ticket: number; readonly prices: readonly SchoolPrice[] };

const diagnose = createCaseDiagnoser();
const answer = (message: DiagnosisAnswer) => self.postMessage(message);

self.onmessage = ({ data: { ticket, events } }: MessageEvent<DiagnosisRequest>) => {
  const begin = performance.now();
  const folded = foldCase(events);
  const diagnosis = folded.ok ? diagnose(folded.state) : null;
  answer({ kind: 'diagnosis', ticket, diagnosis, milliseconds: performance.now() - begin });
  if (diagnosis) answer({ kind: 'prices', ticket, prices: diagnose.schoolPrices() });
};
