import type { Schemas } from '../api/client';
import type { Choice } from '../form/choice';

/** What a dog allows at its ears, from the bottom of the trust ladder to its top. */
export const RUNGS: readonly Choice<Schemas['Trust']['rung']>[] = [
  { value: 'TOUCH', label: '1 touch' },
  { value: 'FOLD', label: '2 fold the flap' },
  { value: 'HOLD_UP', label: '3 hold it up' },
  { value: 'DRY_PAD', label: '4 dry pad' },
  { value: 'WET_PAD', label: '5 wiping' },
  { value: 'FULL_SESSION', label: '6 full session' },
];
