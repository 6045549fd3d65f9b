import { useQuery } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type DogInFull = Schemas['DogInFull'];

/** One dog with all its facts and its plan. */
export function useDog(dog: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'dogs', dog],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}', {
          params: { path: { household, dog } },
        }),
      ),
  });
}
