import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold, type Settings } from '../household/useMe';

/** Corrects the household's settings. */
export function useSaveSettings() {
  const household = useHousehold();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (settings: Settings) =>
      answered(
        api.PUT('/api/households/{household}/settings', {
          params: {
            path: { household: household.id },
            header: { 'If-Match': `"${household.version}"` },
          },
          body: { ...settings, fixedDays: Number(settings.fixedDays) },
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: ['me'] });
      await client.invalidateQueries({ queryKey: [household.id] });
    },
  });
}
