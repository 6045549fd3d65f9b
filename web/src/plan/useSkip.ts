import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { CREATE, FIRST_VERSION } from '../fact/firstVersion';
import { useChange } from '../fact/useChange';

/** Skips a planned item under an id that stays the same over all tries. */
export function useSkip(dogId: string, item: string, words: string, onSaved: () => void) {
  const [skip] = useState(() => newId());
  return useChange(
    (reason: string, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/skips/{skip}', {
          params: { path: { household, skip }, header: CREATE },
          body: { dogId, ...when, item, reason },
        }),
      ),
    onSaved,
    (_, household) => ({
      words: `Skipped: ${words}.`,
      undo: () =>
        answered(
          api.DELETE('/api/households/{household}/skips/{skip}', {
            params: { path: { household, skip }, header: FIRST_VERSION },
          }),
        ),
    }),
  );
}
