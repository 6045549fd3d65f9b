import { expect, it } from 'vitest';
import { barReach } from './factorBar';

it('reaches as far for twice as fast as for half as fast, and not at all for 1', () => {
  expect(barReach(1)).toBe(0);
  expect(barReach(2)).toBe(1);
  expect(barReach(0.5)).toBe(-1);
  expect(barReach(1.4)).toBeCloseTo(-barReach(1 / 1.4), 10);
  expect(barReach(8)).toBe(1);
});
