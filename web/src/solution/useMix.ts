import { keepPreviousData, useMutation, useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import type { MixRequest } from './pours';
import type { Side } from '../measure/side';

export type MixPreview = Schemas['MixPreview'];

/** What may be on the shelf. */
export function useShelf() {
  return useQuery({
    queryKey: ['ingredients'],
    staleTime: Infinity,
    queryFn: () => answered(api.GET('/api/ingredients')),
  });
}

/** What the schools mix. */
export function useRecipes() {
  return useQuery({
    queryKey: ['recipes'],
    staleTime: Infinity,
    queryFn: () => answered(api.GET('/api/recipes')),
  });
}

/** What a mix would be, and whom it suits. */
export function useMix(request: MixRequest | undefined) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'mix', JSON.stringify(request)],
    enabled: request !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () =>
      answered(
        api.POST('/api/households/{household}/previews/mix', {
          params: { path: { household } },
          body: request ?? { parts: [] },
        }),
      ),
  });
}

export type Making = Schemas['MakingPreview'];

/** How a mix is made, how much of it is needed, and what it costs. */
export function useMaking(request: MixRequest | undefined) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'making', JSON.stringify(request)],
    enabled: request !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
    queryFn: () =>
      answered(
        api.POST('/api/households/{household}/previews/making', {
          params: { path: { household } },
          body: request ?? { parts: [] },
        }),
      ),
  });
}

export type AimRequest = Schemas['AimRequest'];
export type AimedMix = Schemas['AimedMix'];

/** Asks for the amounts that meet targets; nothing is changed by it. */
export function useAim(onFound: (found: AimedMix) => void) {
  const household = useHousehold().id;
  return useMutation({
    mutationFn: (body: AimRequest) =>
      answered(
        api.POST('/api/households/{household}/previews/aimed-mix', {
          params: { path: { household } },
          body,
        }),
      ),
    onSuccess: onFound,
  });
}

export type OwnRecipe = Schemas['OwnRecipe'];

/** What the household mixes. */
export function useOwnRecipes() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'own-recipes'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/own-recipes', { params: { path: { household } } }),
      ),
  });
}

export type NearestMix = Schemas['NearestMix'];

/** Asks for the nearest recipe that suits an ear; nothing is changed by it. */
export function useNearest(onFound: (nearest: NearestMix) => void) {
  const household = useHousehold().id;
  return useMutation({
    mutationFn: ({ dog, ear, request }: { dog: string; ear: Side; request: MixRequest }) =>
      answered(
        api.POST('/api/households/{household}/dogs/{dog}/previews/nearest-mix', {
          params: { path: { household, dog }, query: { ear } },
          body: request,
        }),
      ),
    onSuccess: onFound,
  });
}
