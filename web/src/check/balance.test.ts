import { expect, it } from 'vitest';
import { balanceTilt } from './balance';

it('tips toward the worse ear, and no further than it can be read', () => {
  expect(balanceTilt(3, 3)).toBe(0);
  expect(balanceTilt(1, 3)).toBe(6);
  expect(balanceTilt(3, 1)).toBe(-6);
  expect(balanceTilt(0, 12)).toBe(20);
});
