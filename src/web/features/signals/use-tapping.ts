import { useCallback, useEffect, useRef, useState } from 'react';

export interface Tap {
  /** From the first tap. */
  readonly startSeconds: number;
  readonly seconds: number;
}

export interface Tapping {
  readonly taps: readonly Tap[];
  readonly isDown: boolean;
  /** `timeStamp` of the event, ms: when the press was made, however late the page hears of it. */
  readonly down: (timeStamp: number) => void;
  readonly up: (timeStamp: number) => void;
  readonly clear: () => void;
}

/** Tones tapped along: as long as the pad or the space bar is held. */
export function useTapping(): Tapping {
  const [taps, setTaps] = useState<readonly Tap[]>([]);
  const [isDown, setDown] = useState(false);
  const from = useRef<number | null>(null);
  const first = useRef<number | null>(null);
  const down = useCallback((timeStamp: number) => {
    if (from.current !== null) return;
    from.current = timeStamp;
    first.current ??= from.current;
    setDown(true);
  }, []);
  const up = useCallback((timeStamp: number) => {
    const [start, zero] = [from.current, first.current];
    from.current = null;
    setDown(false);
    if (start === null || zero === null) return;
    const tap = { startSeconds: (start - zero) / 1000, seconds: (timeStamp - start) / 1000 };
    setTaps((before) => [...before, tap].slice(-60));
  }, []);
  const clear = useCallback(() => {
    first.current = null;
    from.current = null;
    setTaps([]);
    setDown(false);
  }, []);
  useSpaceBar(down, up);
  return { taps, isDown, down, up, clear };
}

/** The space bar taps unless it is meant for a field or a button. */
function useSpaceBar(down: Tapping['down'], up: Tapping['up']): void {
  useEffect(() => {
    const isFree = ({ target }: KeyboardEvent) =>
      !(target instanceof HTMLElement && target.closest('button, a, input, select, textarea, label, [role=dialog]'));
    const pressed = (event: KeyboardEvent) => {
      if (event.key !== ' ' || !isFree(event)) return;
      event.preventDefault();
      if (!event.repeat) down(event.timeStamp);
    };
    const released = (event: KeyboardEvent) => {
      if (event.key === ' ') up(event.timeStamp);
    };
    const left = (event: Event) => up(event.timeStamp);
    window.addEventListener('keydown', pressed);
    window.addEventListener('keyup', released);
    // A key that is let go elsewhere is never heard of.
    window.addEventListener('blur', left);
    return () => {
      window.removeEventListener('keydown', pressed);
      window.removeEventListener('keyup', released);
      window.removeEventListener('blur', left);
    };
  }, [down, up]);
}
