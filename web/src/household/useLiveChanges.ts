import { useQuery, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { api } from '../api/client';
import { answered, Problem } from '../api/problem';

const EVERY_MS = 3000;

const seenKey = (household: string) => ['seen change', household];

/**
 * What follows from an own change is asked for by who made it: nobody need ask again once the number
 * is seen to have moved by it. Where others changed something in between, their change is still to
 * be seen, and with it what only they may have changed: settings, roles.
 */
export function ownChange(client: QueryClient, household: string, change: number): void {
  client.setQueryData<number>(seenKey(household), (seen) => (seen === change - 1 ? change : seen));
}

/** Whether others have changed something since it was asked last; from now on that is seen. */
export function othersChanged(client: QueryClient, household: string, number: number): boolean {
  const seen = client.getQueryData<number>(seenKey(household));
  client.setQueryData(seenKey(household), Math.max(seen ?? number, number));
  return seen !== undefined && seen < number;
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
    if (othersChanged(client, household, number)) {
      void client.invalidateQueries({ queryKey: [household] });
      void client.invalidateQueries({ queryKey: ['me'] });
    }
  }, [number, household, client]);
  const cut = changes.error instanceof Problem && changes.error.mayPass;
  const wasCut = useRef(false);
  useEffect(() => {
    if (wasCut.current && !cut) void client.invalidateQueries({ queryKey: [household] });
    wasCut.current = cut;
  }, [cut, household, client]);
  return cut;
}
