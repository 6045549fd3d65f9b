import { v7 as newId } from 'uuid';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { useChange } from '../fact/useChange';
import type { Day } from '../measure/days';

type Expected = Omit<Schemas['ExpectedExposureRequest'], 'at' | 'zone' | 'dogId'>;
export type ExpectedDay = Schemas['ExpectedDay'];

const CREATE = { 'If-None-Match': '*' };

/** Says that the ears of a dog were dried. */
export function useDried(dogId: string) {
  return useChange((drying: string, { household, ...when }) =>
    answered(
      api.PUT('/api/households/{household}/dryings/{drying}', {
        params: { path: { household, drying }, header: CREATE },
        body: { dogId, ...when },
      }),
    ),
  );
}

/** Says what happens to a dog's ears again and again. */
export function useExpect(dogId: string, onSaved: () => void) {
  return useChange(
    (said: Expected, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/expected-exposures/{exposure}', {
          params: { path: { household, exposure: newId() }, header: CREATE },
          body: { dogId, ...when, ...said },
        }),
      ),
    onSaved,
  );
}

/** Expects something no longer. */
export function useUnexpect() {
  return useChange((exposure: string, { household }) =>
    answered(
      api.DELETE('/api/households/{household}/expected-exposures/{exposure}', {
        params: { path: { household, exposure }, header: { 'If-Match': '"1"' } },
      }),
    ),
  );
}

/** Says of an expected day whether it happened: confirmed as an exposure, or struck out. */
export function useAnswerDay(dogId: string) {
  return useChange(
    ({ open, happened }: { open: ExpectedDay; happened: boolean }, { household, ...when }) =>
      happened
        ? answered(
            api.PUT('/api/households/{household}/exposures/{exposure}', {
              params: { path: { household, exposure: newId() }, header: CREATE },
              body: { dogId, ...when, kind: open.kind, firstDay: open.day, lastDay: open.day },
            }),
          )
        : strike(dogId, household, when, open.expected, open.day),
  );
}

function strike(
  dogId: string,
  household: string,
  when: { zone: string; at: string },
  expected: string,
  on: Day,
) {
  return answered(
    api.PUT('/api/households/{household}/struck-days/{struck}', {
      params: { path: { household, struck: newId() }, header: CREATE },
      body: { dogId, ...when, expected, on },
    }),
  );
}
