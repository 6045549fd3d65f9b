import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { earName, letter, type Side } from '../measure/side';

type Amount = Schemas['DoseAmount'];

/** "8 drops", "5 to 10 drops", "1 tablet" */
export function amountWords({ least, most, unit }: Amount): string {
  const range = least === most ? `${least}` : `${least} to ${most}`;
  const many = labelOf(WORDS.DoseUnit, unit);
  return `${range} ${most === 1 && many.endsWith('s') ? many.slice(0, -1) : many}`;
}

/** "left ear", "both ears"; nothing for a tablet. */
export function earsWords(ears: readonly Side[]): string {
  return ears.length === 2 ? 'both ears' : ears.map(earName).join('');
}

/** "L", "R + L"; nothing for a tablet. */
export function earLetters(ears: readonly Side[]): string {
  return ears.map(letter).join(' + ');
}
