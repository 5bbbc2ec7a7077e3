import { useMemo } from 'react';
import { useNavigate } from 'react-router';
import { flashRefusals, type EventBody } from '../../../core/casework';
import { useCaseDetail } from '../../api/cases';
import { Notice } from '../../components/Notice';
import { useFirmwareBatchStore, type BatchMachine } from '../../stores/firmware-batch-store';
import type { FirmwareStep } from '../../stores/firmware-desk-store';
import type { StickWorker } from '../../workers/use-stick-worker';
import { SaveNotice } from '../case-log/SaveNotice';
import { useCaseActions } from '../case-log/use-case-actions';
import { useCaseView } from '../case-log/use-case-view';
import { AfterStep } from './AfterStep';
import { FlashStep } from './FlashStep';
import { Block } from './step-parts';
import type { FirmwareLog } from './step-props';
import { useFirmware, type Firmware } from './use-firmware';

/** Each machine of a batch has a desk of its own: its gates, its watch, its version afterwards. */
export const machineKey = (id: string): string => `batch/${id}`;

interface BatchMachineWorkProps {
  readonly machine: BatchMachine;
  /** Plan and stick that all of them share. */
  readonly batch: Firmware;
  readonly worker: StickWorker;
}

/** One machine of the batch at the bench: gates and flash, then what was read; all of it into its case. */
export function BatchMachineWork({ machine, batch, worker }: BatchMachineWorkProps) {
  const own = useFirmware(machineKey(machine.id), null);
  const log = useMachineLog(machine, own);
  const shared = useMemo(() => withSharedStick(own, batch), [own, batch]);
  const isAfter = own.desk.step === 'after';
  return (
    <Block aria-label={`Machine ${machine.serial}`}>
      <h2>{machine.serial}</h2>
      <SaveNotice caseId={machine.caseId} />
      {log === null && <Notice kind="plain">Its case is being read.</Notice>}
      {log && isAfter && <AfterStep firmware={shared} log={log} />}
      {log && !isAfter && own.next && <FlashStep firmware={shared} log={log} worker={worker} />}
      {log && !isAfter && !own.next && <p>Nothing is left to install on it.</p>}
    </Block>
  );
}

const sharedSteps: readonly FirmwareStep[] = ['board', 'version', 'way', 'stick'];

/** The stick is one for all, and so is what a lead decided of its image: what leads back to it leads to the steps that the machines share. */
function withSharedStick(own: Firmware, batch: Firmware): Firmware {
  const change: Firmware['change'] = ({ stick, ...mine }) => {
    const { step } = mine;
    const isShared = step !== undefined && sharedSteps.includes(step);
    own.change(isShared ? { ...mine, step: 'flash' } : mine);
    if (isShared || stick !== undefined)
      batch.change({ ...(isShared ? { step } : {}), ...(stick === undefined ? {} : { stick }) });
  };
  const { stick: shared, against } = batch.desk;
  return { ...own, change, desk: { ...own.desk, stick: shared, against } };
}

/** Writes into the case of the machine, and notes in its row what matters there. */
function useMachineLog(machine: BatchMachine, { desk, board: book }: Firmware): FirmwareLog | null {
  const { id, caseId, before } = machine;
  const note = useFirmwareBatchStore((store) => store.note);
  const { data } = useCaseDetail(caseId);
  const viewed = useCaseView(caseId, data);
  const { record } = useCaseActions(caseId);
  const navigate = useNavigate();
  const state = viewed?.ok ? viewed.view.logged : null;
  const { board } = desk;
  return useMemo(() => {
    if (!state) return null;
    const isNoted = state.firmware.board !== null || board === null || book === null;
    const write = async (body: EventBody): Promise<boolean> => {
      const noted = isNoted
        ? []
        : [
            {
              kind: 'board-noted' as const,
              board: board.id,
              model: book.model,
              revision: board.revision,
              installed: before,
            },
          ];
      if (!(await record(...noted, body))) return false;
      if (body.kind === 'firmware-flashed') note(id, { end: body.end, seconds: body.seconds ?? null });
      if (body.kind === 'firmware-verified') note(id, { after: body.version });
      return true;
    };
    return {
      record: write,
      leave: () => void navigate(`/cases/${caseId}`),
      known: { starts: null, board: null, installed: before },
      refusals: (method) => flashRefusals(state, method),
    };
  }, [state, board, book, before, record, note, id, navigate, caseId]);
}
