import { releaseProxy, wrap } from 'comlink';
import type { ReadTraceFile, TraceWork } from './trace.worker';

/** Reads a trace off the main thread, in a worker of its own that ends with it. */
export async function readTrace(text: string): Promise<ReadTraceFile> {
  const started = new Worker(new URL('./trace.worker.ts', import.meta.url), { type: 'module' });
  const worker = wrap<TraceWork>(started);
  const broken = new Promise<never>((_, reject) => {
    started.onerror = () => reject(new Error('The trace cannot be read: the device has no memory left.'));
  });
  try {
    return await Promise.race([worker.readTrace(text), broken]);
  } finally {
    worker[releaseProxy]();
    started.terminate();
  }
}
