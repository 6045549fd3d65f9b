import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api } from '../api/client';
import { answered, Problem } from '../api/problem';

const EVERY_MS = 3000;

const seenKey = (household: string) => ['seen change', household];

/** What is shown is as new as that change, or is being asked for: nobody need ask for it again. */
export function ownChange(client: QueryClient, household: string, change: number): void {
  client.setQueryData<number>(seenKey(household), (seen) => Math.max(seen ?? change, change));
}

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
  useEffect(() => {
    if (number === undefined) return;
    const seen = client.getQueryData<number>(seenKey(household));
    if (seen !== undefined && seen < number) {
      void client.invalidateQueries({ queryKey: [household] });
      void client.invalidateQueries({ queryKey: ['me'] });
    }
    ownChange(client, household, number);
  }, [number, household, client]);
  const cut = changes.error instanceof Problem && changes.error.mayPass;
  const wasCut = useRef(false);
  useEffect(() => {
    if (wasCut.current && !cut) void client.invalidateQueries({ queryKey: [household] });
    wasCut.current = cut;
  }, [cut, household, client]);
  return cut;
}
