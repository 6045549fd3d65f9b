import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type CanalPreview = Schemas['CanalPreview'];

/** Where fluid stands in a canal of that volume. */
export function useCanal(volume: number, poured: number, tilt: number) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'canal', volume, poured, tilt],
    placeholderData: keepPreviousData,
    staleTime: Infinity,
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/previews/canal', {
          params: { path: { household }, query: { volume, poured, tilt } },
        }),
      ),
  });
}
