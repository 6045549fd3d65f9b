import type { Schemas } from '../api/client';
import type { Choice } from '../form/choice';

export type EarTraits = Schemas['EarTraits'];
export type Life = Schemas['Life'];

export const EARDRUMS: Choice<Schemas['Eardrum']['status']>[] = [
  { value: 'NEVER_EXAMINED', label: 'never examined' },
  { value: 'SEEN_INTACT', label: 'seen intact' },
  { value: 'NOT_INTACT', label: 'not intact' },
];
