import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { blankForm, requestOf, type DogForm } from './dogForm';

const PAUSE_MS = 120;

/** The value as it was when it last stood still for a moment. */
function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [value]);
  return settled;
}

export type Preview = Schemas['IntervalPreview'];

/**
 * What the traits come to, before they are saved. Only what the answer depends on is sent.
 *
 * @param known what they come to as they stand, where that is known already
 */
export function useInterval(
  form: Pick<DogForm, 'breeds' | 'ears' | 'life' | 'joinedOn'>,
  known: Preview | undefined,
) {
  const household = useHousehold().id;
  const asked = useSettled(JSON.stringify([form.breeds, form.ears, form.life]));
  return useQuery({
    queryKey: [household, 'interval', asked],
    placeholderData: (before: Preview | undefined) => before ?? known,
    queryFn: () =>
      answered(
        api.POST('/api/households/{household}/previews/interval', {
          params: { path: { household } },
          body: requestOf(
            {
              ...blankForm(form.joinedOn),
              name: 'preview',
              breeds: form.breeds,
              ears: form.ears,
              life: form.life,
            },
            form.joinedOn,
            'KG',
          ),
        }),
      ),
  });
}
