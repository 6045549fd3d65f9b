import type { Choice } from '../ear/traits';
import type { Settings } from './useMe';

/** A way of doing things on which people differ, with both sides' reasons. */
export interface SchoolChoice<V extends string> extends Choice<V> {
  rule: string;
  favour: string;
  against: string;
}

export const SCHEDULING_SCHOOLS: SchoolChoice<Settings['scheduling']>[] = [
  {
    value: 'LEARNED',
    label: 'learned (default)',
    rule: 'Starts from breed and ear type, then learns from what comes out.',
    favour: 'Each ear gets its own rhythm, and it follows the seasons.',
    against: 'It needs you to record what came out.',
  },
  {
    value: 'FIXED',
    label: 'fixed days',
    rule: 'The same interval every time, 7 to 60 days.',
    favour: 'Easy to remember, easy to share.',
    against: 'Too often for one ear, too late for another.',
  },
  {
    value: 'AS_NEEDED',
    label: 'as needed',
    rule: 'Look and sniff on schedule; clean only when that says it is worth it.',
    favour: 'A quiet ear cleans itself; every cleaning irritates a little.',
    against: 'Who forgets to look, cleans too late.',
  },
];

export const METHOD_SCHOOLS: SchoolChoice<Settings['method']>[] = [
  {
    value: 'FILL',
    label: 'fill (default)',
    rule: 'Fill to the line, massage until it squelches, let it shake, wipe.',
    favour: 'Short of a vet’s flush, the only way to clean below the bend.',
    against: 'Harms where the eardrum is damaged; startles some dogs.',
  },
  {
    value: 'SOAKED_PAD',
    label: 'soaked pad',
    rule: 'A dripping pad in the opening, squeezed empty, massage, dry pad.',
    favour: 'Much the same effect with less fright.',
    against: 'Less liquid reaches the bend.',
  },
  {
    value: 'SYRINGE',
    label: 'syringe',
    rule: 'A measured volume from a blunt syringe, again until it comes out clean, five times at most.',
    favour: 'Exact and quick: you know what went in.',
    against: 'Pressure: never seal the canal with it.',
  },
  {
    value: 'WIPE',
    label: 'wipe only',
    rule: 'Cleaner on the pad, never in the ear; only what you can see.',
    favour: 'Can do no harm, and is enough for most healthy ears.',
    against: 'Leaves the bottom of the canal as it was.',
  },
];

export const FACINGS: Choice<Settings['facing']>[] = [
  { value: 'FRONT', label: 'from in front of the dog' },
  { value: 'BEHIND', label: 'from behind it' },
];

export const VOLUME_UNITS: Choice<Settings['volumeUnit']>[] = [
  { value: 'ML', label: 'mL' },
  { value: 'SPOONS', label: 'spoons' },
];

export const WEIGHT_UNITS: Choice<Settings['weightUnit']>[] = [
  { value: 'KG', label: 'kg' },
  { value: 'LB', label: 'lb' },
];

export const HOURS: Choice<Settings['hours']>[] = [
  { value: 'H24', label: '24 h' },
  { value: 'H12', label: '12 h' },
];
