import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas } from '../api/client';
import { answered } from '../api/problem';
import { putFact, type FactBody } from '../fact/facts';
import { useHousehold } from '../household/useMe';

export type Grades = Schemas['EarGrades'];
export type StepLesson = Schemas['StepLesson'];
export type Mistake = Schemas['Mistake'];
export type LessonStep = Schemas['LessonStep'];

/** How well the person grades, the ear they graded last, and the steps to learn. */
export function useLessons() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'lessons'],
    queryFn: () =>
      answered(api.GET('/api/households/{household}/lessons', { params: { path: { household } } })),
  });
}

/** Says how an ear was graded; the answer then knows the truth. */
export function useGrade() {
  const household = useHousehold().id;
  const client = useQueryClient();
  return useMutation({
    mutationFn: (said: FactBody<'gradings'>) =>
      putFact({ household, kind: 'gradings', id: crypto.randomUUID() }, said),
    onSuccess: () => client.invalidateQueries({ queryKey: [household, 'lessons'] }),
  });
}

/** Where the picture of a made-up ear is. */
export function madeUpEarPath(household: string, number: number): string {
  return `/api/households/${household}/lessons/ears/${number}`;
}
