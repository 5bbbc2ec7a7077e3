/** Builds the interface, the server and the demo into dist/, unless dist/ was built from these very sources. */
export function ensureBuilt(options?: { onBuild?: () => void }): Promise<void>;
