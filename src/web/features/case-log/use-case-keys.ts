import { useEffect } from 'react';

/** Calls the handler for single keys pressed outside of fields and dialogs. */
export function useCaseKeys(handle: (key: string) => boolean): void {
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || isTyping(event.target)) return;
      if (document.querySelector('[role=dialog]')) return;
      if (handle(event.key.toLowerCase())) event.preventDefault();
    };
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, [handle]);
}

/** Inputs that take no letters: a key pressed on them is meant for the screen. */
const withoutLetters: readonly string[] = ['checkbox', 'radio', 'button', 'submit', 'range', 'file'];

/** Whether a key that is pressed there is a letter of a word. */
export function isTyping(target: EventTarget | null): boolean {
  if (target instanceof HTMLInputElement) return !withoutLetters.includes(target.type);
  return target instanceof HTMLElement && (target.isContentEditable || ['TEXTAREA', 'SELECT'].includes(target.tagName));
}
