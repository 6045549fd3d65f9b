import { useQueryClient } from '@tanstack/react-query';
import { putFact, restoreFact } from '../fact/facts';
import { useChange } from '../fact/useChange';
import { useHousehold, type Settings } from '../household/useMe';

/** Corrects the household's settings, and offers to take that back. */
export function useSaveSettings() {
  const { id, version } = useHousehold();
  const client = useQueryClient();
  const place = { household: id, kind: 'settings', id } as const;
  const askMe = () => client.invalidateQueries({ queryKey: ['me'] });
  return useChange(
    (settings: Settings) =>
      putFact(place, { ...settings, fixedDays: Number(settings.fixedDays) }, version),
    askMe,
    () => ({
      words: 'Saved how you do things',
      undo: async () => {
        const back = await restoreFact(place, version);
        await askMe();
        return back;
      },
    }),
  );
}
