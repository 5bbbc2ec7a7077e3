import { useEffect } from 'react';
import { chime } from './chime';

/** Sounds once when a wait ends that was watched; one that ended while nobody looked is told by the words alone. */
export function useChimeWhenOver(endsAt: number | null): void {
  useEffect(() => {
    const left = endsAt === null ? -1 : endsAt - Date.now();
    if (left <= 0) return;
    const ending = setTimeout(chime, left);
    return () => clearTimeout(ending);
  }, [endsAt]);
}
