import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';
import type { Span } from './axis';

/** What a dog's record shows over a time; over the last twelve months where none is named. */
export function useTrends(dog: string | undefined, span: Partial<Span>) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'trends', dog, span.from, span.to],
    enabled: dog !== undefined,
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/trends', {
          params: { path: { household, dog: dog ?? '' }, query: span },
        }),
      ),
  });
}

/** One time of a dog against another. */
export function useCompared(dog: string, before: Span, after: Span) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'compared', dog, before, after],
    placeholderData: keepPreviousData,
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/compared', {
          params: {
            path: { household, dog },
            query: {
              beforeFrom: before.from,
              beforeTo: before.to,
              afterFrom: after.from,
              afterTo: after.to,
            },
          },
        }),
      ),
  });
}
