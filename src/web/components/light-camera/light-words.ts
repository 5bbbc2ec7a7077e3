import { blinksOf, type WatchedLight } from '../../../core/signals';
import { decimal } from '../format';

/** What a watched light does, in a few words. */
export const lightWords = ({ shows, periodSeconds, changes }: WatchedLight): string => {
  if (shows === 'blinks' && periodSeconds !== null) return `blinks every ${decimal(periodSeconds, 1)} s`;
  const now = shows === 'on' ? 'is on' : 'is dark';
  const ons = blinksOf({ changes }).length;
  return ons > 0 ? `${now}; it came on ${ons === 1 ? 'once' : `${ons} times`}` : now;
};
