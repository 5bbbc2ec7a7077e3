import { useEffect, useState } from 'react';
import { deviceDatabase, deviceStorage } from './device-storage';
import type { Batch } from './outbox';

/** What the device keeps, read once; `none` until then, and where the browser keeps nothing. */
function useKept<T>(read: () => Promise<T>, none: T): T {
  const [kept, setKept] = useState(none);
  useEffect(() => {
    let isGone = false;
    read().then(
      (found) => {
        if (!isGone) setKept(found);
      },
      () => undefined,
    );
    return () => {
      isGone = true;
    };
  }, [read]);
  return kept;
}

const noBatches: readonly Batch[] = [];
/** Counted where they lie: photos are not read for it. */
const countFiles = async (): Promise<number> => (await deviceDatabase()).count('files');

/**
 * What waits on this device, of all people, and is not stored on the server. It is sent by its writer: here it is only
 * counted, or saved as a file where an account was closed meanwhile.
 */
export const useLeftEntries = (): readonly Batch[] => useKept<readonly Batch[]>(deviceStorage.all, noBatches);

/** How many photos and files of all people wait on this device. */
export const useLeftFileCount = (): number => useKept(countFiles, 0);

/** How many entries there are in these. */
export const entryCount = (batches: readonly Batch[]): number =>
  batches.reduce((count, { events }) => count + events.length, 0);
