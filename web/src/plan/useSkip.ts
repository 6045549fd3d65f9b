import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { useHousehold, useSettings } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';

/** Skips a planned item under an id that stays the same over all tries. */
export function useSkip(dogId: string, item: string, onSaved: () => void) {
  const household = useHousehold().id;
  const { zone } = useSettings();
  const client = useQueryClient();
  const [skip] = useState(() => newId());
  return useMutation({
    mutationFn: (reason: string) =>
      answered(
        api.PUT('/api/households/{household}/skips/{skip}', {
          params: { path: { household, skip }, header: { 'If-None-Match': '*' } },
          body: { dogId, at: new Date().toISOString(), zone, item, reason },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved();
    },
  });
}
