import type { Mark, Point } from '../../../../core/attachments';

/** What is drawn next. */
export type Tool = 'arrow' | 'circle' | 'text';

interface Drag {
  readonly from: Point;
  readonly to: Point;
}

/** Shorter than this, as a part of the picture's width, it was a touch and not a drawing. */
const shortest = 0.015;

/**
 * What a drag of the finger draws: an arrow to where it ends, a circle around where it began. Null where it was too
 * short.
 * @param ratio height of the picture by its width
 */
export function markOf(
  tool: Tool,
  { from, to }: Drag,
  { ratio, text }: { readonly ratio: number; readonly text: string },
): Mark | null {
  if (tool === 'text') return text.trim() === '' ? null : { shape: 'text', at: to, text: text.trim() };
  const length = Math.hypot(to[0] - from[0], (to[1] - from[1]) * ratio);
  if (length < shortest) return null;
  return tool === 'arrow' ? { shape: 'arrow', from, to } : { shape: 'circle', at: from, radius: Math.min(1, length) };
}

/** Where a pointer is on a picture: 0 to 1 across and down, kept within it. */
export function pointAt(
  { clientX, clientY }: { readonly clientX: number; readonly clientY: number },
  { left, top, width, height }: Pick<DOMRect, 'left' | 'top' | 'width' | 'height'>,
): Point {
  const within = (part: number) => Math.round(Math.min(1, Math.max(0, part)) * 1e4) / 1e4;
  return [within((clientX - left) / width), within((clientY - top) / height)];
}
