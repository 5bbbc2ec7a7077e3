/** Who closes the page while a file is on its way wants no more of it. */
export function ignoreLeaving(error: unknown): void {
  if (error instanceof Error && 'code' in error && error.code === 'ERR_STREAM_PREMATURE_CLOSE') return;
  throw error;
}
