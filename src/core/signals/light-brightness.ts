/** A picture as cameras give it: four bytes a pixel, row by row. */
export interface Picture {
  readonly width: number;
  readonly height: number;
  readonly rgba: ArrayLike<number>;
}

/** Where a light is in the picture: its middle and radius in pixels. */
export interface Spot {
  readonly x: number;
  readonly y: number;
  readonly radius: number;
}

/** The ring around a light that it is compared with, in radii. */
const [ringFrom, ringTo] = [1.6, 2.6];

/**
 * How much brighter a spot is than what is around it: -1 to 1, about 0 where there is no light. A coloured light counts
 * by its strongest colour; what is around it takes away the light of the room.
 */
export function brightnessAt({ width, height, rgba }: Picture, { x, y, radius }: Spot): number {
  const reach = Math.ceil(radius * ringTo);
  const [inside, around] = [new Mean(), new Mean()];
  for (let row = Math.max(0, Math.floor(y - reach)); row <= Math.min(height - 1, y + reach); row++) {
    for (let column = Math.max(0, Math.floor(x - reach)); column <= Math.min(width - 1, x + reach); column++) {
      const distance = Math.hypot(column - x, row - y) / radius;
      const at = 4 * (row * width + column);
      const value = Math.max(rgba[at] ?? 0, rgba[at + 1] ?? 0, rgba[at + 2] ?? 0) / 255;
      if (distance <= 1) inside.add(value);
      else if (distance >= ringFrom && distance <= ringTo) around.add(value);
    }
  }
  return inside.value - around.value;
}

class Mean {
  private sum = 0;
  private count = 0;

  add(value: number): void {
    this.sum += value;
    this.count += 1;
  }

  /** 0 where nothing was added. */
  get value(): number {
    return this.count === 0 ? 0 : this.sum / this.count;
  }
}
