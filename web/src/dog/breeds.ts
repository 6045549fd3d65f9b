import { useQuery } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type Breed = Schemas['Breed'];

/** The breed catalogue; it does not change while the page is open. */
export function useBreeds() {
  return useQuery({
    queryKey: ['breeds'],
    queryFn: () => answered(api.GET('/api/breeds')),
    staleTime: Infinity,
  });
}
