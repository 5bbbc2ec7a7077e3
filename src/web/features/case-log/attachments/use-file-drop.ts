import { useEffect, type RefObject } from 'react';
import { useLatest } from '../../../components/use-latest';

/** Takes files that are dropped within an element; `on` is what they were dropped on. */
export function useFileDrop(
  within: RefObject<HTMLElement | null>,
  onFiles: (files: readonly File[], on: Element) => void,
): void {
  const handle = useLatest(onFiles);
  useEffect(() => {
    const element = within.current;
    if (!element) return;
    const over = (event: DragEvent) => {
      if (event.dataTransfer?.types.includes('Files')) event.preventDefault();
    };
    const drop = (event: DragEvent) => {
      const files = [...(event.dataTransfer?.files ?? [])];
      if (files.length === 0 || !(event.target instanceof Element)) return;
      event.preventDefault();
      handle(files, event.target);
    };
    element.addEventListener('dragover', over);
    element.addEventListener('drop', drop);
    return () => {
      element.removeEventListener('dragover', over);
      element.removeEventListener('drop', drop);
    };
  }, [within, handle]);
}
