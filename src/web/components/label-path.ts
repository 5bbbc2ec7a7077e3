const ours = /^\/(shelf|cases)\/[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/**
 * Where the label of a spare or a case leads within the program, whatever address it was printed at; null where it is
 * none of ours.
 *
 * @example labelPath('http://bench:4870/shelf/0d3a0b00-0000-4000-8000-000000000001') // => '/shelf/0d3a…'
 */
export function labelPath(text: string): string | null {
  if (!URL.canParse(text)) return null;
  const { pathname } = new URL(text);
  return ours.test(pathname) ? pathname : null;
}
