import type { Schemas } from '../api/client';

export type Canal = Schemas['Canal'];
export type Fluid = Schemas['CanalFluid'];

/** A point in cm: x toward the eardrum, y up from the bend along the vertical part. */
export interface Point {
  x: number;
  y: number;
}

/** The vertical part's outline in a cut through its middle, from the bend up. */
export function verticalOutline({ vertical }: Canal): Point[] {
  const bottom = vertical.narrow / 2;
  const top = vertical.wide / 2;
  return [
    { x: -bottom, y: 0 },
    { x: -top, y: vertical.length },
    { x: top, y: vertical.length },
    { x: bottom, y: 0 },
  ];
}

/** The horizontal part's outline from the bend to that distance from the eardrum's end. */
export function horizontalOutline({ vertical, horizontal }: Canal, reach: number): Point[] {
  const start = vertical.narrow / 2;
  const end = start + horizontal.length;
  const from = end - reach;
  const width = (x: number) =>
    horizontal.wide + ((horizontal.narrow - horizontal.wide) * (x - start)) / horizontal.length;
  const middle = -horizontal.wide / 2;
  return [
    { x: from, y: middle + width(from) / 2 },
    { x: end, y: middle + width(end) / 2 },
    { x: end, y: middle - width(end) / 2 },
    { x: from, y: middle - width(from) / 2 },
  ];
}

/** The bend itself, below the vertical part. */
export function bendOutline({ vertical, horizontal }: Canal): Point[] {
  const side = vertical.narrow / 2;
  return [
    { x: -side, y: 0 },
    { x: side, y: 0 },
    { x: side, y: -horizontal.wide },
    { x: -side, y: -horizontal.wide },
  ];
}

/**
 * The part of a polygon that lies below a line which rises by tan(tilt) per cm to the right and
 * crosses the axis at that height: what the fluid fills of a tilted canal.
 */
export function below(outline: readonly Point[], height: number, tiltDegrees: number): Point[] {
  const slope = Math.tan((tiltDegrees * Math.PI) / 180);
  const depth = (point: Point) => height + slope * point.x - point.y;
  return outline.flatMap((point, index) => {
    const next = outline[(index + 1) % outline.length];
    if (!next) return [];
    const here = depth(point);
    const there = depth(next);
    const kept = here >= 0 ? [point] : [];
    if (here * there < 0) {
      const share = here / (here - there);
      kept.push({
        x: point.x + share * (next.x - point.x),
        y: point.y + share * (next.y - point.y),
      });
    }
    return kept;
  });
}

/** An SVG path through the points; y goes down there. */
export function pathOf(points: readonly Point[]): string {
  if (points.length === 0) return '';
  return `M${points.map(({ x, y }) => `${x.toFixed(3)} ${(-y).toFixed(3)}`).join('L')}Z`;
}
