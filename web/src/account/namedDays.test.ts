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
    expect(daysOfMonth('1 x ,31')).toEqual([1, 31]);
  });
});
