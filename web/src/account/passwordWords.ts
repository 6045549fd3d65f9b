import { LIMITS } from '../api/limits';

const SHORTEST = LIMITS.Password.next.least;
const LONG = 20;
const FEW_KINDS = 6;

/** How good a password that is being typed looks, in words; the server looks closer. */
export function passwordWords(typed: string): string {
  if (typed === '') {
    return `${SHORTEST} characters or more; some words that go badly together are best.`;
  }
  const missing = SHORTEST - typed.length;
  if (missing > 0) return `${missing} more, please.`;
  const kinds = new Set(typed.toLowerCase()).size;
  if (kinds < FEW_KINDS) return 'Long enough, but it repeats itself: easily guessed.';
  if (/^[\d\s]+$/.test(typed)) return 'Long enough, but digits alone are easily guessed.';
  return typed.length >= LONG ? 'Strong: long and varied.' : 'Good. Longer would be stronger.';
}

/** What a form asks of a chosen password; the server asks more. */
export const PASSWORD_RULES = {
  required: 'A password is needed.',
  minLength: { value: SHORTEST, message: `${SHORTEST} characters or more, please.` },
};
