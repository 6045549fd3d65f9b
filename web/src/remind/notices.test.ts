import { expect, it } from 'vitest';
import type { Shown } from '../course/board';
import { isFirstOf, untold } from './notices';

const shown = (course: string, number: number) =>
  ({ course: { board: { course: { id: course } } }, dose: { dose: { number } } }) as Shown;

it('tells each dose once, whenever it is looked', () => {
  const told = new Set<string>();
  expect(untold([shown('a', 1)], told)).toHaveLength(1);
  expect(untold([shown('a', 1), shown('a', 2), shown('b', 1)], told)).toHaveLength(2);
  expect(untold([shown('b', 1)], told)).toEqual([]);
});

it('tells of a day once', () => {
  const kept = new Map<string, string>();
  const store = {
    getItem: (key: string) => kept.get(key) ?? null,
    setItem: (key: string, value: string) => void kept.set(key, value),
  };
  expect(isFirstOf('2026-06-01', store)).toBe(true);
  expect(isFirstOf('2026-06-01', store)).toBe(false);
  expect(isFirstOf('2026-06-02', store)).toBe(true);
});
