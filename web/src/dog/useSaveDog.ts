import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { Day } from '../measure/days';
import { requestOf, type DogForm } from './dogForm';

/**
 * Saves a dog under an id that stays the same over all tries, so that a second try never makes a
 * second dog.
 *
 * @param version the version that is corrected; undefined for a new dog
 */
export function useSaveDog(dog: string, version: number | undefined, onSaved: () => void) {
  const { id: household, settings } = useHousehold();
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ form, today }: { form: DogForm; today: Day }) =>
      answered(
        api.PUT('/api/households/{household}/dogs/{dog}', {
          params: {
            path: { household, dog },
            header:
              version === undefined ? { 'If-None-Match': '*' } : { 'If-Match': `"${version}"` },
          },
          body: requestOf(form, today, settings.weightUnit),
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved();
    },
  });
}
