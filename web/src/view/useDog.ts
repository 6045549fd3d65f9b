import { useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type DogInFull = Schemas['DogInFull'];

/**
 * One dog with all its facts and its plan.
 *
 * @param fresh whether it is asked for anew in any case: a form must not begin from what was
 *     known a while ago
 */
export function useDog(dog: string, { fresh = false } = {}) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'dogs', dog],
    ...(fresh && { refetchOnMount: 'always' as const }),
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}', {
          params: { path: { household, dog } },
        }),
      ),
  });
}
