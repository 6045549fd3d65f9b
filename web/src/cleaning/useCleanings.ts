import { useInfiniteQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { behind } from '../api/pages';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

/** A dog's cleanings, the latest first, a page at a time. */
export function useCleanings(dog: string) {
  const household = useHousehold().id;
  return useInfiniteQuery({
    queryKey: [household, 'dogs', dog, 'cleanings'],
    initialPageParam: {},
    queryFn: ({ pageParam: query }) =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/cleanings', {
          params: { path: { household, dog }, query },
        }),
      ),
    getNextPageParam: (page) => behind(page.cleanings.at(-1), page.hasMore),
  });
}
