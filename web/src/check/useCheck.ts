import { useInfiniteQuery, useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { behind } from '../api/pages';
import { answered } from '../api/problem';

export type CheckInFull = Schemas['CheckInFull'];

/** All that one check says. */
export function useCheck(dog: string, check: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'dogs', dog, 'checks', check],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/checks/{check}', {
          params: { path: { household, dog, check } },
        }),
      ),
  });
}

/** A dog's checks, the latest first, a page at a time. */
export function useChecks(dog: string) {
  const household = useHousehold().id;
  return useInfiniteQuery({
    queryKey: [household, 'dogs', dog, 'checks'],
    initialPageParam: {},
    queryFn: ({ pageParam: query }) =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/checks', {
          params: { path: { household, dog }, query },
        }),
      ),
    getNextPageParam: (page) => behind(page.checks.at(-1)?.check, page.hasMore),
  });
}
