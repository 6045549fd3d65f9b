import { useSay } from '../fact/useFact';
import type { Side } from '../measure/side';

/** Confirms that the hold of an ear is over. */
export function useRelease(dogId: string, ear: Side, onSaved: () => void) {
  return useSay(
    'hold-releases',
    (_: void, when) => ({ dogId, ...when, ear }),
    () => 'The hold is over, by your word.',
    onSaved,
  );
}
