/** The first field that is wrong, in the order of the page, is where the typing goes on. */
export function goToFirstError(): void {
  const wrong = document.querySelector<HTMLElement>('form [aria-invalid="true"], form [data-invalid] input');
  wrong?.focus();
  wrong?.scrollIntoView({ block: 'center' });
}
