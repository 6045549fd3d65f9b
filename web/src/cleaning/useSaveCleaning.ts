import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { CleaningRequest } from './cleaningForm';

/** Records a cleaning under an id that stays the same over all tries. */
export function useSaveCleaning(cleaning: string, onSaved: () => void) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: CleaningRequest) =>
      answered(
        api.PUT('/api/households/{household}/cleanings/{cleaning}', {
          params: { path: { household, cleaning }, header: { 'If-None-Match': '*' } },
          body,
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved();
    },
  });
}
