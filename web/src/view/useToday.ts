import { useQuery } from '@tanstack/react-query';
import { useHousehold } from '../household/useMe';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';

export type Today = Schemas['Today'];
export type DogToday = Schemas['DogToday'];
export type PlanItem = Schemas['PlanItem'];
/** A planned item without its reasons. */
export type ItemMark = Schemas['ItemMark'];

/** What to do now, and how each dog stands. */
export function useToday() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'today'],
    queryFn: () =>
      answered(api.GET('/api/households/{household}/today', { params: { path: { household } } })),
  });
}
