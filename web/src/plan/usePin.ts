import { removeFact, takeBackRemoval } from '../fact/facts';
import { useChange } from '../fact/useChange';
import { useSay } from '../fact/useFact';
import { longDate, type Day } from '../measure/days';

/** Where a planned item of a dog is put, and why where that lies outside its window. */
export interface PinSaid {
  dogId: string;
  item: string;
  on: Day;
  reason?: string | undefined;
}

/** Takes back what was said of an item's day. */
export function useUnpin() {
  return useChange(
    (pins: readonly string[], { household }) =>
      Promise.all(pins.map((id) => removeFact({ household, kind: 'pins', id }))),
    undefined,
    (_, household, removed) => ({
      words: 'Back to its own day.',
      undo: () =>
        Promise.all(
          removed.map((one) => takeBackRemoval({ household, kind: 'pins', id: one.id }, one)),
        ),
    }),
  );
}

/** Puts a planned item on a day. */
export function usePin(onSaved?: () => void) {
  return useSay(
    'pins',
    ({ dogId, item, on, reason }: PinSaid, when) => ({
      dogId,
      ...when,
      item,
      on,
      ...(reason && { reason }),
    }),
    ({ on }) => `Moved to ${longDate(on)}.`,
    onSaved,
  );
}
