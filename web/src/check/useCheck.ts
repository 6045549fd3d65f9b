import { useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
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

/** A dog's checks, the latest first. */
export function useChecks(dog: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'dogs', dog, 'checks'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/checks', {
          params: { path: { household, dog } },
        }),
      ),
  });
}
