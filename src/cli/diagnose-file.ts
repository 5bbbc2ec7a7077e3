import { diagnoseCase, foldCase, type CaseState } from '../core/casework';
import type { Diagnosis } from '../core/diagnosis';
import { caseFileSchema, eventsOfFile, fieldProblems } from '../contracts';

export type FileDiagnosis =
  | { readonly ok: true; readonly diagnosis: Diagnosis; readonly state: CaseState }
  | { readonly ok: false; readonly problems: readonly string[] };

/** Diagnoses the text of a case file. Failure: one line a problem, each with the path of its field. */
export function diagnoseFile(text: string): FileDiagnosis {
  const json = parseJson(text);
  if (!json.ok) return { ok: false, problems: [json.problem] };
  const parsed = caseFileSchema.safeParse(json.value);
  if (!parsed.success)
    return {
      ok: false,
      problems: fieldProblems(parsed.error).map(({ path, message }) => `${path.join('.') || 'file'}: ${message}`),
    };
  const folded = foldCase(eventsOfFile(parsed.data));
  if (!folded.ok) {
    const { event, path, message } = folded.problem;
    return { ok: false, problems: [`events.${[event, ...path].join('.')}: ${message}`] };
  }
  return { ok: true, state: folded.state, diagnosis: diagnoseCase(folded.state) };
}

function parseJson(text: string): { ok: true; value: unknown } | { ok: false; problem: string } {
  try {
    return { ok: true, value: JSON.parse(text) };
  } catch (error) {
    return { ok: false, problem: `expected JSON, found ${error instanceof Error ? error.message : 'something else'}` };
  }
}
