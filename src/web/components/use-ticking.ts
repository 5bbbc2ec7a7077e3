import { useEffect, useState } from 'react';

/** The time now in milliseconds since the epoch, renewed every so often while `isOn`. */
export function useTicking(isOn: boolean, everyMs: number): number {
  const [now, setNow] = useState(Date.now);
  useEffect(() => {
    if (!isOn) return;
    setNow(Date.now());
    const ticking = setInterval(() => setNow(Date.now()), everyMs);
    return () => clearInterval(ticking);
  }, [isOn, everyMs]);
  return now;
}
