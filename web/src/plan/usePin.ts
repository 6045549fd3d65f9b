import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { CREATE, FIRST_VERSION } from '../fact/firstVersion';
import { useChange } from '../fact/useChange';
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
  return useChange(async (pins: readonly string[], { household }) => {
    for (const pin of pins) {
      await answered(
        api.DELETE('/api/households/{household}/pins/{pin}', {
          params: { path: { household, pin }, header: FIRST_VERSION },
        }),
      );
    }
  });
}

/** Puts a planned item on a day; a retry goes under the same id. */
export function usePin(onSaved?: () => void) {
  const [id, setId] = useState(() => newId());
  return useChange(
    ({ dogId, item, on, reason }: PinSaid, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/pins/{pin}', {
          params: { path: { household, pin: id }, header: CREATE },
          body: { dogId, ...when, item, on, ...(reason && { reason }) },
        }),
      ),
    () => {
      setId(newId());
      onSaved?.();
    },
    ({ on }, household) => ({
      words: `Moved to ${longDate(on)}.`,
      undo: () =>
        answered(
          api.DELETE('/api/households/{household}/pins/{pin}', {
            params: { path: { household, pin: id }, header: FIRST_VERSION },
          }),
        ),
    }),
  );
}
