import { useMemo } from 'react';
import { memoryMatrixOf, type CaseState, type EventBody } from '../../../core/casework';
import type { Diagnosis } from '../../../core/diagnosis';
import type { MemoryMatrix } from '../../../core/isolation';
import type { LinkId } from '../../../core/startup';
import { isStrippedStart } from '../../../core/trials';
import { useMay } from '../../shell/me';
import type { Diagnosed } from '../../workers/use-diagnosis';
import type { CaseView } from '../case-log/case-view';
import { Alternatives } from './alternatives/Alternatives';
import { Column } from './column';
import { MachineColumn } from './machine/MachineColumn';
import { ProvingPanel } from './suspects/ProvingPanel';
import { Suspects } from './suspects/Suspects';
import type { TrialWork } from '../case-log/use-trial-work';

const noShares = {};
const noParts: readonly string[] = [];

const isOnBench = ({ stage }: CaseState): boolean => stage !== 'closed' && stage !== 'parked';

interface SideColumnProps {
  readonly diagnosed: Diagnosed<CaseView>;
  readonly work: TrialWork;
  readonly link: LinkId | null;
  readonly onPick: (trial: string) => void;
  readonly onRecord: (body: EventBody) => void;
}

/** Suspects and the other tests, right. */
export function SuspectsColumn({ diagnosed, work, link, onPick, onRecord }: SideColumnProps) {
  const { view, diagnosis, prices } = diagnosed;
  const state = view.drafted;
  return (
    <Column aria-label="Suspects and other tests" aria-live="polite">
      {diagnosis?.proving && <ProvingPanel state={state} proving={diagnosis.proving} />}
      {diagnosis && (!diagnosis.proving || diagnosis.proving.isFailing) && (
        <Suspects diagnosis={diagnosis} state={state} link={link} />
      )}
      {diagnosis && isOnBench(state) && (
        <Alternatives
          trials={work.alternatives}
          inHand={work.trial}
          state={state}
          prices={prices}
          onPick={onPick}
          onRecord={onRecord}
        />
      )}
    </Column>
  );
}

/** The machine, left. */
export function Machine({
  caseId,
  diagnosed: { view, diagnosis },
  work,
  link,
  onPick,
  onRecord,
}: SideColumnProps & { readonly caseId: string }) {
  const state = view.drafted;
  const matrix = useMemo(() => memoryMatrixOf(state), [state]);
  return (
    <MachineColumn
      caseId={caseId}
      view={view}
      // What was found is put right: nothing stays suspected on a closed case.
      shares={state.stage === 'closed' ? noShares : (diagnosis?.parts ?? noShares)}
      proving={diagnosis?.proving ?? null}
      touched={work.trial?.touches ?? noParts}
      canMove={useMay('write-cases') && isOnBench(state)}
      isBusy={work.isBusy}
      matrix={matrix}
      isMemoryInQuestion={isMemoryInQuestion(state, matrix, diagnosis, link)}
      isStripping={work.trial !== null && isStrippedStart(work.trial.id)}
      onTry={onPick}
      onNote={onRecord}
    />
  );
}

/** From this share of the fault at the memory link on, the grid helps. */
const memoryShare = 0.5;

/** The grid shows once memory is suspected, pressed on the chain, or tried one by one. */
function isMemoryInQuestion(
  { machine }: CaseState,
  { cells }: MemoryMatrix,
  diagnosis: Diagnosis | null,
  chosen: LinkId | null,
): boolean {
  if (machine.parts.filter(({ kind }) => kind === 'module').length === 0) return false;
  const share = diagnosis?.links.find(({ link }) => link === 'memory')?.probability ?? 0;
  return chosen === 'memory' || share >= memoryShare || cells.some(({ state }) => state === 'fails');
}
