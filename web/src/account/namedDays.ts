import type { Settings } from '../household/useMe';
import { WEEKDAYS } from '../measure/weekdays';

export type NamedDays = NonNullable<Settings['namedDays']>;

/** How days are fixed: by an interval, or by the calendar. */
export type FixedBy = 'INTERVAL' | 'WEEKDAY' | 'SECOND_WEEK' | 'MONTH';

export const FIXED_BY = [
  { value: 'INTERVAL', label: 'every … days' },
  { value: 'WEEKDAY', label: 'a day of the week' },
  { value: 'SECOND_WEEK', label: 'every second week' },
  { value: 'MONTH', label: 'days of the month' },
] as const;

export function fixedBy(days: NamedDays | undefined): FixedBy {
  if (!days) return 'INTERVAL';
  const byMonth = days.daysOfMonth && (days.daysOfMonth.length > 0 || !days.weekday);
  if (byMonth && days.everyWeeks !== 2) return 'MONTH';
  return days.everyWeeks === 2 ? 'SECOND_WEEK' : 'WEEKDAY';
}

/** What a way begins with. */
export function firstOf(way: FixedBy): NamedDays | undefined {
  switch (way) {
    case 'INTERVAL':
      return undefined;
    case 'WEEKDAY':
      return { weekday: 'SATURDAY' };
    case 'SECOND_WEEK':
      return { weekday: 'SATURDAY', everyWeeks: 2 };
    case 'MONTH':
      return { daysOfMonth: [1, 15] };
  }
}

/** Every second week, told by one of its days: that says the weekday, too. */
export function secondWeekFrom(day: string): NamedDays {
  const at = new Date(`${day}T12:00:00Z`).getUTCDay();
  const weekday = WEEKDAYS[(at + 6) % 7]?.value;
  return { everyWeeks: 2, from: day, ...(weekday && { weekday }) };
}

const LAST_OF_MONTH = 31;

/** "1, 15" as days of the month; nothing where it says anything else. */
export function daysOfMonth(text: string): number[] | undefined {
  const days = text
    .split(/[,\s]+/)
    .filter((part) => part !== '')
    .map(Number);
  const areDays = days.every((day) => Number.isInteger(day) && day >= 1 && day <= LAST_OF_MONTH);
  return areDays && days.length > 0 ? days : undefined;
}
