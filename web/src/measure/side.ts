import type { Schemas } from '../api/client';

/** The dog's own side, never the onlooker's. */
export type Side = Schemas['PlanItem']['ears'][number];

export const SIDES: readonly Side[] = ['RIGHT', 'LEFT'];

const LETTERS: Record<Side, string> = { RIGHT: 'R', LEFT: 'L' };

export function letter(side: Side): string {
  return LETTERS[side];
}

export function earName(side: Side): string {
  return side === 'RIGHT' ? 'right ear' : 'left ear';
}

/** "both ears", "right ear" or "left ear". */
export function earsName(sides: readonly Side[]): string {
  const [only] = sides;
  return sides.length === 1 && only ? earName(only) : 'both ears';
}

/** The value of one side of a pair. */
export function ofSide<P extends { right?: unknown; left?: unknown }>(
  pair: P,
  side: Side,
): P['right'] | P['left'] {
  return side === 'RIGHT' ? pair.right : pair.left;
}
