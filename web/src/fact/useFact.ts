import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { Problem } from '../api/problem';
import { useHousehold, useKnownMe } from '../household/useMe';
import {
  putFact,
  removeFact,
  restoreFact,
  takeBackRemoval,
  versionsOf,
  type FactAnswer,
  type FactBody,
  type FactKind,
} from './facts';
import { discard, enqueue, isWaiting, type What } from './queue';
import { useChange, type Said } from './useChange';
import { useTries } from './useTries';

/** All versions of a fact, the latest first. */
export function useVersions<K extends FactKind>(kind: K, id: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, kind, id, 'versions'],
    queryFn: () => versionsOf({ household, kind, id }),
  });
}

/**
 * Records or corrects a fact under an id that stays the same over all tries.
 *
 * @param version the version that is corrected; undefined for a new fact
 */
export function useSaveFact<K extends FactKind>(
  kind: K,
  id: string,
  version: number | undefined,
  onSaved: () => unknown,
) {
  return useChange(
    (body: FactBody<K>, { household }) => putFact({ household, kind, id }, body, version),
    onSaved,
  );
}

/** Records a new fact under an id that stays the same over all tries. */
export function useNewFact<K extends FactKind>(kind: K, onSaved: () => unknown) {
  const [id] = useState(() => newId());
  return useSaveFact(kind, id, undefined, onSaved);
}

/** A fact, and the version of it that the person saw, where that is known. */
export interface Known {
  id: string;
  version?: number | undefined;
}

/**
 * Deletes facts, and offers to take that back.
 *
 * @param words what was deleted, in a few words
 */
export function useRemoveFact(kind: FactKind, words: string, onSaved?: () => unknown) {
  return useChange(
    ({ id, version }: Known, { household }) => removeFact({ household, kind, id }, version),
    onSaved,
    ({ id }, household, removed) => ({
      words,
      undo: () => takeBackRemoval({ household, kind, id }, removed),
    }),
  );
}

/** Says again what an earlier version of a fact said. */
export function useRestoreFact(kind: FactKind, id: string) {
  return useChange((version: number, { household }) =>
    restoreFact({ household, kind, id }, version),
  );
}

/** What is kept while there is no connection; of a dose it says so, for somebody else may tick it too. */
function unconnected<K extends FactKind>(kind: K, body: FactBody<K>): FactBody<K> {
  return kind === 'givings' ? ({ ...(body as object), offline: true } as FactBody<K>) : body;
}

/**
 * Says something new with one tap: the same said again is a retry under the same id, and it is taken
 * back with one tap where it was said.
 *
 * @param body what is stored
 * @param words what was said, in a few words
 * @param dog of whom, where it is kept on the device while there is no connection
 */
export function useSay<K extends FactKind, V>(
  kind: K,
  body: (said: V, when: Omit<Said, 'household'>) => FactBody<K>,
  words: (said: V) => string,
  onSaved?: (said: V) => unknown,
  dog?: { id: string; name: string },
) {
  const tries = useTries();
  const person = useKnownMe()?.id;
  const key = (said: V) => JSON.stringify(said) ?? '';
  return useChange(
    async (said: V, { household, zone }): Promise<readonly FactAnswer[]> => {
      const { id, at } = tries.of(key(said));
      const what = { kind, body: body(said, { at, zone }) };
      try {
        return [await putFact({ household, kind, id }, what.body)];
      } catch (problem) {
        const isUnreachable = problem instanceof Problem && problem.status === 0;
        if (!isUnreachable || !dog || person === undefined) throw problem;
        const kept = { kind, body: unconnected(kind, what.body) };
        enqueue({ id, person, household, dogId: dog.id, name: dog.name, what: kept as What });
        return [];
      }
    },
    onSaved,
    (said, household) => {
      const id = tries.saved(key(said));
      return {
        words: words(said),
        undo: async () => {
          if (!isWaiting(id)) return removeFact({ household, kind, id }, 1);
          discard(id);
          return [];
        },
      };
    },
  );
}
