import type { Schemas } from '../api/client';

export type Suits = Schemas['SuitsAnswer']['suits'];

export const SUITS_WORDS: Record<Suits, string> = { OK: 'OK', CARE: 'with care', NO: 'no' };
