import type { Schemas } from '../api/client';

export type Suits = Schemas['SuitsAnswer']['suits'];

export const SUITS_WORDS: Record<Suits, string> = { OK: 'OK', CARE: 'with care', NO: 'no' };

/** The worst of several answers. */
export function worstOf(answers: readonly Suits[]): Suits {
  return answers.includes('NO') ? 'NO' : answers.includes('CARE') ? 'CARE' : 'OK';
}
