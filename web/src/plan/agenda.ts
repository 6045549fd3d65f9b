import { inWords, shortDate, type Day } from '../measure/days';
import type { PlanItem } from '../view/useToday';

/** When it is to be done, with the date beside. */
export function whenWords(item: PlanItem, today: Day): string {
  const { best, latest } = item.window;
  switch (item.standing) {
    case 'OVERDUE':
      return `Overdue: was best ${shortDate(best)}, ${inWords(best, today)}`;
    case 'DUE':
      if (item.hour) return `Today, about ${item.hour.slice(0, 5)}`;
      if (best === latest && best === today) return 'Today';
      return best === today
        ? `Today; good until ${shortDate(latest)}`
        : `Due ${inWords(best, today)}; good until ${shortDate(latest)}`;
    default:
      return `Best ${inWords(best, today)}, ${shortDate(best)}`;
  }
}

/** The caution that goes with an item, where it has one. */
export function caution(item: PlanItem): string | undefined {
  return item.reasons.find((reason) => reason.rule === 'PLAN_LOOK_FIRST')?.sentence;
}
