import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';
import type { WithPassword } from '../account/usePasswordAgain';

/** Which dog; the whole household where none is named. */
export type Subject = string | undefined;

/** What is going to be erased in the household, and taking that back. */
export function useErasures() {
  const household = useHousehold().id;
  const client = useQueryClient();
  const erasures = useQuery({
    queryKey: [household, 'erasures'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/erasures', { params: { path: { household } } }),
      ),
  });
  const takeBack = useMutation({
    mutationFn: (erasure: string) =>
      answered(
        api.DELETE('/api/households/{household}/erasures/{erasure}', {
          params: { path: { household, erasure } },
        }),
      ),
    onSuccess: () => client.invalidateQueries(),
  });
  return { erasures, takeBack };
}

/** What would go with a dog, or with the household. */
export function useGoes(dog: Subject) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'goes', dog],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/previews/erasures', {
          params: { path: { household }, query: dog ? { dog } : {} },
        }),
      ),
  });
}

/** Asks that a dog or the household be erased. */
export function useErase(withPassword: WithPassword) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (dog: Subject) =>
      withPassword(() =>
        answered(
          api.POST('/api/households/{household}/erasures', {
            params: { path: { household } },
            body: dog ? { dog } : {},
          }),
        ),
      ),
    onSuccess: () => client.invalidateQueries(),
  });
}

/** What becomes of the person's own account. */
export function useOwnErasure(withPassword: WithPassword) {
  const client = useQueryClient();
  const then = useQuery({
    queryKey: ['me', 'erasure'],
    queryFn: () => answered(api.GET('/api/me/erasure')),
  });
  const ask = useMutation({
    mutationFn: () => withPassword(() => answered(api.POST('/api/me/erasure'))),
    onSuccess: () => client.invalidateQueries(),
  });
  const takeBack = useMutation({
    mutationFn: () => answered(api.DELETE('/api/me/erasure')),
    onSuccess: () => client.invalidateQueries(),
  });
  return { then, ask, takeBack };
}
