import { useMutation } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { useRemoveFact, useSay } from '../fact/useFact';

export type AppointmentSaid = Pick<Schemas['AppointmentRequest'], 'on' | 'time' | 'what'>;

/** Notes when a vet is to see a dog, and takes that back. */
export function useAppointments(dogId: string, onMade: () => void) {
  const make = useSay(
    'appointments',
    (said: AppointmentSaid, when) => ({ dogId, ...when, ...said }),
    ({ what }) => `Noted: ${what}.`,
    onMade,
  );
  const cancel = useRemoveFact('appointments', 'The appointment is taken out.');
  return {
    make: make.mutate,
    cancel: (id: string) => cancel.mutate({ id }),
    problem: make.error ?? cancel.error,
  };
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
