import { expect, it } from 'vitest';
import { shuffled } from './order';

it('keeps all of them and never the order they came in', () => {
  const all = [1, 2, 3, 4, 5];
  for (const random of [() => 0, () => 0.5, () => 0.999]) {
    const mixed = shuffled(all, random);
    expect([...mixed].sort()).toEqual(all);
    expect(mixed).not.toEqual(all);
  }
});

it('leaves one alone and none at all as they are', () => {
  expect(shuffled(['a'])).toEqual(['a']);
  expect(shuffled([])).toEqual([]);
});
