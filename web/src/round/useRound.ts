import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

/** The round of those dogs, or of all that are due, with the tray for it. */
export function useRound(dogs: readonly string[] | undefined, helper: boolean, enabled: boolean) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'round', dogs ?? 'due', helper],
    enabled,
    placeholderData: keepPreviousData,
    // what it is made of may have changed a moment ago
    staleTime: 0,
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/round', {
          params: { path: { household }, query: { helper, ...(dogs && { dogs: [...dogs] }) } },
        }),
      ),
  });
}
