import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import type { VisitRequest } from './visitForm';

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

/** All versions of a visit, the latest first. */
export function useVisitVersions(visit: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'visits', visit],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/visits/{visit}/versions', {
          params: { path: { household, visit } },
        }),
      ),
  });
}

/**
 * Records a visit under an id that stays the same over all tries.
 *
 * @param version the version that is corrected; undefined for a new visit
 */
export function useSaveVisit(visit: string, version: number | undefined, onSaved: () => void) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: VisitRequest) =>
      answered(
        api.PUT('/api/households/{household}/visits/{visit}', {
          params: {
            path: { household, visit },
            header:
              version === undefined ? { 'If-None-Match': '*' } : { 'If-Match': `"${version}"` },
          },
          body,
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved();
    },
  });
}
