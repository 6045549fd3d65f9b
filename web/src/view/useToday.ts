import { useQuery, useQueryClient } from '@tanstack/react-query';
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

/** What is known of a dog from the last look at Today, without asking for it. */
export function useKnownDog(id: string): DogToday | undefined {
  const household = useHousehold().id;
  const today = useQueryClient().getQueryData<Today>([household, 'today']);
  return today?.dogs.find((dog) => dog.id === id);
}
