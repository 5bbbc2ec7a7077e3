import { create } from 'zustand';
import { useShallow } from 'zustand/react/shallow';
import { sendAttachment } from '../api/attachments';
import { deviceFiles } from './device-storage';
import { createFileQueue, type FileQueue, type FileQueueState, type QueuedFile } from './file-queue';
import { later } from './queue-tools';
import { outbox } from './outbox-store';

export const useFileQueueStore = create<FileQueueState>()(() => ({
  files: [],
  isAway: false,
  unkept: new Set<string>(),
}));

/** The files of this window that wait for the server. */
export const fileQueue: FileQueue = createFileQueue({
  storage: deviceFiles,
  send: sendAttachment,
  record: (caseId, event) => outbox.write(caseId, [event]),
  onChange: (state) => useFileQueueStore.setState(state),
  later,
});

/** What of a case waits on this device. */
export const useQueuedFiles = (caseId: string): readonly QueuedFile[] =>
  useFileQueueStore(useShallow(({ files }) => files.filter((file) => file.caseId === caseId)));
