import type { Schemas } from '../api/client';
import { KINDS, kindsThat } from './kinds';

type ItemMark = Schemas['ItemMark'];

/** The next item of one of these kinds, where one is planned. */
export function nextOf<I extends ItemMark>(
  items: readonly I[],
  ...kinds: I['kind'][]
): I | undefined {
  return items.find((item) => kinds.includes(item.kind));
}

const ORDER = kindsThat(() => true);

const rank = ({ kind, standing }: ItemMark) =>
  standing === 'LATER' ? 0 : ORDER.indexOf(kind) - ORDER.length;

/**
 * What presses first; then what can be done now, the look before the cleaning, as on Today; then by
 * day. Of one day the upper line of the table of kinds.
 */
export function inOrder<I extends ItemMark>(items: readonly I[]): I[] {
  return [...items].sort(
    (a, b) =>
      Number(b.pressing) - Number(a.pressing) ||
      rank(a) - rank(b) ||
      a.window.best.localeCompare(b.window.best) ||
      ORDER.indexOf(a.kind) - ORDER.indexOf(b.kind),
  );
}

/** "check both ears", "clean right ear", "vet" */
export function itemWords(item: ItemMark): string {
  return KINDS[item.kind].words(item);
}

const OF_A_ROUND: readonly ItemMark['kind'][] = ['CHECK', 'WATCH', 'CLEAN'];

/** Whether a round does it: a look, or a cleaning. */
export function isOfRound({ kind }: Pick<ItemMark, 'kind'>): boolean {
  return OF_A_ROUND.includes(kind);
}

/** Whether it is due and done in a round. */
export function isForRound(item: Pick<ItemMark, 'kind' | 'standing'>): boolean {
  return isOfRound(item) && (item.standing === 'DUE' || item.standing === 'OVERDUE');
}
