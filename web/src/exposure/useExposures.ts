import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { useRemoveFact, useSay } from '../fact/useFact';
import type { Day } from '../measure/days';
import type { Exposure } from './kinds';

interface Said {
  kind: Exposure['kind'];
  firstDay: Day;
  lastDay: Day;
}

/** Records what happened to a dog's ears with one tap, and takes it back. */
export function useExposures(dogId: string) {
  const record = useSay(
    'exposures',
    (said: Said, when) => ({ dogId, ...when, ...said }),
    ({ kind }) => `Noted: ${labelOf(WORDS.ExposureKind, kind)}.`,
  );
  const takeBack = useRemoveFact('exposures', 'Taken back.');
  return {
    record: (kind: Exposure['kind'], firstDay: Day, lastDay: Day) =>
      record.mutate({ kind, firstDay, lastDay }),
    takeBack: (id: string) => takeBack.mutate({ id }),
    isPending: record.isPending,
    problem: record.error ?? takeBack.error,
  };
}
