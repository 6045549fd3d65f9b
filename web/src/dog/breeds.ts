import { useQuery } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type Breed = Schemas['Breed'];

/** What a cross of two is expected to be like. */
export function crossOf(one: string, two: string): Promise<Breed> {
  return answered(api.GET('/api/breeds/cross', { params: { query: { one, two } } }));
}

/** The breed catalogue; it does not change while the page is open. */
export function useBreeds() {
  return useQuery({
    queryKey: ['breeds'],
    queryFn: () => answered(api.GET('/api/breeds')),
    staleTime: Infinity,
  });
}
