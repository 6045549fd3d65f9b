import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useHousehold, useSettings } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { Side } from '../measure/side';

/** Confirms that the hold of an ear is over, under an id that stays the same over all tries. */
export function useRelease(dogId: string, ear: Side, onSaved: () => void) {
  const household = useHousehold().id;
  const { zone } = useSettings();
  const client = useQueryClient();
  const [release] = useState(() => newId());
  return useMutation({
    mutationFn: () =>
      answered(
        api.PUT('/api/households/{household}/hold-releases/{release}', {
          params: { path: { household, release }, header: { 'If-None-Match': '*' } },
          body: { dogId, at: new Date().toISOString(), zone, ear },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved();
    },
  });
}
