import type { Schemas } from '../api/client';
import { addDays, daysBetween, type Day } from '../measure/days';
import type { ItemMark } from '../view/useToday';

/** A row of days, such as a month on a page. */
export interface DayRow {
  first: Day;
  days: number;
}

/** The days of a row, from its first. */
export function daysOf({ first, days }: DayRow): Day[] {
  return Array.from({ length: days }, (_, index) => addDays(first, index));
}

/** The column of a day in a row, from 0; negative or beyond the row where it lies outside. */
export function column(day: Day, row: DayRow): number {
  return daysBetween(row.first, day);
}

/** The day at a part of a row's width, 0 at its left end; none outside. */
export function dayAt(part: number, row: DayRow): Day | undefined {
  return part < 0 || part >= 1 ? undefined : addDays(row.first, Math.floor(part * row.days));
}

/** Whether a day lies in a row. */
export function isIn(day: Day, row: DayRow): boolean {
  const at = column(day, row);
  return at >= 0 && at < row.days;
}

/** Whether a day lies in a window. */
export function isWithin(day: Day, { earliest, latest }: ItemMark['window']): boolean {
  return day >= earliest && day <= latest;
}

/** Where a planned item is drawn: on today if it is overdue. */
export function drawnOn(item: ItemMark, today: Day): Day {
  const { best } = item.window;
  return best < today ? today : best;
}

/** Monday of a day's week. */
export function monday(day: Day): Day {
  const weekday = new Date(`${day}T00:00:00Z`).getUTCDay();
  return addDays(day, -((weekday + 6) % 7));
}

/** Saturday or Sunday. */
export function isWeekend(day: Day): boolean {
  return daysBetween(monday(day), day) >= 5;
}

/** How many cleanings fit into a day. */
export function fitsOn(
  day: Day,
  capacity: Pick<Schemas['CapacityRequest'], 'byWeekday' | 'daysOff'>,
) {
  return capacity.daysOff.includes(day)
    ? 0
    : (capacity.byWeekday[daysBetween(monday(day), day)] ?? 0);
}
