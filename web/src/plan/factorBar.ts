/** Twice as much or half as much reaches the end of the bar. */
const FULL_BAR_LOG = Math.log(2);

/** How far a multiplier's bar reaches from the middle, −1 to 1; 1 leaves it empty. */
export function barReach(times: number): number {
  return Math.max(-1, Math.min(1, Math.log(times) / FULL_BAR_LOG));
}
