import { useEffect, useRef, type RefObject } from 'react';

/**
 * An element that comes into view when what it heads becomes another: the column that scrolls by itself goes back to its
 * top, a page that scrolls as a whole, as on a phone, to the element.
 */
export function useBringIntoView<E extends HTMLElement>(what: string): RefObject<E | null> {
  const element = useRef<E>(null);
  const shown = useRef(what);
  useEffect(() => {
    if (shown.current === what) return;
    shown.current = what;
    const column = element.current?.closest('section');
    if (column && column.scrollHeight > column.clientHeight) column.scrollTop = 0;
    else element.current?.scrollIntoView({ block: 'nearest' });
  }, [what]);
  return element;
}
