import { describe, expect, it } from 'vitest';
import {
  below,
  horizontalOutline,
  pathOf,
  verticalOutline,
  type Canal,
  type Point,
} from './canalShape';

const CANAL: Canal = {
  vertical: { length: 5, wide: 1.6, narrow: 0.8 },
  horizontal: { length: 2.5, wide: 0.8, narrow: 0.5 },
};

function area(points: readonly Point[]): number {
  return Math.abs(
    points.reduce((sum, point, index) => {
      const next = points[(index + 1) % points.length] ?? point;
      return sum + point.x * next.y - next.x * point.y;
    }, 0) / 2,
  );
}

describe('the drawn canal', () => {
  it('is to scale', () => {
    expect(area(verticalOutline(CANAL))).toBeCloseTo((5 * (1.6 + 0.8)) / 2, 10);
    expect(area(horizontalOutline(CANAL, 2.5))).toBeCloseTo((2.5 * (0.8 + 0.5)) / 2, 10);
  });

  it('is filled from the bend up', () => {
    const outline = verticalOutline(CANAL);
    expect(area(below(outline, 0, 0))).toBeCloseTo(0, 10);
    expect(area(below(outline, 5, 0))).toBeCloseTo(area(outline), 10);
    let before = -1;
    for (let height = 0; height <= 5; height += 0.5) {
      const filled = area(below(outline, height, 0));
      expect(filled).toBeGreaterThan(before);
      before = filled;
    }
  });

  it('loses a wedge when it is tipped', () => {
    // filled to the lowest rim: the surface rises from there along the tilt
    const tilt = 20;
    const height = 5 - 0.8 * Math.tan((tilt * Math.PI) / 180);
    const filled = below(verticalOutline(CANAL), height, tilt);
    expect(Math.max(...filled.map((point) => point.y))).toBeLessThanOrEqual(5 + 1e-9);
    expect(area(filled)).toBeLessThan(area(verticalOutline(CANAL)));
  });

  it('is filled from the eardrum in the part beyond the bend', () => {
    const outline = horizontalOutline(CANAL, 1);
    expect(Math.max(...outline.map((point) => point.x))).toBeCloseTo(0.4 + 2.5, 10);
    expect(Math.min(...outline.map((point) => point.x))).toBeCloseTo(0.4 + 1.5, 10);
  });

  it('is drawn with y going down', () => {
    expect(pathOf([{ x: 1, y: 2 }])).toBe('M1.000 -2.000Z');
    expect(pathOf([])).toBe('');
  });
});
