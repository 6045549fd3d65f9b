import { LIMITS } from '../api/limits';

const { min: LEAST, max: MOST } = LIMITS.Settings.smallFill;

/** Whether a small fill of so many millilitres can be; what is no number cannot. */
export function canBeSmallFill(millilitres: number): boolean {
  return millilitres >= LEAST && millilitres <= MOST;
}
