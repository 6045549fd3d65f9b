import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

/** What a table of dogs would add; nothing is stored. */
export function useDogTablePreview() {
  const household = useHousehold().id;
  return useMutation({
    mutationFn: (csv: string) =>
      answered(
        api.POST('/api/households/{household}/previews/dogs', {
          params: { path: { household } },
          body: { csv },
        }),
      ),
  });
}

/** Adds the dogs of a table: all that are not there yet, or none. */
export function useAddDogs(onAdded: (count: number) => unknown) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (csv: string) =>
      answered(
        api.POST('/api/households/{household}/dogs-of-table', {
          params: { path: { household } },
          body: { csv },
        }),
      ),
    onSuccess: async ({ added }) => {
      await client.invalidateQueries({ queryKey: [household] });
      onAdded(added);
    },
  });
}
