import { createCaseDiagnoser, foldCase, type CaseEvent } from '../../core/casework';
import type { Diagnosis, SchoolPrice, TrialView } from '../../core/diagnosis';

export interface DiagnosisRequest {
  readonly ticket: number;
  readonly events: readonly CaseEvent[];
  /** The trial that is chosen, if any: it is told whole at once. */
  readonly chosen: string | null;
}

/**
 * The diagnosis comes first, with most of its other trials in brief (no steps, no outcomes): they are nine tenths of it.
 * They follow whole, with what the ways of ordering would take.
 */
export type DiagnosisAnswer =
  | {
      readonly kind: 'diagnosis';
      readonly ticket: number;
      readonly diagnosis: Diagnosis | null;
      readonly milliseconds: number;
    }
  | {
      readonly kind: 'rest';
      readonly ticket: number;
      readonly alternatives: readonly TrialView[];
      readonly prices: readonly SchoolPrice[];
    };

const diagnose = createCaseDiagnoser();
const answer = (message: DiagnosisAnswer) => self.postMessage(message);

const brief = (trial: TrialView): TrialView => ({ ...trial, steps: [], outcomes: [] });

self.onmessage = ({ data: { ticket, events, chosen } }: MessageEvent<DiagnosisRequest>) => {
  const begin = performance.now();
  const folded = foldCase(events);
  const diagnosis = folded.ok ? diagnose(folded.state) : null;
  const milliseconds = performance.now() - begin;
  if (!diagnosis) return answer({ kind: 'diagnosis', ticket, diagnosis, milliseconds });
  const { alternatives } = diagnosis;
  const first = alternatives.map((trial) => (trial.id === 'start' || trial.id === chosen ? trial : brief(trial)));
  answer({ kind: 'diagnosis', ticket, diagnosis: { ...diagnosis, alternatives: first }, milliseconds });
  answer({ kind: 'rest', ticket, alternatives, prices: diagnose.schoolPrices() });
};
