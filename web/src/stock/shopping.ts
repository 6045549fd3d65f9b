import type { Outlook } from './useStock';
import { unitOf } from './supplyForm';
import { shortDate } from '../measure/days';

const NAMES: Record<Outlook['kind'], string> = { CLEANER: 'Ear cleaner', WIPES: 'Wipes' };

/** What is missing for the planned cleanings, one line a kind. */
export function shoppingLines(kinds: readonly Outlook[]): string[] {
  return kinds
    .filter((kind) => kind.buy > 0)
    .map((kind) => {
      const by = kind.runsOutOn ? `, before ${shortDate(kind.runsOutOn)}` : '';
      return `${NAMES[kind.kind]}: ${Math.ceil(kind.buy)} ${unitOf(kind.kind)}${by}`;
    });
}
