import { useCaseDetail } from '../../api/cases';
import { useShelfLacks } from '../../api/shelf';
import { useDesk } from '../../stores/desk-store';
import { useDiagnosis, type Diagnosed } from '../../workers/use-diagnosis';
import type { CaseView } from './case-view';
import { useCaseView } from './use-case-view';

/** A case for one of its rooms: as it is newest, and with what its diagnosis speaks of. */
export interface DiagnosedCase {
  readonly number: number;
  readonly newest: CaseView;
  readonly diagnosed: Diagnosed<CaseView>;
}

/** Null until it is there; `error` says why it is not. */
export function useDiagnosedCase(id: string): { readonly found: DiagnosedCase | null; readonly error: Error | null } {
  const { data, error } = useCaseDetail(id);
  const desk = useDesk(id);
  const viewed = useCaseView(id, data, desk);
  const newest = viewed?.ok ? viewed.view : null;
  const diagnosed = useDiagnosis(newest, { chosen: desk.chosenTrial, shelfLacks: useShelfLacks() });
  return { found: data && newest && diagnosed ? { number: data.number, newest, diagnosed } : null, error };
}
