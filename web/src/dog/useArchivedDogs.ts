import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

/** The dogs that have left. */
export function useArchivedDogs() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'archived-dogs'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/archived-dogs', { params: { path: { household } } }),
      ),
  });
}
