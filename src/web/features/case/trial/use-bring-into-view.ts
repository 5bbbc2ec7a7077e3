import { useEffect, useRef, type RefObject } from 'react';

/** An element that comes into view when what it heads becomes another, as after a choice far down a phone's page. */
export function useBringIntoView<E extends HTMLElement>(what: string): RefObject<E | null> {
  const element = useRef<E>(null);
  const shown = useRef(what);
  useEffect(() => {
    if (shown.current === what) return;
    shown.current = what;
    element.current?.scrollIntoView({ block: 'nearest' });
  }, [what]);
  return element;
}
