import type { Schemas } from '../api/client';
import type { Choice } from '../form/choice';

export type EarTraits = Schemas['EarTraits'];
export type Life = Schemas['Life'];

export const EARDRUMS: Choice<Schemas['Eardrum']['status']>[] = [
  { value: 'NEVER_EXAMINED', label: 'never examined' },
  { value: 'SEEN_INTACT', label: 'seen intact' },
  { value: 'NOT_INTACT', label: 'not intact' },
];

/** Where stated infections were; empty where it was both, or is not known. */
export const INFECTED_EARS: Choice<'' | 'RIGHT' | 'LEFT'>[] = [
  { value: 'RIGHT', label: 'right ear' },
  { value: 'LEFT', label: 'left ear' },
  { value: '', label: 'both, or not known' },
];

/** The ears that a dog is known not to hear with. */
export const DEAF_EARS: Choice<'NONE' | 'RIGHT' | 'LEFT' | 'BOTH'>[] = [
  { value: 'NONE', label: 'not known to be' },
  { value: 'RIGHT', label: 'right ear' },
  { value: 'LEFT', label: 'left ear' },
  { value: 'BOTH', label: 'both ears' },
];
