import { useEffect, useState } from 'react';
import { deviceStorage } from './device-storage';
import type { Batch } from './outbox';

/**
 * What waits on this device, of all people, and is not stored on the server. It is sent by its writer: here it is only
 * counted, or saved as a file where an account was closed meanwhile. Empty where the browser keeps nothing.
 */
export function useLeftEntries(): readonly Batch[] {
  const [left, setLeft] = useState<readonly Batch[]>([]);
  useEffect(() => {
    let isGone = false;
    void deviceStorage
      .all()
      .catch(() => [])
      .then((batches) => {
        if (!isGone) setLeft(batches);
      });
    return () => {
      isGone = true;
    };
  }, []);
  return left;
}

/** How many entries there are in these. */
export const entryCount = (batches: readonly Batch[]): number =>
  batches.reduce((count, { events }) => count + events.length, 0);
