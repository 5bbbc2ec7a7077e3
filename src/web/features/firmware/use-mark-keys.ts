import { useEffect } from 'react';
import type { LightMark } from '../../../core/firmware';

const keys: Readonly<Record<string, LightMark['seen']>> = { ' ': 'blink', o: 'off', s: 'steady' };

/** Marks by key while the light is watched. Space marks a blink wherever the focus is, and presses no button. */
export function useMarkKeys(isOn: boolean, mark: (seen: LightMark['seen']) => void): void {
  useEffect(() => {
    if (!isOn) return;
    const seenOf = (event: KeyboardEvent) => {
      const isTyping = event.target instanceof HTMLInputElement && event.target.type !== 'checkbox';
      return isTyping || event.ctrlKey || event.metaKey || event.altKey ? undefined : keys[event.key.toLowerCase()];
    };
    const down = (event: KeyboardEvent) => {
      const seen = seenOf(event);
      if (!seen) return;
      event.preventDefault();
      event.stopPropagation();
      if (!event.repeat) mark(seen);
    };
    const up = (event: KeyboardEvent) => {
      if (event.key === ' ' && seenOf(event)) event.stopPropagation();
    };
    window.addEventListener('keydown', down, true);
    window.addEventListener('keyup', up, true);
    return () => {
      window.removeEventListener('keydown', down, true);
      window.removeEventListener('keyup', up, true);
    };
  }, [isOn, mark]);
}
