import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useHousehold } from '../account/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type Stock = Schemas['Stock'];
export type Outlook = Schemas['StockOutlook'];
export type Supply = Schemas['Supply'];
export type SupplyRequest = Schemas['SupplyRequest'];

/** What is in the house, and how long it lasts. */
export function useStock() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'stock'],
    queryFn: () =>
      answered(api.GET('/api/households/{household}/stock', { params: { path: { household } } })),
  });
}

/** A bottle or pack, with the version that is corrected; undefined for a new one. */
export interface Said {
  id: string;
  version: number | undefined;
  body: SupplyRequest;
}

/** Records a bottle or pack, or counts it anew. */
export function useSaveSupply(onSaved: () => void) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, version, body }: Said) =>
      answered(
        api.PUT('/api/households/{household}/supplies/{supply}', {
          params: {
            path: { household, supply: id },
            header:
              version === undefined ? { 'If-None-Match': '*' } : { 'If-Match': `"${version}"` },
          },
          body,
        }),
      ),
    onSuccess: async () => {
      await client.invalidateQueries({ queryKey: [household] });
      onSaved();
    },
  });
}

/** Takes a bottle or pack out of the house. */
export function useRemoveSupply() {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ id, version }: { id: string; version: number }) =>
      answered(
        api.DELETE('/api/households/{household}/supplies/{supply}', {
          params: {
            path: { household, supply: id },
            header: { 'If-Match': `"${version}"` },
          },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: [household] }),
  });
}
