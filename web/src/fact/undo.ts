import { createContext, useContext } from 'react';

/** What was just said, and how it is taken back. */
export interface Undoable {
  words: string;
  undo: () => Promise<unknown>;
}

export const UndoContext = createContext<(said: Undoable) => void>(() => undefined);

/** Offers to take back what was just said, where it was said. */
export function useOfferUndo(): (said: Undoable) => void {
  return useContext(UndoContext);
}
