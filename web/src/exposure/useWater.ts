import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { CREATE, FIRST_VERSION } from '../fact/firstVersion';
import { useChange } from '../fact/useChange';
import { useIds } from '../fact/useIds';

type Expected = Omit<Schemas['ExpectedExposureRequest'], 'at' | 'zone' | 'dogId'>;
export type ExpectedDay = Schemas['ExpectedDay'];

/** Says that the ears of a dog were dried. */
export function useDried(dogId: string) {
  return useChange(
    (drying: string, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/dryings/{drying}', {
          params: { path: { household, drying }, header: CREATE },
          body: { dogId, ...when },
        }),
      ),
    undefined,
    (drying, household) => ({
      words: 'Noted: dried.',
      undo: () =>
        answered(
          api.DELETE('/api/households/{household}/dryings/{drying}', {
            params: { path: { household, drying }, header: FIRST_VERSION },
          }),
        ),
    }),
  );
}

/** Says what happens to a dog's ears again and again. */
export function useExpect(dogId: string, onSaved: () => void) {
  const { idOf, saved } = useIds();
  return useChange(
    (said: Expected, { household, ...when }) =>
      answered(
        api.PUT('/api/households/{household}/expected-exposures/{exposure}', {
          params: { path: { household, exposure: idOf(JSON.stringify(said)) }, header: CREATE },
          body: { dogId, ...when, ...said },
        }),
      ),
    (said) => {
      saved(JSON.stringify(said));
      onSaved();
    },
  );
}

/** Expects something no longer. */
export function useUnexpect() {
  return useChange((exposure: string, { household }) =>
    answered(
      api.DELETE('/api/households/{household}/expected-exposures/{exposure}', {
        params: { path: { household, exposure }, header: FIRST_VERSION },
      }),
    ),
  );
}

interface Answer {
  open: ExpectedDay;
  happened: boolean;
}

const inFew = ({ open, happened }: Answer) =>
  `${open.expected} ${open.day} ${happened ? 'did' : 'did not'}`;

/** Says of an expected day whether it happened: confirmed as an exposure, or struck out. */
export function useAnswerDay(dogId: string) {
  const { idOf, saved } = useIds();
  return useChange(
    (said: Answer, { household, ...when }) => {
      const { open } = said;
      return said.happened
        ? answered(
            api.PUT('/api/households/{household}/exposures/{exposure}', {
              params: { path: { household, exposure: idOf(inFew(said)) }, header: CREATE },
              body: { dogId, ...when, kind: open.kind, firstDay: open.day, lastDay: open.day },
            }),
          )
        : answered(
            api.PUT('/api/households/{household}/struck-days/{struck}', {
              params: { path: { household, struck: idOf(inFew(said)) }, header: CREATE },
              body: { dogId, ...when, expected: open.expected, on: open.day },
            }),
          );
    },
    undefined,
    (said, household) => {
      const id = saved(inFew(said));
      return {
        words: said.happened ? 'Noted: it happened.' : 'Struck out: it did not happen.',
        undo: () =>
          said.happened
            ? answered(
                api.DELETE('/api/households/{household}/exposures/{exposure}', {
                  params: { path: { household, exposure: id }, header: FIRST_VERSION },
                }),
              )
            : answered(
                api.DELETE('/api/households/{household}/struck-days/{struck}', {
                  params: { path: { household, struck: id }, header: FIRST_VERSION },
                }),
              ),
      };
    },
  );
}
