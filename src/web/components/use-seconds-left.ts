import { useTicking } from './use-ticking';

const stepMs = 250;

/** Seconds until a moment in milliseconds since the epoch, counted down four times a second; 0 once it is over. */
export function useSecondsLeft(endsAt: number | null): number {
  const now = useTicking(endsAt !== null, stepMs);
  return endsAt === null ? 0 : Math.max(0, (endsAt - now) / 1000);
}
