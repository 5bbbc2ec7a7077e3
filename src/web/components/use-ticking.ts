import { useSyncExternalStore } from 'react';

/** The time now in milliseconds since the epoch, in steps of `everyMs`, renewed while `isOn`. */
export function useTicking(isOn: boolean, everyMs: number): number {
  return useSyncExternalStore(isOn ? ticks(everyMs) : never, () => everyMs * Math.floor(Date.now() / everyMs));
}

const never = () => () => undefined;

const subscriptions = new Map<number, (onTick: () => void) => () => void>();

/** One subscription for each step, so that it stays the same from render to render. */
function ticks(everyMs: number): (onTick: () => void) => () => void {
  const known = subscriptions.get(everyMs);
  if (known) return known;
  const subscribe = (onTick: () => void) => {
    const ticking = setInterval(onTick, everyMs);
    return () => clearInterval(ticking);
  };
  subscriptions.set(everyMs, subscribe);
  return subscribe;
}
