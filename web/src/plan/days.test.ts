import { describe, expect, it } from 'vitest';
import { column, dayAt, daysOf, drawnOn, fitsOn, isIn, isWeekend, isWithin, monday } from './days';
import type { PlanItem } from '../view/useToday';

const ROW = { first: '2026-10-19', days: 42 };

describe('a row of days', () => {
  it('goes over the change of the clocks without a doubled or missing day', () => {
    const days = daysOf(ROW);
    expect(new Set(days).size).toBe(42);
    expect(days.at(-1)).toBe('2026-11-29');
    expect(column('2026-10-26', ROW)).toBe(7);
  });

  it('finds the day under a pointer', () => {
    expect(dayAt(0, ROW)).toBe('2026-10-19');
    expect(dayAt(0.999, ROW)).toBe('2026-11-29');
    expect(dayAt(0.5, ROW)).toBe('2026-11-09');
    expect([-0.01, 1].map((part) => dayAt(part, ROW))).toEqual([undefined, undefined]);
  });

  it('knows what lies outside', () => {
    expect(isIn('2026-10-18', ROW)).toBe(false);
    expect(isIn('2026-11-29', ROW)).toBe(true);
    expect(isIn('2026-11-30', ROW)).toBe(false);
  });
});

describe('a week', () => {
  it('begins on Monday', () => {
    expect(monday('2026-11-25')).toBe('2026-11-23');
    expect(monday('2026-11-23')).toBe('2026-11-23');
    expect(monday('2026-11-29')).toBe('2026-11-23');
  });

  it('ends with Saturday and Sunday', () => {
    expect(['2026-11-27', '2026-11-28', '2026-11-29'].map(isWeekend)).toEqual([false, true, true]);
  });
});

describe('a day', () => {
  const capacity = { byWeekday: [1, 2, 3, 4, 5, 6, 7], daysOff: ['2026-12-25'] };

  it('holds as much as its weekday, and nothing when it is off', () => {
    expect(fitsOn('2026-11-23', capacity)).toBe(1);
    expect(fitsOn('2026-11-29', capacity)).toBe(7);
    expect(fitsOn('2026-12-25', capacity)).toBe(0);
  });
});

describe('a planned item', () => {
  const window = { earliest: '2026-11-20', best: '2026-11-23', latest: '2026-11-26' };
  const item = { window } as PlanItem;

  it('is drawn on today once its best day has passed', () => {
    expect(drawnOn(item, '2026-11-25')).toBe('2026-11-25');
    expect(drawnOn(item, '2026-11-21')).toBe('2026-11-23');
  });

  it('may be put on any day of its window', () => {
    expect(
      ['2026-11-19', '2026-11-20', '2026-11-26', '2026-11-27'].map((d) => isWithin(d, window)),
    ).toEqual([false, true, true, false]);
  });
});
