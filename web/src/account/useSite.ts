import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';

/** What anybody may know of this server: who makes an account, and which version runs. */
export function useSite() {
  return useQuery({ queryKey: ['site'], queryFn: () => answered(api.GET('/api/site')) });
}
