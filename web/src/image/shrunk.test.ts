import { expect, it } from 'vitest';
import { fitted } from './shrunk';

it.each([
  [4000, 3000, [960, 720]],
  [300, 600, [300, 600]],
  [10000, 1, [960, 1]],
])('fits %s by %s', (width, height, size) => {
  expect(fitted(width, height, 960)).toEqual(size);
});
