import { useQuery } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type Rulebook = Schemas['Rulebook'];

export function useRulebook() {
  return useQuery({
    queryKey: ['rulebook'],
    staleTime: Infinity,
    queryFn: () => answered(api.GET('/api/rulebook')),
  });
}
