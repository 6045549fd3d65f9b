import type { Schemas } from '../api/client';

export type Patch = Schemas['PatchRequest'];

/** A place in a picture, of its width and height. */
export interface Place {
  x: number;
  y: number;
}

/** A patch reaches so far from its middle, of the picture's shorter side. */
export const REACH = 0.025;

const held = (value: number) => Math.min(1, Math.max(0, value));

/** A place moved by a step to a side, inside the picture. */
export function moved({ x, y }: Place, key: string, step = 0.02): Place {
  const [dx = 0, dy = 0] =
    {
      ArrowLeft: [-step, 0],
      ArrowRight: [step, 0],
      ArrowUp: [0, -step],
      ArrowDown: [0, step],
    }[key] ?? [];
  return { x: held(x + dx), y: held(y + dy) };
}

/** The mean of the colours round a place; `pixels` are red, green, blue and alpha, row by row. */
export function patchAt(
  { x, y }: Place,
  { data, width, height }: Pick<ImageData, 'data' | 'width' | 'height'>,
): Patch {
  const reach = Math.max(1, Math.round(REACH * Math.min(width, height)));
  const cx = Math.round(x * (width - 1));
  const cy = Math.round(y * (height - 1));
  const sum = [0, 0, 0];
  let count = 0;
  for (let j = Math.max(0, cy - reach); j <= Math.min(height - 1, cy + reach); j++) {
    for (let i = Math.max(0, cx - reach); i <= Math.min(width - 1, cx + reach); i++) {
      const at = 4 * (j * width + i);
      sum.forEach((_, channel) => {
        sum[channel] = (sum[channel] ?? 0) + (data[at + channel] ?? 0);
      });
      count++;
    }
  }
  const [red = 0, green = 0, blue = 0] = sum.map((all) => Math.round((10 * all) / count) / 10);
  return { x, y, red, green, blue };
}
