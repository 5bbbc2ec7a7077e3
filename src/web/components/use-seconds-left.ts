import { useEffect, useState } from 'react';

/** Seconds until a moment in milliseconds since the epoch, counted down four times a second; 0 once it is over. */
export function useSecondsLeft(endsAt: number | null): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (endsAt === null) return;
    setNow(Date.now());
    const ticking = setInterval(() => setNow(Date.now()), 250);
    return () => clearInterval(ticking);
  }, [endsAt]);
  return endsAt === null ? 0 : Math.max(0, (endsAt - now) / 1000);
}
