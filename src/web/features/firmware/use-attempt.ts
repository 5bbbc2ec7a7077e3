import { useCallback, useState } from 'react';

/** Does some work and gives its result; null where it failed, with the reason on screen, or was cancelled. */
export type Attempt = <T>(work: () => Promise<T>) => Promise<T | null>;

export function useAttempt(): { readonly attempt: Attempt; readonly error: string | null } {
  const [error, setError] = useState<string | null>(null);
  const attempt = useCallback<Attempt>(async (work) => {
    setError(null);
    try {
      return await work();
    } catch (failure) {
      // Closing the system's file picker cancels; it is no error.
      const isCancelled = failure instanceof DOMException && failure.name === 'AbortError';
      if (!isCancelled) setError(failure instanceof Error ? failure.message : String(failure));
      return null;
    }
  }, []);
  return { attempt, error };
}
