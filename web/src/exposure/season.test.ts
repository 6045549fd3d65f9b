import { describe, expect, it } from 'vitest';
import { months, repeatWords } from './season';

describe('what repeats', () => {
  it('is said by its weekdays in the order of the week, and its months', () => {
    expect(repeatWords({ weekdays: ['SATURDAY', 'WEDNESDAY'], season: months(5, 9) })).toBe(
      'Wed and Sat, May to September',
    );
  });

  it('says nothing of the year where it is all of it', () => {
    expect(repeatWords({ weekdays: ['SUNDAY'], season: months(1, 12) })).toBe('Sun');
  });

  it('ends with the last day that its month may have', () => {
    expect(months(11, 2)).toEqual({
      from: { month: 11, day: 1 },
      until: { month: 2, day: 29 },
    });
  });
});
