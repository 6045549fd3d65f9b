import { useState } from 'react';
import { v7 as newId } from 'uuid';

/**
 * The ids under which things are said: the same over all tries of each, so that none is doubled, and
 * another once it is saved.
 */
export function useIds() {
  const [ids] = useState(() => new Map<string, string>());
  function idOf(said: string): string {
    const id = ids.get(said) ?? newId();
    ids.set(said, id);
    return id;
  }
  /** The id under which something is saved now; said again, it is something else. */
  function saved(said: string): string {
    const id = idOf(said);
    ids.delete(said);
    return id;
  }
  return { idOf, saved };
}
