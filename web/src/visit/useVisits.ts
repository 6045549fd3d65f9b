import { useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type VisitEntry = Schemas['VisitEntry'];

/** A dog's visits with what is attached to them, the latest first. */
export function useVisits(dog: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'dogs', dog, 'visits'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/visits', {
          params: { path: { household, dog } },
        }),
      ),
  });
}
