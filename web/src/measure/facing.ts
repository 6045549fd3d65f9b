import { SIDES, type Side } from './side';
import type { Schemas } from '../api/client';

export type Facing = Schemas['SettingsRequest']['facing'];

/** The two sides from left to right as the household sees its dogs. */
export function sidesAsSeen(facing: Facing): readonly Side[] {
  return facing === 'FRONT' ? SIDES : [...SIDES].reverse();
}
