import { useQuery } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';
import type { SupplementRequest } from './own';

/** What an oil would bring a dog; nothing is stored by it. */
export function useOmega(
  dog: string,
  supplement: SupplementRequest | undefined,
  vetAgreed: boolean,
) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'omega', dog, supplement, vetAgreed],
    enabled: supplement !== undefined,
    placeholderData: (before) => before,
    queryFn: () =>
      answered(
        api.POST('/api/households/{household}/dogs/{dog}/previews/supplement', {
          params: { path: { household, dog } },
          body: { supplement: supplement as SupplementRequest, vetAgreed },
        }),
      ),
  });
}
