import { useMutation, useQueryClient, type QueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { Problem } from '../api/problem';
import { useHousehold, useSettings } from '../household/useMe';
import { ownChange } from '../household/useLiveChanges';
import type { FactAnswer } from './facts';
import { useOfferUndo, type Undoable } from './undo';

/** Where and when something is said. */
export interface Said {
  household: string;
  zone: string;
  at: string;
}

type Answered = FactAnswer | readonly FactAnswer[] | void;

/** Asks once for all that may follow from what was said, and not again when others hear of it. */
async function askAgain(client: QueryClient, household: string, answer: Answered): Promise<void> {
  const answers = answer === undefined ? [] : 'id' in answer ? [answer] : answer;
  const changes = answers.map((one) => one.change).sort((a, b) => a - b);
  // what is only kept on this device so far changes nothing that could be asked for
  if (answer !== undefined && answers.length === 0) return;
  for (const change of changes) ownChange(client, household, change);
  await client.invalidateQueries({ queryKey: [household] });
}

/**
 * Says something, and asks again for all that may follow from it. Where it fails after its page was
 * left, the next page says so and keeps it to be tried again.
 *
 * @param undo what was said in a few words and how it is taken back, where that is offered
 */
export function useChange<V, A extends Answered>(
  change: (said: V, where: Said) => Promise<A>,
  onSaved?: (said: V) => unknown,
  undo?: (
    said: V,
    household: string,
    answer: A,
  ) => Omit<Undoable, 'undo'> & {
    undo: () => Promise<Answered>;
  },
) {
  const household = useHousehold().id;
  const { zone } = useSettings();
  const client = useQueryClient();
  const offer = useOfferUndo();
  // whether what shows a failure is still there
  const isShown = useRef(true);
  useEffect(() => {
    isShown.current = true;
    return () => {
      isShown.current = false;
    };
  }, []);
  const say = (said: V) => change(said, { household, zone, at: new Date().toISOString() });
  return useMutation({
    mutationFn: say,
    onError: (problem, said) => {
      if (isShown.current) return;
      const mayPass = problem instanceof Problem && problem.mayPass;
      offer({
        words: problem.message,
        again: mayPass
          ? () => say(said).then((answer) => askAgain(client, household, answer))
          : undefined,
      });
    },
    onSuccess: async (answer, said) => {
      const taken = undo?.(said, household, answer);
      if (taken) {
        offer({
          ...taken,
          undo: () => taken.undo().then((back) => askAgain(client, household, back)),
        });
      }
      await askAgain(client, household, answer);
      await onSaved?.(said);
    },
  });
}
