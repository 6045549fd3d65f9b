import { earName } from '../measure/side';
import type { DogToday } from '../view/useToday';

export type Course = DogToday['courses'][number];

/** "Marsh drops, left ear" */
export function medicineWords({ what, ears }: Course): string {
  return ears.length === 1 && ears[0] ? `${what}, ${earName(ears[0])}` : what;
}
