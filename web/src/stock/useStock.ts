import { useQuery } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { putFact, removeFact, restoreFact } from '../fact/facts';
import { useChange } from '../fact/useChange';
import { useHousehold } from '../household/useMe';

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

export type Compared = Schemas['ComparedBottle'];

/** Bottles and packs side by side. */
export function useCompared(supply: readonly string[]) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'compared', supply],
    enabled: supply.length > 0,
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/stock/compared', {
          params: { path: { household }, query: { supply: [...supply] } },
        }),
      ),
  });
}

/** A bottle or pack, with the version that is corrected; undefined for a new one. */
export interface Said {
  id: string;
  version: number | undefined;
  body: SupplyRequest;
}

/** Records a bottle or pack, or counts it anew; what was counted before can be said again. */
export function useSaveSupply(onSaved: () => void) {
  return useChange(
    ({ id, version, body }: Said, { household }) =>
      putFact({ household, kind: 'supplies', id }, body, version),
    onSaved,
    ({ id, version }, household, saved) => {
      const one = { household, kind: 'supplies' as const, id };
      return {
        words: version === undefined ? 'It is in the house now.' : 'Counted.',
        undo: () =>
          version === undefined ? removeFact(one, saved.version) : restoreFact(one, version),
      };
    },
  );
}
