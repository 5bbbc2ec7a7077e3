import { useEffect } from 'react';

/** Keeps the screen awake while `isActive`, where the browser can: nobody touches it with a hand on the machine. */
export function useWakeLock(isActive: boolean): void {
  useEffect(() => {
    if (!isActive || !('wakeLock' in navigator)) return;
    let lock: WakeLockSentinel | null = null;
    let isOver = false;
    // The browser takes the lock away whenever the page is hidden, and may refuse it, for instance on low battery.
    const take = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (isOver) void lock.release();
      } catch {
        lock = null;
      }
    };
    const again = () => void take();
    again();
    document.addEventListener('visibilitychange', again);
    return () => {
      isOver = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [isActive]);
}
