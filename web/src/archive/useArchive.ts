import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { api, tokenHeader, type Schemas } from '../api/client';
import { answered, answeredPlain } from '../api/problem';
import { useHousehold } from '../household/useMe';

/** The server takes 8 MB at once. */
const PART = 7_900_000;
const ASKED_EVERY_MS = 500;

/** An archive that has been sent, and what would become of it. */
export interface SentArchive {
  id: string;
  parts: number;
  settings: boolean;
  taken: Schemas['Taken'];
}

interface Chosen {
  file: File;
  settings: boolean;
}

/** Sends an archive part by part, tries it, and takes it in: `share` says how far it is, 0 to 1. */
export function useArchive() {
  const household = useHousehold().id;
  const client = useQueryClient();
  const [share, setShare] = useState(0);
  const place = (id: string) => ({ params: { path: { household, archive: id } } });

  /** Asks how far it is while the server works on it. */
  async function watched<T>(id: string, work: Promise<T>): Promise<T> {
    const timer = setInterval(() => {
      void answered(api.GET('/api/households/{household}/archives/{archive}', place(id)))
        .then(({ done, of }) => setShare(of === 0 ? 0 : done / of))
        .catch(() => undefined);
    }, ASKED_EVERY_MS);
    try {
      return await work;
    } finally {
      clearInterval(timer);
    }
  }

  const send = useMutation({
    mutationFn: async ({ file, settings }: Chosen): Promise<SentArchive> => {
      const id = crypto.randomUUID();
      const parts = Math.max(1, Math.ceil(file.size / PART));
      setShare(0);
      for (let part = 0; part < parts; part++) {
        await answeredPlain(
          fetch(`/api/households/${household}/archives/${id}/parts/${part}`, {
            method: 'PUT',
            headers: { ...tokenHeader(), 'Content-Type': 'application/zip' },
            body: file.slice(part * PART, (part + 1) * PART),
          }),
        );
        setShare((part + 1) / parts);
      }
      const taken = await watched(
        id,
        answered(
          api.POST('/api/households/{household}/previews/archives/{archive}', {
            ...place(id),
            body: { parts, settings },
          }),
        ),
      );
      return { id, parts, settings, taken };
    },
  });

  const restore = useMutation({
    mutationFn: ({ id, parts, settings }: SentArchive) => {
      setShare(0);
      return watched(
        id,
        answered(
          api.POST('/api/households/{household}/archives/{archive}/restored', {
            ...place(id),
            body: { parts, settings },
          }),
        ),
      );
    },
    onSuccess: async () => {
      send.reset();
      await client.invalidateQueries();
    },
  });

  return { send, restore, share };
}
