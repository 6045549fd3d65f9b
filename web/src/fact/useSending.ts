import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { send, useWaiting, type Waiting } from './queue';

const TRY_AGAIN_MS = 10_000;

/** Sends what waits on this device as soon as that works; says what still waits. */
export function useSending(
  person: string | undefined,
  onStored: (one: Waiting) => Promise<unknown>,
) {
  const waiting = useWaiting(person);
  const client = useQueryClient();
  const open = waiting.filter((one) => !one.refused).length;
  useEffect(() => {
    if (person === undefined || open === 0) return;
    const trySending = () => {
      void send(person, onStored).then((stored) =>
        stored ? client.invalidateQueries() : undefined,
      );
    };
    trySending();
    window.addEventListener('online', trySending);
    const timer = setInterval(trySending, TRY_AGAIN_MS);
    return () => {
      window.removeEventListener('online', trySending);
      clearInterval(timer);
    };
  }, [person, open, client, onStored]);
  return waiting;
}
