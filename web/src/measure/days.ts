import { dates } from './locale';

/** Local dates are ISO strings, such as 2026-11-25; they have no zone and never move. */
export type Day = string;

const MS_PER_DAY = 86_400_000;

function epochDay(day: Day): number {
  return Date.parse(`${day}T00:00:00Z`) / MS_PER_DAY;
}

/** Whole days from one local date to another; negative if the second is earlier. */
export function daysBetween(from: Day, to: Day): number {
  return epochDay(to) - epochDay(from);
}

export function addDays(day: Day, days: number): Day {
  return new Date((epochDay(day) + days) * MS_PER_DAY).toISOString().slice(0, 10);
}

/** The local date of an instant in a zone. */
export function dayIn(zone: string, instant: Date): Day {
  const parts = new Intl.DateTimeFormat('en-US', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).formatToParts(instant);
  const part = (type: string) => parts.find((one) => one.type === type)?.value ?? '';
  return `${part('year').padStart(4, '0')}-${part('month')}-${part('day')}`;
}

const SHORT = {
  weekday: 'short',
  day: 'numeric',
  month: 'short',
  timeZone: 'UTC',
} as const;
const LONG = {
  weekday: 'long',
  day: 'numeric',
  month: 'long',
  timeZone: 'UTC',
} as const;
const WITH_YEAR = {
  day: 'numeric',
  month: 'short',
  year: 'numeric',
  timeZone: 'UTC',
} as const;

function utc(day: Day): Date {
  return new Date(epochDay(day) * MS_PER_DAY);
}

/** "Wed 25 Nov" */
export function shortDate(day: Day): string {
  return dates(SHORT).format(utc(day)).replace(',', '');
}

/** "Wednesday 25 November" */
export function longDate(day: Day): string {
  return dates(LONG).format(utc(day)).replace(',', '');
}

const IN_FULL = {
  weekday: 'short',
  day: 'numeric',
  month: 'long',
  year: 'numeric',
  timeZone: 'UTC',
} as const;

/** "Wed, 25 November 2026"; nothing for what is no day. */
export function fullDate(day: string): string {
  return /^\d{4}-\d{2}-\d{2}$/.test(day) && !Number.isNaN(epochDay(day))
    ? dates(IN_FULL).format(utc(day))
    : '';
}

/** The parts of a date that stand above a column: "Wed", "25", "Nov". */
export function dateParts(day: Day): { weekday: string; date: string; month: string } {
  const parts = dates(SHORT).formatToParts(utc(day));
  const part = (type: string) => parts.find((one) => one.type === type)?.value ?? '';
  return { weekday: part('weekday'), date: part('day'), month: part('month') };
}

/** "25 Nov 2026" */
export function dateWithYear(day: Day): string {
  return dates(WITH_YEAR).format(utc(day));
}

/** "today", "tomorrow", "in 9 days", "5 days ago" */
export function inWords(day: Day, today: Day): string {
  const days = daysBetween(today, day);
  if (days === 0) return 'today';
  if (days === 1) return 'tomorrow';
  if (days === -1) return 'yesterday';
  return days > 0 ? `in ${days} days` : `${-days} days ago`;
}

/** "14 days", "1 day" */
export function count(number: number, noun: string): string {
  return `${number} ${noun}${number === 1 ? '' : 's'}`;
}

/** The age at a day, in the largest unit that tells something: "5 weeks", "7 months", "4 years". */
export function age(bornOn: Day, today: Day): string {
  const days = daysBetween(bornOn, today);
  if (days < 84) return count(Math.floor(days / 7), 'week');
  const months = Math.floor(days / 30.4375);
  return months < 24 ? count(months, 'month') : count(Math.floor(months / 12), 'year');
}

/** The instant of a local date's time of day in a zone. */
export function instantOf(day: Day, time: string, zone: string): Date {
  const guess = new Date(`${day}T${time}:00Z`);
  // twice, so that the offset is the one in force at the instant itself
  const first = new Date(guess.getTime() - offset(zone, guess));
  return new Date(guess.getTime() - offset(zone, first));
}

function offset(zone: string, instant: Date): number {
  const parts = new Intl.DateTimeFormat('en-US', {
    timeZone: zone,
    hourCycle: 'h23',
    year: 'numeric',
    month: 'numeric',
    day: 'numeric',
    hour: 'numeric',
    minute: 'numeric',
    second: 'numeric',
  }).formatToParts(instant);
  const part = (type: string) => Number(parts.find((p) => p.type === type)?.value);
  const local = Date.UTC(
    part('year'),
    part('month') - 1,
    part('day'),
    part('hour'),
    part('minute'),
    part('second'),
  );
  return local - Math.floor(instant.getTime() / 1000) * 1000;
}

/** The time of day of an instant in a zone, such as 18:30. */
export function timeIn(zone: string, instant: Date): string {
  return new Intl.DateTimeFormat('en-GB', {
    timeZone: zone,
    hour: '2-digit',
    minute: '2-digit',
  }).format(instant);
}

/**
 * When something happened that a person names a day for: now, if it was today; at noon there, if it
 * was earlier; as it was said before, if it is corrected and its day is the same.
 */
export function momentOf(
  day: Day,
  zone: string,
  now: Date,
  corrected?: { at: string; zone: string },
): { at: string; zone: string } {
  if (corrected && dayIn(corrected.zone, new Date(corrected.at)) === day) {
    return { at: corrected.at, zone: corrected.zone };
  }
  const time = day === dayIn(zone, now) ? timeIn(zone, now) : '12:00';
  return { at: instantOf(day, time, zone).toISOString(), zone };
}
