import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';

export type Handled = NonNullable<Schemas['CleaningRequest']['handled']>;

/** How a dog took it, in words; nothing where that was not said. */
export function handledWords(handled: Handled | undefined): string | undefined {
  return labelOf(WORDS.Handled, handled) || undefined;
}
