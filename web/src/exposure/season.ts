import type { Schemas } from '../api/client';
import { WEEKDAYS } from '../measure/weekdays';

type YearDay = Schemas['YearDay'];

export const MONTHS: readonly string[] = [
  'January',
  'February',
  'March',
  'April',
  'May',
  'June',
  'July',
  'August',
  'September',
  'October',
  'November',
  'December',
];

const LONGEST: readonly number[] = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** The part of the year from the first of one month to the last of another, by number from 1. */
export function months(from: number, until: number): { from: YearDay; until: YearDay } {
  return {
    from: { month: from, day: 1 },
    until: { month: until, day: LONGEST[until - 1] ?? 31 },
  };
}

/** "Wed and Sat, May to September"; the whole year is not said. */
export function repeatWords(one: Pick<Schemas['ExpectedExposure'], 'weekdays' | 'season'>): string {
  const days = WEEKDAYS.filter(({ value }) => one.weekdays.includes(value)).map(
    ({ label }) => label,
  );
  const last = days.pop() ?? '';
  const named = days.length > 0 ? `${days.join(', ')} and ${last}` : last;
  const { from, until } = one.season;
  const whole = from.month === 1 && from.day === 1 && until.month === 12 && until.day === 31;
  return whole
    ? named
    : `${named}, ${MONTHS[from.month - 1] ?? ''} to ${MONTHS[until.month - 1] ?? ''}`;
}
