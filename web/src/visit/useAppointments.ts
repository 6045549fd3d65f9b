import { useMutation } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { CREATE, FIRST_VERSION } from '../fact/firstVersion';
import { useChange } from '../fact/useChange';
import { useIds } from '../fact/useIds';

export type AppointmentSaid = Pick<Schemas['AppointmentRequest'], 'on' | 'time' | 'what'>;

/** Notes when a vet is to see a dog, and takes that back. */
export function useAppointments(dogId: string, onMade: () => void) {
  const { idOf, saved } = useIds();
  const make = useChange(
    (said: AppointmentSaid, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/appointments/{appointment}', {
          params: {
            path: { household, appointment: idOf(JSON.stringify(said)) },
            header: CREATE,
          },
          body: { dogId, ...when, ...said },
        }),
      ),
    onMade,
    (said, household) => {
      const appointment = saved(JSON.stringify(said));
      return {
        words: `Noted: ${said.what}.`,
        undo: () =>
          answered(
            api.DELETE('/api/households/{household}/appointments/{appointment}', {
              params: { path: { household, appointment }, header: FIRST_VERSION },
            }),
          ),
      };
    },
  );
  const cancel = useChange((appointment: string, { household }) =>
    answered(
      api.DELETE('/api/households/{household}/appointments/{appointment}', {
        params: { path: { household, appointment }, header: FIRST_VERSION },
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
