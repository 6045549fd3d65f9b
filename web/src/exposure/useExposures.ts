import { useMutation, useQueryClient } from '@tanstack/react-query';
import { v7 as newId } from 'uuid';
import { useHousehold, useSettings } from '../account/useMe';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { Day } from '../measure/days';
import type { Exposure } from './kinds';

/** Records what happened to a dog's ears with one tap, and takes it back. */
export function useExposures(dogId: string) {
  const household = useHousehold().id;
  const { zone } = useSettings();
  const client = useQueryClient();
  const onSuccess = () => client.invalidateQueries({ queryKey: [household] });
  const record = useMutation({
    mutationFn: (said: { id: string; kind: Exposure['kind']; firstDay: Day; lastDay: Day }) => {
      const { id, ...what } = said;
      return answered(
        api.PUT('/api/households/{household}/exposures/{exposure}', {
          params: { path: { household, exposure: id }, header: { 'If-None-Match': '*' } },
          body: { dogId, at: new Date().toISOString(), zone, ...what },
        }),
      );
    },
    onSuccess,
  });
  const takeBack = useMutation({
    mutationFn: (id: string) =>
      answered(
        api.DELETE('/api/households/{household}/exposures/{exposure}', {
          params: { path: { household, exposure: id }, header: { 'If-Match': '"1"' } },
        }),
      ),
    onSuccess,
  });
  return {
    record: (kind: Exposure['kind'], firstDay: Day, lastDay: Day) =>
      record.mutate({ id: newId(), kind, firstDay, lastDay }),
    takeBack: takeBack.mutate,
    isPending: record.isPending,
    problem: record.error ?? takeBack.error,
  };
}
