import { useCallback, useLayoutEffect, useRef } from 'react';

/** A callback that stays the same from render to render and calls the newest one: memoised children need not follow. */
export function useLatest<Arguments extends readonly unknown[], Result>(
  callback: (...args: Arguments) => Result,
): (...args: Arguments) => Result {
  const latest = useRef(callback);
  useLayoutEffect(() => {
    latest.current = callback;
  });
  return useCallback((...args: Arguments) => latest.current(...args), []);
}
