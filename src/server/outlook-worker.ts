import { parentPort } from 'node:worker_threads';
import { foldStored, outlookOf, type CaseEvent } from '../core/casework';

/** A thread that judges logs, one after the other, beside the requests. A log that cannot be read has no outlook. */
parentPort?.on('message', (events: readonly CaseEvent[]) => {
  const folded = foldStored(events);
  parentPort?.postMessage(folded.ok ? outlookOf(folded.state) : null);
});
