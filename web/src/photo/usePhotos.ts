import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { v7 as newId } from 'uuid';
import { api } from '../api/client';
import { answered } from '../api/problem';
import { removeFact, takeBackRemoval } from '../fact/facts';
import { useChange } from '../fact/useChange';
import { useHousehold } from '../household/useMe';
import { earName } from '../measure/side';
import { sendPhoto, type Ids, type Subject } from './photos';

/** The photographs of a dog, the latest first. */
export function usePhotos(dog: string) {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'photos', dog],
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/dogs/{dog}/photos', {
          params: { path: { household, dog } },
        }),
      ),
  });
}

/** The camera that looks into ears, where there is one. */
export function useEarCamera() {
  const household = useHousehold().id;
  return useQuery({
    queryKey: [household, 'ear-camera'],
    staleTime: Infinity,
    queryFn: () =>
      answered(
        api.GET('/api/households/{household}/ear-camera', { params: { path: { household } } }),
      ),
  });
}

/** Under which ids each picture is sent, and when it was taken: the same over all its tries. */
function useIds() {
  const [known] = useState(() => new WeakMap<Blob, Ids>());
  return (picture: Blob): Ids => {
    const ids = known.get(picture) ?? {
      photo: newId(),
      image: newId(),
      at: new Date().toISOString(),
    };
    known.set(picture, ids);
    return ids;
  };
}

/** Keeps a picture as a photograph; it is taken back where it was kept. */
export function useKeepPhoto(subject: Subject, onKept: () => unknown) {
  const idsOf = useIds();
  return useChange(
    (picture: Blob, where) => sendPhoto(picture, subject, idsOf(picture), where),
    onKept,
    (picture, household) => {
      const one = { household, kind: 'photos', id: idsOf(picture).photo } as const;
      return {
        words: `photograph of ${subject.shows === 'EAR' ? 'the' : 'the wipes of the'} ${earName(subject.ear)}`,
        undo: () => removeFact(one, 1),
      };
    },
  );
}

/** Takes a photograph away, and offers to take that back. */
export function useRemovePhoto(onRemoved: () => unknown) {
  return useChange(
    (id: string, { household }) => removeFact({ household, kind: 'photos', id }),
    onRemoved,
    (id, household, removed) => ({
      words: 'photograph taken away',
      undo: () => takeBackRemoval({ household, kind: 'photos', id }, removed),
    }),
  );
}
