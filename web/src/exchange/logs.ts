import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api } from '../api/client';
import { answered } from '../api/problem';
import type { FactKind } from '../fact/facts';
import { useHousehold } from '../household/useMe';

/** Each log that goes out and comes in as a table, and what it is called. */
export const LOGS: Record<Exclude<FactKind, 'dogs' | 'settings'>, string> = {
  checks: 'Checks',
  cleanings: 'Cleanings',
  exposures: 'Water, baths and dust',
  dryings: 'Ears dried',
  visits: 'Visits to the vet',
  appointments: 'Appointments',
  courses: 'Courses of medicine',
  givings: 'Doses given or missed',
  'course-ends': 'Courses ended',
  'own-courses': 'Given on your own',
  'hold-releases': 'Ears let go of a hold',
  looks: 'Short looks under a vet',
  hair: 'Hair trimmed or plucked',
  'seed-looks': 'Looks for grass seeds',
  practices: 'Steps of trust',
  'expected-exposures': 'Swims to come',
  'struck-days': 'Swims called off',
  skips: 'Skipped',
  pins: 'Put on a day',
  supplies: 'Bottles and packs',
  recipes: 'Own recipes',
  reactions: 'How ears took it',
  photos: 'Photographs, without the pictures',
  told: 'Told by others',
  gradings: 'Made-up ears graded',
  answers: 'Questions answered',
  triggers: 'What flares follow, as you said',
  'diet-trials': 'Diet trials',
  'diet-slips': 'Slips in a trial',
  'diet-steps': 'Steps of a trial',
};

export type Log = keyof typeof LOGS;

const said = (csv: string) => ({
  body: csv,
  bodySerializer: (text: string) => text,
  headers: { 'Content-Type': 'text/csv;charset=UTF-8' },
});

/** What a table would add to a log; nothing is stored. */
export function useLogPreview(log: Log) {
  const household = useHousehold().id;
  return useMutation({
    mutationFn: (csv: string) =>
      answered(
        api.POST('/api/households/{household}/previews/logs/{log}', {
          params: { path: { household, log } },
          ...said(csv),
        }),
      ),
  });
}

/** Adds the lines of a table that are not there yet: all of them, or none. */
export function useAddToLog(log: Log) {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (csv: string) =>
      answered(
        api.POST('/api/households/{household}/logs/{log}', {
          params: { path: { household, log } },
          ...said(csv),
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: [household] }),
  });
}
