import { useQuery } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';

/** All versions of a check, the latest first. */
export function useCheckVersions(check: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'checks', check],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/checks/{check}/versions', {
          params: { path: { household, check } },
        }),
      ),
  });
}
