import { parentPort } from 'node:worker_threads';
import { foldStored, outlookOf } from '../core/casework';
import type { OutlookRequest } from './services/outlook-thread';

/** A thread that judges logs, one after the other, beside the requests. A log that cannot be read has no outlook. */
parentPort?.on('message', ({ events, shelfLacks }: OutlookRequest) => {
  const folded = foldStored(events);
  parentPort?.postMessage(folded.ok ? outlookOf(folded.state, shelfLacks) : null);
});
