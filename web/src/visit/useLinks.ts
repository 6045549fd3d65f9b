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

/** How many pages the file for the vet will have. */
export function useVetPages(dog: string, asked: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'vet-pages', dog, asked],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/vet-pages', {
          params: { path: { household, dog }, query: asked ? { asked } : {} },
        }),
      ),
    placeholderData: (before) => before,
  });
}

/** Where the picture of one of its pages is. */
export function vetPagePath(household: string, dog: string, asked: string, page: number): string {
  const path = `/api/households/${household}/dogs/${dog}/vet-pages/${page}`;
  return asked ? `${path}?asked=${encodeURIComponent(asked)}` : path;
}

/** Where the file for the vet is. */
export function vetFilePath(household: string, dog: string, asked: string): string {
  const path = `/api/households/${household}/dogs/${dog}/vet.pdf`;
  return asked.trim() ? `${path}?asked=${encodeURIComponent(asked.trim())}` : path;
}
