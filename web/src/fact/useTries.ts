import { useState } from 'react';
import { v7 as newId } from 'uuid';

interface Try {
  id: string;
  at: string;
}

/**
 * The ids under which things are said, and when each was first said: the same over all its tries, so
 * that a second one is known for what it is, and others once it is saved.
 */
export class Tries {
  private readonly open = new Map<string, Try>();

  /** Under which id that is said, and since when. */
  of(said: string): Try {
    const one = this.open.get(said) ?? { id: newId(), at: new Date().toISOString() };
    this.open.set(said, one);
    return one;
  }

  /** The id under which something is saved now; said again, it is something else. */
  saved(said: string): string {
    const { id } = this.of(said);
    this.open.delete(said);
    return id;
  }
}

export function useTries(): Tries {
  return useState(() => new Tries())[0];
}
