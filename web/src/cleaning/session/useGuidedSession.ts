import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useHousehold } from '../../household/useMe';
import { api } from '../../api/client';
import { answered } from '../../api/problem';
import type { Side } from '../../measure/side';
import type { Session } from './progress';

/** The steps for those ears of a dog, or of its practice. */
export function useGuidedSession(
  purpose: Session['purpose'],
  dog: string,
  ears: readonly Side[],
  fully: boolean,
  helper: boolean,
  enabled: boolean,
) {
  const household = useHousehold().id;
  const path = { household, dog };
  return useQuery({
    queryKey: [household, 'session', purpose, dog, ears, fully, helper],
    enabled,
    placeholderData: keepPreviousData,
    // what a session is built from may have changed a moment ago
    staleTime: 0,
    queryFn: () =>
      answered(
        purpose === 'PRACTICE'
          ? api.GET('/api/households/{household}/dogs/{dog}/practice', {
              params: { path, query: { helper } },
            })
          : api.GET('/api/households/{household}/dogs/{dog}/session', {
              params: { path, query: { ears: [...ears], fully, helper } },
            }),
      ),
  });
}
