/** Starts a diagnosis worker; its address is known to the bundler alone. */
export const startDiagnosisWorker = (): Worker =>
  new Worker(new URL('./diagnosis.worker.ts', import.meta.url), { type: 'module' });
