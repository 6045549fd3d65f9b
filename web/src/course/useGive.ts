import { useSay } from '../fact/useFact';
import type { Side } from '../measure/side';
import { amountWords } from './amount';
import { earsToGive, type Shown } from './board';

/** What is said of a dose. */
export interface Tick {
  given: boolean;
  /** When, where that is not now. */
  at?: string;
  why?: string;
}

/** Ticks a dose; without a connection it is kept on this device, and says so when it is sent. */
export function useGive(shown: Shown, onSaid?: () => void) {
  const { course, dose } = shown;
  const ears: Side[] = earsToGive(shown);
  return useSay(
    'givings',
    ({ given, why, at }: Tick, when) => ({
      dogId: course.dog,
      ...when,
      ...(at !== undefined && { at }),
      courseId: course.board.course.id,
      ears,
      given,
      ...(why !== undefined && { why }),
    }),
    ({ given }) =>
      `${course.name}: ${amountWords(dose.dose.amount)} ${given ? 'given' : 'left out'}.`,
    onSaid,
    { id: course.dog, name: course.name },
  );
}
