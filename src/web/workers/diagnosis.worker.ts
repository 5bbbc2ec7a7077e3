import { createCaseDiagnoser, foldCase, type CaseEvent } from '../../core/casework';
import type { Diagnosis } from '../../core/diagnosis';

export interface DiagnosisRequest {
  readonly ticket: number;
  readonly events: readonly CaseEvent[];
}

export interface DiagnosisAnswer {
  readonly ticket: number;
  readonly diagnosis: Diagnosis | null;
  readonly milliseconds: number;
}

const diagnose = createCaseDiagnoser();

self.onmessage = ({ data }: MessageEvent<DiagnosisRequest>) => {
  const begin = performance.now();
  const folded = foldCase(data.events);
  const diagnosis = folded.ok ? diagnose(folded.state) : null;
  const answer: DiagnosisAnswer = { ticket: data.ticket, diagnosis, milliseconds: performance.now() - begin };
  self.postMessage(answer);
};
