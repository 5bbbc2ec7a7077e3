import { useQueuedFiles } from '../../device/file-queue-store';
import { useWaiting } from '../../device/outbox-store';

/** How many entries and files of a case are not on the server yet: a paper that it makes now would lack them. */
export function useToCome(caseId: string): number {
  const files = useQueuedFiles(caseId).filter(({ refused }) => refused === undefined);
  return useWaiting(caseId).length + files.length;
}
