import { useQuery } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { useChange } from '../fact/useChange';
import { useHousehold } from '../household/useMe';

export type RemindersRequest = Schemas['RemindersRequest'];

/** How I want to be reminded. */
export function useReminders() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'reminders'],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/reminders', { params: { path: { household } } }),
      ),
  });
}

/** Says how I want to be reminded. */
export function useSaveReminders() {
  return useChange(async (said: RemindersRequest, { household }): Promise<void> => {
    await answered(
      api.PUT('/api/households/{household}/reminders', {
        params: { path: { household } },
        body: said,
      }),
    );
  });
}

const EVERY_MS = 10_000;

/** The latest mails to me, where the mail service is the simulated one. */
export function useOutbox(shown: boolean) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'outbox'],
    enabled: shown,
    refetchInterval: EVERY_MS,
    queryFn: () =>
      answered(api.GET('/api/households/{household}/outbox', { params: { path: { household } } })),
  });
}
