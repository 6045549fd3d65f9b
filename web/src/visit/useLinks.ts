import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

/** The links to a dog's page for the vet that still work, the latest first. */
export function useLinks(dog: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'links', dog],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/links', {
          params: { path: { household, dog } },
        }),
      ),
  });
}

/** Makes a link, whose address is shown this once. */
export function useMakeLink(dog: string) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: { asked?: string; days: number }) =>
      answered(
        api.POST('/api/households/{household}/dogs/{dog}/links', {
          params: { path: { household, dog } },
          body,
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: [household, 'links', dog] }),
  });
}

/** Ends a link: from then on it opens nothing. */
export function useEndLink(dog: string) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (link: string) =>
      answered(
        api.DELETE('/api/households/{household}/links/{link}', {
          params: { path: { household, link } },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: [household, 'links', dog] }),
  });
}

/** Where the file for the vet is. */
export function vetFilePath(household: string, dog: string, asked: string): string {
  const path = `/api/households/${household}/dogs/${dog}/vet.pdf`;
  return asked.trim() ? `${path}?asked=${encodeURIComponent(asked.trim())}` : path;
}
