import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useChange } from '../fact/useChange';
import type { Day } from '../measure/days';

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
          params: { path: { household, pin }, header: { 'If-Match': '"1"' } },
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
          params: { path: { household, pin: id }, header: { 'If-None-Match': '*' } },
          body: { dogId, ...when, item, on, ...(reason && { reason }) },
        }),
      ),
    () => {
      setId(newId());
      onSaved?.();
    },
  );
}
