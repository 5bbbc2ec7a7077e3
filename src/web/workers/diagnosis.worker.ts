import { createCaseDiagnoser, foldCase, type CaseEvent } from '../../core/casework';
import type { Diagnosis, SchoolPrice, TrialView } from '../../core/diagnosis';

export interface DiagnosisRequest {
  readonly ticket: number;
  readonly events: readonly CaseEvent[];
  /** The trial that is chosen, if any: it is told whole at once. */
  readonly chosen: string | null;
}

/**
 * The diagnosis comes first, with most of its other trials in brief and without the evidence of its last suspects: they
 * are nine tenths of it, and to hand them over takes time. They follow whole, with what the ways of ordering would take.
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
      readonly suspects: Diagnosis['suspects'];
      readonly prices: readonly SchoolPrice[];
    };

const diagnose = createCaseDiagnoser();
const answer = (message: DiagnosisAnswer) => self.postMessage(message);

const brief = (trial: TrialView): TrialView => ({
  ...trial,
  purpose: '',
  steps: [],
  cautions: [],
  touches: [],
  outcomes: [],
});

/** So many suspects come with their evidence at once: as many as are listed, and some more. */
const mostWhole = 12;

/** So long the screen has the cores to itself to draw the answer; a newer question meanwhile makes the rest needless. */
const restAfterMs = 80;
let resting: ReturnType<typeof setTimeout> | undefined;

self.onmessage = ({ data: { ticket, events, chosen } }: MessageEvent<DiagnosisRequest>) => {
  clearTimeout(resting);
  const begin = performance.now();
  const folded = foldCase(events);
  const diagnosis = folded.ok ? diagnose(folded.state) : null;
  const milliseconds = performance.now() - begin;
  if (!diagnosis) return answer({ kind: 'diagnosis', ticket, diagnosis, milliseconds });
  const { alternatives, suspects } = diagnosis;
  const first = alternatives.map((trial) => (trial.id === 'start' || trial.id === chosen ? trial : brief(trial)));
  const ranked = suspects.map((suspect, rank) => (rank < mostWhole ? suspect : { ...suspect, evidence: [] }));
  const reduced = { ...diagnosis, alternatives: first, suspects: ranked };
  answer({ kind: 'diagnosis', ticket, diagnosis: reduced, milliseconds });
  resting = setTimeout(
    () => answer({ kind: 'rest', ticket, alternatives, suspects, prices: diagnose.schoolPrices() }),
    restAfterMs,
  );
};
