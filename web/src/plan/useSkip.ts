import { useSay } from '../fact/useFact';

/** Skips a planned item. */
export function useSkip(dogId: string, item: string, words: string, onSaved: () => void) {
  return useSay(
    'skips',
    (reason: string, when) => ({ dogId, ...when, item, reason }),
    () => `Skipped: ${words}.`,
    onSaved,
  );
}
