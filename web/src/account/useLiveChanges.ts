import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api } from '../api/client';
import { answered, Problem } from '../api/problem';

const EVERY_MS = 3000;

/**
 * Fetches anew what is shown once somebody else has changed something in the household, or once the
 * server answers again.
 *
 * @returns whether it does not answer just now
 */
export function useLiveChanges(household: string): boolean {
  const client = useQueryClient();
  const changes = useQuery({
    queryKey: ['changes', household],
    queryFn: () =>
      answered(api.GET('/api/households/{household}/changes', { params: { path: { household } } })),
    refetchInterval: EVERY_MS,
    staleTime: 0,
  });
  const number = changes.data?.number;
  const seen = useRef<number>(undefined);
  useEffect(() => {
    if (number !== undefined && seen.current !== undefined && seen.current !== number) {
      void client.invalidateQueries({ queryKey: [household] });
      void client.invalidateQueries({ queryKey: ['me'] });
    }
    seen.current = number;
  }, [number, household, client]);
  const cut = changes.error instanceof Problem && changes.error.mayPass;
  const wasCut = useRef(false);
  useEffect(() => {
    if (wasCut.current && !cut) void client.invalidateQueries({ queryKey: [household] });
    wasCut.current = cut;
  }, [cut, household, client]);
  return cut;
}
