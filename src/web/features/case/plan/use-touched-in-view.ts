import { useEffect } from 'react';

/** Scrolls the column so far that the first part in question is seen; on a page that scrolls as a whole, nothing. */
export function useTouchedInView(svg: React.RefObject<SVGSVGElement | null>, touched: readonly string[]): void {
  const [first] = touched;
  useEffect(() => {
    const column = svg.current?.closest('section');
    const part = first && svg.current?.querySelector(`[data-part="${CSS.escape(first)}"]`);
    if (!column || !part || column.scrollHeight <= column.clientHeight) return;
    const seen = column.getBoundingClientRect();
    const box = part.getBoundingClientRect();
    if (box.bottom > seen.bottom) column.scrollTop += box.bottom - seen.bottom + margin;
    if (box.top < seen.top) column.scrollTop -= seen.top - box.top + margin;
  }, [svg, first]);
}

const margin = 12;
