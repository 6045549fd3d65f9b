import { describe, expect, it } from 'vitest';
import { againstNormal } from './signs';

describe('a grade beside what is normal for an ear', () => {
  it.each([
    ['MILD', 'NONE', 'more than its normal (0)'],
    ['MODERATE', 'MILD', 'more than its normal (1)'],
    ['NONE', 'MILD', 'less than its normal (1)'],
    ['MILD', 'MILD', 'normal for it'],
    ['NONE', 'NONE', undefined],
  ] as const)('%s against %s: %s', (grade, normal, words) => {
    expect(againstNormal(grade, normal)).toBe(words);
  });
});
