import type { Schemas } from '../api/client';
import { cleaningDay } from '../cleaning/cleaningDay';
import { loadWord, methodWord } from '../cleaning/load';
import { addDays, daysBetween, inWords, shortDate, type Day } from '../measure/days';
import { earName, earsName, ofSide, SIDES, type Side } from '../measure/side';

type Cleaning = Schemas['CleaningRecord'];
type PlanItem = Schemas['PlanItem'];

export const DAYS_BACK = 42;
export const DAYS_AHEAD = 28;
/** Days left free at either end, so that no mark is cut. */
const MARGIN = 1;
const SPAN = DAYS_BACK + DAYS_AHEAD + 1 + 2 * MARGIN;

/** Where a day's middle lies on the ribbon: 0 at its left end, 1 at its right. */
export function position(day: Day, today: Day): number {
  return (daysBetween(today, day) + DAYS_BACK + MARGIN + 0.5) / SPAN;
}

/** Whether the day is on the ribbon at all. */
export function isShown(day: Day, today: Day): boolean {
  const days = daysBetween(today, day);
  return days >= -DAYS_BACK && days <= DAYS_AHEAD;
}

interface MarkBase {
  key: string;
  side: Side;
  day: Day;
  /** What the mark says in words. */
  words: string;
}

/** A cleaning that was done. */
export interface DoneMark extends MarkBase {
  kind: 'done';
  load: number;
  inCanal: boolean;
}

/** A cleaning that is planned, with its window. */
export interface PlannedMark extends MarkBase {
  kind: 'planned';
  from: Day;
  to: Day;
}

export type RibbonMark = DoneMark | PlannedMark;

function doneMarks(cleaning: Cleaning, today: Day): DoneMark[] {
  const day = cleaningDay(cleaning);
  return SIDES.flatMap((side) => {
    const ear = ofSide(cleaning.ears, side);
    if (!ear) return [];
    const when = `${shortDate(day)}, ${inWords(day, today)}`;
    return {
      kind: 'done' as const,
      key: `${cleaning.id} ${side}`,
      side,
      day,
      load: ear.load,
      inCanal: ear.method !== 'WIPE',
      words: `${earName(side)} cleaned ${when}: ${loadWord(ear.load)} load, ${methodWord(ear.method)}`,
    };
  });
}

function plannedMarks(item: PlanItem, today: Day): PlannedMark[] {
  const { best, earliest, latest } = item.window;
  // what is overdue is drawn on today, where it is to be done
  const day = daysBetween(today, best) < 0 ? today : best;
  return item.ears.map((side) => ({
    kind: 'planned' as const,
    key: `${item.id} ${side}`,
    side,
    day,
    from: earliest,
    to: latest,
    words: planWords(item, today),
  }));
}

/** A planned item in words, as captions and tooltips say it. */
export function planWords(item: PlanItem, today: Day): string {
  const { best, earliest, latest } = item.window;
  const when = `${inWords(best, today)}, ${shortDate(best)}`;
  const range = `good ${shortDate(earliest)} – ${shortDate(latest)}`;
  const was = daysBetween(today, best) < 0 ? ': it was best' : '';
  return `clean ${earsName(item.ears)}${was} ${when} (${range})`;
}

/** All marks of one dog's ribbon, from left to right, right ear before left. */
export function ribbonMarks(
  today: Day,
  cleanings: readonly Cleaning[],
  items: readonly PlanItem[],
): RibbonMark[] {
  return [
    ...cleanings.flatMap((cleaning) => doneMarks(cleaning, today)),
    ...items.flatMap((item) => plannedMarks(item, today)),
  ]
    .filter((mark) => isShown(mark.day, today))
    .sort(
      (a, b) =>
        daysBetween(b.day, a.day) ||
        SIDES.indexOf(a.side) - SIDES.indexOf(b.side) ||
        a.key.localeCompare(b.key),
    );
}

/** The weeks that the axis names, with their day. */
export function weeks(today: Day): { week: number; day: Day }[] {
  const first = -DAYS_BACK / 7;
  return Array.from({ length: DAYS_AHEAD / 7 - first + 1 }, (_, i) => ({
    week: first + i,
    day: addDays(today, (first + i) * 7),
  }));
}
