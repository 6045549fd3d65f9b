import { z } from 'zod/mini';

/** A text of so many characters at most. */
export function text(length: number) {
  return z.string().check(z.maxLength(length, `${length} characters at most.`));
}
