import { useMutation } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { useHousehold } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { useChange } from '../fact/useChange';

export type AppointmentSaid = Pick<Schemas['AppointmentRequest'], 'on' | 'time' | 'what'>;

/** Notes when a vet is to see a dog, and takes that back. */
export function useAppointments(dogId: string, onMade: () => void) {
  const make = useChange(
    (said: AppointmentSaid, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/appointments/{appointment}', {
          params: {
            path: { household, appointment: newId() },
            header: { 'If-None-Match': '*' },
          },
          body: { dogId, ...when, ...said },
        }),
      ),
    onMade,
  );
  const cancel = useChange((appointment: string, { household }) =>
    answered(
      api.DELETE('/api/households/{household}/appointments/{appointment}', {
        params: { path: { household, appointment }, header: { 'If-Match': '"1"' } },
      }),
    ),
  );
  return { make: make.mutate, cancel: cancel.mutate, problem: make.error ?? cancel.error };
}

/** Reads the appointments out of a calendar file; nothing is saved by that. */
export function useReadCalendar() {
  const household = useHousehold().id;
  return useMutation({
    mutationFn: (ics: string) =>
      answered(
        api.POST('/api/households/{household}/previews/appointments', {
          params: { path: { household } },
          body: { ics },
        }),
      ),
  });
}
