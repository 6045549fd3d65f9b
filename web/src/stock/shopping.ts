import type { Outlook } from './useStock';
import { suppliesWords } from './supplyForm';
import { shortDate } from '../measure/days';
import type { VolumeUnit } from '../measure/units';

const NAMES: Record<Outlook['kind'], string> = { CLEANER: 'Ear cleaner', WIPES: 'Wipes' };

/** What a product is called; of what is not in the house, what it is. */
export function productOf({ product, kind }: Outlook): string {
  return product ?? NAMES[kind];
}

/** What is missing for the planned cleanings, one line a product. */
export function shoppingLines(kinds: readonly Outlook[], unit: VolumeUnit): string[] {
  return kinds
    .filter((kind) => kind.buy > 0)
    .map((kind) => {
      const by = kind.runsOutOn ? `, before ${shortDate(kind.runsOutOn)}` : '';
      return `${productOf(kind)}: ${suppliesWords(kind.kind, Math.ceil(kind.buy), unit)}${by}`;
    });
}
