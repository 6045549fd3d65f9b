import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { CREATE, FIRST_VERSION } from '../fact/firstVersion';
import { useChange } from '../fact/useChange';
import type { Side } from '../measure/side';

/** Confirms that the hold of an ear is over, under an id that stays the same over all tries. */
export function useRelease(dogId: string, ear: Side, onSaved: () => void) {
  const [release] = useState(() => newId());
  return useChange(
    (_: void, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/hold-releases/{release}', {
          params: { path: { household, release }, header: CREATE },
          body: { dogId, ...when, ear },
        }),
      ),
    onSaved,
    (_, household) => ({
      words: 'The hold is over, by your word.',
      undo: () =>
        answered(
          api.DELETE('/api/households/{household}/hold-releases/{release}', {
            params: { path: { household, release }, header: FIRST_VERSION },
          }),
        ),
    }),
  );
}
