import type { Schemas } from './client';

/** Where a list goes on: behind the last one of a page, where there are more. */
export function behind(
  last: { id: string; moment: Schemas['Moment'] } | undefined,
  hasMore: boolean,
): { before: string; beforeId: string } | undefined {
  return last && hasMore ? { before: last.moment.at, beforeId: last.id } : undefined;
}
