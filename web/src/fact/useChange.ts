import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useHousehold, useSettings } from '../account/useMe';

/** Where and when something is said. */
export interface Said {
  household: string;
  zone: string;
  at: string;
}

/** Says something new and asks again for all that may follow from it. */
export function useChange<V>(
  change: (said: V, where: Said) => Promise<unknown>,
  onSaved?: (said: V) => void,
) {
  const household = useHousehold().id;
  const { zone } = useSettings();
  const client = useQueryClient();
  return useMutation({
    mutationFn: (said: V) => change(said, { household, zone, at: new Date().toISOString() }),
    onSuccess: async (_, said) => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved?.(said);
    },
  });
}
