import { expect, test } from 'vitest';
import { passwordWords } from './passwordWords';

test.each([
  ['', '12 characters'],
  ['short', '7 more'],
  ['aaaaaaaaaaaaaaaa', 'repeats itself'],
  ['190827364554', 'digits alone'],
  ['wet slate 12', 'Good'],
  ['tern over wet slate, later', 'Strong'],
])('%s', (typed, words) => {
  expect(passwordWords(typed)).toContain(words);
});
