import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { CheckRequest } from './checkForm';

/**
 * What a check would say, before it is saved.
 *
 * @param replacing the check that it would correct; undefined for a new one
 */
export function useCheckPreview(dog: string, request: CheckRequest, replacing?: string) {
  const household = useHousehold().id;
  // neither the note nor the time of day changes the answer
  const { at, dogId, zone, ears, dog: shown } = request;
  const asked = { dogId, zone, ears, dog: shown };
  return useQuery({
    queryKey: [
      household,
      'dogs',
      dog,
      'preview',
      replacing,
      at.slice(0, 10),
      JSON.stringify(asked),
    ],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.POST('/api/households/{household}/dogs/{dog}/previews/check', {
          params: { path: { household, dog }, query: { replacing } },
          body: { ...asked, at },
        }),
      ),
  });
}
