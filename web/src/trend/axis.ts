import { addDays, daysBetween, type Day } from '../measure/days';
import type { Side } from '../measure/side';

/** The days that a chart shows, the first and the last included. */
export interface Span {
  from: Day;
  to: Day;
}

/** Room at the left and the right end, so that no point is cut. */
const MARGIN = 0.01;

/** Where a day's middle lies: 0 at the left end of a chart, 1 at its right. */
export function across(day: Day, { from, to }: Span): number {
  const share = (daysBetween(from, day) + 0.5) / (daysBetween(from, to) + 1);
  return MARGIN + (1 - 2 * MARGIN) * share;
}

/**
 * How a chart is laid out: the right ear above, the left mirrored below, so that unevenness is seen
 * as asymmetry; what happened to the dog stands in the gap between them.
 */
export interface Frame {
  /** The height of one ear's half. */
  half: number;
  /** The height of the gap between them. */
  gap: number;
}

/** The same above and below. */
const PAD = 9;

export function fullHeight({ half, gap }: Frame): number {
  return 2 * half + gap + 2 * PAD;
}

/** Where a value of an ear stands, from the upper end of a chart. */
export function height(value: number, most: number, side: Side, frame: Frame): number {
  const up = (Math.min(value, most) / most) * frame.half;
  const zero = PAD + frame.half;
  return side === 'RIGHT' ? zero - up : zero + frame.gap + up;
}

const MONTHS = ['Jan', 'Feb', 'Mar', 'Apr', 'May', 'Jun', 'Jul', 'Aug', 'Sep', 'Oct', 'Nov', 'Dec'];
const MOST_NAMES = 13;

/** The months that begin in it, each or every so many where that would be too many to read. */
export function months(span: Span): { day: Day; words: string }[] {
  const all: { day: Day; words: string }[] = [];
  let [year = 0, month = 1] = span.from.split('-').map(Number);
  for (;;) {
    const day = `${year}-${String(month).padStart(2, '0')}-01`;
    if (day > span.to) break;
    if (day >= span.from) {
      const name = MONTHS[month - 1] ?? '';
      all.push({ day, words: month === 1 ? String(year) : name });
    }
    month += 1;
    if (month > 12) {
      month = 1;
      year += 1;
    }
  }
  const step = Math.ceil(all.length / MOST_NAMES);
  return all.filter((_, at) => at % step === 0);
}

/** As many days before a time as it has. */
export function before({ from, to }: Span): Span {
  const days = daysBetween(from, to) + 1;
  return { from: addDays(from, -days), to: addDays(from, -1) };
}

/** So many days from a day on, and as many before it; not beyond the last day. */
export function around(day: Day, days: number, last: Day): { before: Span; after: Span } {
  const end = addDays(day, days - 1);
  const after = { from: day, to: end < last ? end : last < day ? day : last };
  return { before: { from: addDays(day, -days), to: addDays(day, -1) }, after };
}
