import type { WORDS } from '../api/words';
import { numberOf, requestOf, type Ingredient, type Pour } from './pours';
import type { AimRequest } from './useMix';

/** How strong something is to be: as it was typed. */
export interface TargetLine {
  active: (typeof WORDS.Active)[number]['value'];
  least: string;
  most: string;
}

export const FIRST_TARGET: TargetLine = { active: 'ACETIC_ACID', least: '2', most: '2.5' };

const WATER = 'water';

/** The targets that are numbers by now; one without a "to" is met exactly. */
export function targetsOf(lines: readonly TargetLine[]): AimRequest['targets'] {
  return lines.flatMap(({ active, least, most }) => {
    const from = least.trim() === '' ? 0 : numberOf(least);
    const to = most.trim() === '' ? from : numberOf(most);
    return from === undefined || to === undefined ? [] : [{ active, least: from, most: to }];
  });
}

/** What is asked for; nothing while the volume is no number. */
export function aimOf(
  millilitres: number | undefined,
  lines: readonly TargetLine[],
  pours: readonly Pour[],
  shelf: readonly Ingredient[],
  locked: readonly string[],
): AimRequest | undefined {
  if (millilitres === undefined) return undefined;
  const parts = requestOf(pours, shelf)?.parts ?? [];
  const ids = [...new Set(pours.map(({ ingredient }) => ingredient))];
  const from = [...ids, ...(ids.includes(WATER) ? [] : [WATER])].map((ingredient) => {
    const line = parts.find((part) => part.ingredient === ingredient);
    return {
      ingredient,
      ...(line?.strengths && { strengths: line.strengths }),
      ...(line && locked.includes(ingredient) && { exactly: line.amount, measure: line.measure }),
    };
  });
  return { millilitres, targets: targetsOf(lines), from };
}
