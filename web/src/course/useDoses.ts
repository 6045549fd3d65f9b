import { useMutation, useQuery } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { useHousehold } from '../household/useMe';

export type DoseBoard = Schemas['DoseBoard'];
export type DogCourse = Schemas['DogCourse'];
export type BoardDose = Schemas['BoardDose'];
export type CourseInFull = Schemas['CourseInFull'];
export type DoseStatus = BoardDose['status'];
export type LabelSentence = Schemas['LabelSentence'];

const EVERY_MS = 60_000;

/** The doses of today across all dogs. */
export function useDoses() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'doses'],
    refetchInterval: EVERY_MS,
    queryFn: () =>
      answered(api.GET('/api/households/{household}/doses', { params: { path: { household } } })),
  });
}

/** The courses of a dog, the latest first. */
export function useCourses(dog: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'courses', dog],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/courses', {
          params: { path: { household, dog } },
        }),
      ),
  });
}

/** Asks what a label says; nothing is changed by it. */
export function useLabel(onUnderstood: (said: LabelSentence) => void) {
  const household = useHousehold().id;
  return useMutation({
    mutationFn: (words: string) =>
      answered(
        api.POST('/api/households/{household}/previews/label', {
          params: { path: { household } },
          body: { words },
        }),
      ),
    onSuccess: onUnderstood,
  });
}
