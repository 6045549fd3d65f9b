import type { Schemas } from '../api/client';
import { putFact, removeFact } from '../fact/facts';
import { useChange } from '../fact/useChange';
import { useRemoveFact, useSay } from '../fact/useFact';
import { useTries } from '../fact/useTries';

type Expected = Omit<Schemas['ExpectedExposureRequest'], 'at' | 'zone' | 'dogId'>;
export type ExpectedDay = Schemas['ExpectedDay'];

/** Says what happens to a dog's ears again and again. */
export function useExpect(dogId: string, onSaved: () => void) {
  return useSay(
    'expected-exposures',
    (said: Expected, when) => ({ dogId, ...when, ...said }),
    () => 'Noted: it is expected from today on.',
    onSaved,
  );
}

/** Expects something no longer. */
export function useUnexpect() {
  return useRemoveFact('expected-exposures', 'It is expected no longer.');
}

interface Answer {
  open: ExpectedDay;
  happened: boolean;
}

/** Says of an expected day whether it happened: confirmed as an exposure, or struck out. */
export function useAnswerDay(dogId: string) {
  const tries = useTries();
  const place = (household: string, { happened }: Answer, id: string) => ({
    household,
    kind: happened ? ('exposures' as const) : ('struck-days' as const),
    id,
  });
  return useChange(
    (said: Answer, { household, zone }) => {
      const { open, happened } = said;
      const { id, at } = tries.of(JSON.stringify(said));
      const when = { at, zone };
      const days = { firstDay: open.day, lastDay: open.day };
      return happened
        ? putFact(
            { household, kind: 'exposures', id },
            { dogId, ...when, kind: open.kind, ...days },
          )
        : putFact(
            { household, kind: 'struck-days', id },
            { dogId, ...when, expected: open.expected, on: open.day },
          );
    },
    undefined,
    (said, household) => {
      const id = tries.saved(JSON.stringify(said));
      return {
        words: said.happened ? 'Noted: it happened.' : 'Struck out: it did not happen.',
        undo: () => removeFact(place(household, said, id), 1),
      };
    },
  );
}
