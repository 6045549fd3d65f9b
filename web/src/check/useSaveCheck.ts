import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { CheckRequest } from './checkForm';

/**
 * Records a check under an id that stays the same over all tries.
 *
 * @param version the version that is corrected; undefined for a new check
 */
export function useSaveCheck(check: string, version: number | undefined, onSaved: () => void) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: CheckRequest) =>
      answered(
        api.PUT('/api/households/{household}/checks/{check}', {
          params: {
            path: { household, check },
            header:
              version === undefined ? { 'If-None-Match': '*' } : { 'If-Match': `"${version}"` },
          },
          body,
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved();
    },
  });
}
