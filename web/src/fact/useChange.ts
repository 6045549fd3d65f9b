import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useHousehold, useSettings } from '../account/useMe';
import { useOfferUndo, type Undoable } from './undo';

/** Where and when something is said. */
export interface Said {
  household: string;
  zone: string;
  at: string;
}

/**
 * Says something new and asks again for all that may follow from it.
 *
 * @param undo what was said in a few words and how it is taken back, where that is offered
 */
export function useChange<V>(
  change: (said: V, where: Said) => Promise<unknown>,
  onSaved?: (said: V) => void,
  undo?: (said: V, household: string) => Undoable,
) {
  const household = useHousehold().id;
  const { zone } = useSettings();
  const client = useQueryClient();
  const offer = useOfferUndo();
  const askAgain = () => client.invalidateQueries({ queryKey: [household] });
  return useMutation({
    mutationFn: (said: V) => change(said, { household, zone, at: new Date().toISOString() }),
    onSuccess: async (_, said) => {
      const taken = undo?.(said, household);
      if (taken) offer({ ...taken, undo: () => taken.undo().then(askAgain) });
      await askAgain();
      onSaved?.(said);
    },
  });
}
