const DEGREES_A_POINT = 3;
const MOST_DEGREES = 20;

/** How far the balance tips, in degrees: clockwise where the score on the right is the higher one. */
export function balanceTilt(left: number, right: number): number {
  const tilt = (right - left) * DEGREES_A_POINT;
  return Math.min(Math.max(tilt, -MOST_DEGREES), MOST_DEGREES);
}
