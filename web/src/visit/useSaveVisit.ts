import { useState } from 'react';
import { v7 as newId } from 'uuid';
import type { CourseRequest } from '../course/courseForm';
import { putFact } from '../fact/facts';
import { useChange } from '../fact/useChange';
import type { VisitRequest } from './visitForm';

/** A visit, and the course that was begun at it, where one was. */
interface VisitWithCourse {
  visit: VisitRequest;
  course: CourseRequest | undefined;
}

/** Saves a visit and the course that was begun at it under ids that stay the same over all tries. */
export function useSaveVisit(visitId: string, version: number | undefined, onSaved: () => unknown) {
  const [courseId] = useState(() => newId());
  return useChange(async ({ visit, course }: VisitWithCourse, { household }) => {
    const saved = [await putFact({ household, kind: 'visits', id: visitId }, visit, version)];
    if (course) saved.push(await putFact({ household, kind: 'courses', id: courseId }, course));
    return saved;
  }, onSaved);
}
