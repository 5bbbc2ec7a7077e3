import { useMemo } from 'react';
import type { CaseState } from '../../../core/casework';
import type { BoardBookEntry } from '../../../core/firmware';
import { procedureOf, type Procedure } from '../../../core/procedures';
import { useBoardDetail } from '../../api/boards';
import { useMe } from '../../shell/me';
import { useProcedureStore } from '../../stores/procedure-store';

export interface ShownProcedure {
  readonly procedure: Procedure | null;
  readonly board: BoardBookEntry | null;
  /** Every movement is shown; otherwise the short form. */
  readonly isFull: boolean;
  readonly toggle: () => void;
}

/** The movements of the test in hand at this machine and its board. Trainees see all of them first. */
export function useProcedure(state: CaseState, trial: string | null): ShownProcedure {
  const noted = state.firmware.board?.board ?? null;
  const { data } = useBoardDetail(noted);
  const { role } = useMe();
  const form = useProcedureStore((store) => store.form);
  const choose = useProcedureStore((store) => store.choose);
  const board = noted ? (data?.board ?? null) : null;
  const isFull = (form ?? (role === 'trainee' ? 'full' : 'short')) === 'full';
  const procedure = useMemo(() => (trial ? procedureOf(state, trial, board) : null), [state, trial, board]);
  return { procedure, board, isFull, toggle: () => choose(isFull ? 'short' : 'full') };
}
