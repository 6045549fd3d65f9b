import { createContext, useContext } from 'react';

/** What was just said, and how it is taken back. */
export interface Undoable {
  words: string;
  undo: () => Promise<unknown>;
}

/** Why something was not saved whose page was left meanwhile, and how it is said again. */
export interface Unsaved {
  words: string;
  /** Undefined where it would be refused again. */
  again: (() => Promise<unknown>) | undefined;
}

export const UndoContext = createContext<(said: Undoable | Unsaved) => void>(() => undefined);

/** Offers to take back what was just said, or to say again what was not saved, on whatever page. */
export function useOfferUndo(): (said: Undoable | Unsaved) => void {
  return useContext(UndoContext);
}
