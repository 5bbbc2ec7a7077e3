/** Across and down, each as a part of the picture's width and height: 0 to 1. */
export type Point = readonly [x: number, y: number];

/** What was drawn on a picture. The picture itself stays as it was taken. */
export type Mark =
  | { readonly shape: 'arrow'; readonly from: Point; readonly to: Point }
  /** @param radius as a part of the picture's width */
  | { readonly shape: 'circle'; readonly at: Point; readonly radius: number }
  | { readonly shape: 'text'; readonly at: Point; readonly text: string };

export const MOST_MARKS = 40;
export const MOST_MARK_TEXT = 80;

interface Size {
  readonly width: number;
  readonly height: number;
}

/** Of the head of an arrow, as parts of the picture's width. */
const [headLength, headAngle] = [0.03, Math.PI / 7];

/** An arrow as lines from point to point in a picture of a size: the shaft, then the head over its tip. */
export function arrowLines(
  { from, to }: Extract<Mark, { shape: 'arrow' }>,
  { width, height }: Size,
): readonly (readonly Point[])[] {
  const [start, tip] = [from, to].map(([x, y]): Point => [x * width, y * height]) as [Point, Point];
  const angle = Math.atan2(tip[1] - start[1], tip[0] - start[0]);
  const barb = (turn: number): Point => [
    tip[0] - headLength * width * Math.cos(angle + turn),
    tip[1] - headLength * width * Math.sin(angle + turn),
  ];
  return [
    [start, tip],
    [barb(headAngle), tip, barb(-headAngle)],
  ];
}
