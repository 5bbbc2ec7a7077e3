import { releaseProxy, wrap } from 'comlink';
import type { AttachmentWork, PreparedFile } from './attachment.worker';

/** Makes files ready to be kept, one after the other off the main thread, in a worker that ends with it. */
export async function prepareFiles(
  files: readonly File[],
  onPrepared: (file: File, prepared: PreparedFile) => Promise<void>,
): Promise<void> {
  const started = new Worker(new URL('./attachment.worker.ts', import.meta.url), { type: 'module' });
  const worker = wrap<AttachmentWork>(started);
  const broken = new Promise<never>((_, reject) => {
    started.onerror = () => reject(new Error('The photos cannot be read: the device has no memory left.'));
  });
  broken.catch(() => undefined);
  try {
    for (const file of files) await onPrepared(file, await Promise.race([worker.prepareFile(file), broken]));
  } finally {
    worker[releaseProxy]();
    started.terminate();
  }
}
