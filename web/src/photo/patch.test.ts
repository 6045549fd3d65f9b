import { describe, expect, it } from 'vitest';
import { moved, patchAt } from './patch';

/** Left half red, right half white. */
function picture(width: number, height: number) {
  const data = new Uint8ClampedArray(4 * width * height);
  for (let at = 0; at < width * height; at++) {
    const white = at % width >= width / 2;
    data.set(white ? [255, 255, 255, 255] : [200, 40, 30, 255], 4 * at);
  }
  return { data, width, height };
}

describe('a patch', () => {
  it('is the mean of the colours round its middle', () => {
    expect(patchAt({ x: 0.25, y: 0.5 }, picture(80, 60))).toEqual({
      x: 0.25,
      y: 0.5,
      red: 200,
      green: 40,
      blue: 30,
    });
    expect(patchAt({ x: 0.9, y: 0.5 }, picture(80, 60))).toMatchObject({ red: 255, green: 255 });
  });

  it('stays inside the picture at its edge', () => {
    expect(patchAt({ x: 0, y: 0 }, picture(80, 60))).toMatchObject({ red: 200 });
    expect(patchAt({ x: 1, y: 1 }, picture(80, 60))).toMatchObject({ red: 255 });
  });

  it('is moved by the arrow keys', () => {
    expect(moved({ x: 0.5, y: 0.5 }, 'ArrowRight')).toEqual({ x: 0.52, y: 0.5 });
    expect(moved({ x: 0, y: 1 }, 'ArrowDown')).toEqual({ x: 0, y: 1 });
    expect(moved({ x: 0.5, y: 0.5 }, 'a')).toEqual({ x: 0.5, y: 0.5 });
  });
});
