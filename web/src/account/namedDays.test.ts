import { describe, expect, it } from 'vitest';
import { daysOfMonth, firstOf, fixedBy, FIXED_BY, secondWeekFrom } from './namedDays';

describe('named days', () => {
  it('are told apart by what they say', () => {
    for (const { value } of FIXED_BY) expect(fixedBy(firstOf(value))).toBe(value);
  });

  it('of every second week get their weekday from one of them', () => {
    expect(secondWeekFrom('2026-11-28')).toEqual({
      everyWeeks: 2,
      from: '2026-11-28',
      weekday: 'SATURDAY',
    });
    expect(secondWeekFrom('2026-11-29').weekday).toBe('SUNDAY');
  });

  it('of a month are read from text', () => {
    expect(daysOfMonth('1, 15')).toEqual([1, 15]);
    expect(daysOfMonth('1 31,')).toEqual([1, 31]);
    for (const none of ['', '1, x', '32', '0', '1.5']) expect(daysOfMonth(none)).toBeUndefined();
  });

  it('stay days of the month while their field is empty', () => {
    expect(fixedBy({ daysOfMonth: [] })).toBe('MONTH');
    expect(fixedBy({ weekday: 'MONDAY', everyWeeks: 1, daysOfMonth: [] })).toBe('WEEKDAY');
  });
});
