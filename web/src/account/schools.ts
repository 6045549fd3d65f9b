import type { DayOrder } from '../measure/locale';
import type { Choice } from '../form/choice';
import type { Settings } from '../household/useMe';

/** A way of doing things on which people differ, with both sides' reasons. */
export interface SchoolChoice<V extends string> extends Choice<V> {
  rule: string;
  favour: string;
  against: string;
}

/** The vet's is not among them: a visit sets it. */
export const SCHEDULING_SCHOOLS: SchoolChoice<Exclude<Settings['scheduling'], 'VET'>>[] = [
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
    rule: 'The same days every time: every 7 to 60 days, or by the calendar.',
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

export const SWAB_SCHOOLS: SchoolChoice<Settings['swabs']>[] = [
  {
    value: 'NEVER',
    label: 'never (default)',
    rule: 'No swab comes near the ear.',
    favour: 'A swab packs wax down the canal, and a jerk of the head drives it in.',
    against: 'The grooves of the flap are harder to get clean with a finger.',
  },
  {
    value: 'FOLDS_ONLY',
    label: 'folds only',
    rule: 'Only the grooves of the flap, tip always in sight, held short.',
    favour: 'Gets what dries in the grooves, without rubbing.',
    against: 'One slip is enough. Never down the canal.',
  },
];

export const WIPE_SCHOOLS: SchoolChoice<Settings['wipes']>[] = [
  {
    value: 'COTTON_PADS',
    label: 'cotton pads (default)',
    rule: 'A pad over the finger, a clean edge each time.',
    favour: 'Flat, soft, easy to count, and shows what came out.',
    against: 'Slips off a wet finger.',
  },
  {
    value: 'COTTON_BALLS',
    label: 'cotton balls',
    rule: 'A ball held between two fingers.',
    favour: 'Cheap, and they dry the ear.',
    against: 'They fray, and one may roll off into the canal.',
  },
  {
    value: 'GAUZE',
    label: 'gauze',
    rule: 'A square of gauze round the finger.',
    favour: 'Grips wax better than anything smooth.',
    against: 'A little rough for skin that is sore.',
  },
  {
    value: 'SOFT_TISSUE',
    label: 'soft tissue',
    rule: 'Folded over the finger.',
    favour: 'Always in the house.',
    against: 'Falls apart when wet. Paper towel is too coarse.',
  },
  {
    value: 'READY_WIPES',
    label: 'ready wipes',
    rule: 'Wipes made for ears, as they come.',
    favour: 'Nothing to pour or to carry.',
    against: 'Dear, and they only reach what you can see.',
  },
];

export const HAIR_SCHOOLS: SchoolChoice<Settings['hair']>[] = [
  {
    value: 'LEAVE',
    label: 'leave it (default)',
    rule: 'Hair in the canal is left alone.',
    favour: 'Pulled hair leaves sore skin, and sore skin makes wax.',
    against: 'Dense hair holds wax and water.',
  },
  {
    value: 'TRIM',
    label: 'trim the opening',
    rule: 'Blunt tips, only round the opening, in a quiet ear.',
    favour: 'Lets air in and liquid out, and hurts nobody.',
    against: 'Cut hair may fall in; it does not reach the canal.',
  },
  {
    value: 'PLUCK',
    label: 'pluck a little',
    rule: 'A few hairs at a time with powder, dense hair in a quiet ear only, never in a red one.',
    favour: 'Opens a canal that is grown shut.',
    against: 'It hurts and may inflame; best left to a groomer or vet.',
  },
];

export const MEDICINE_SCHOOLS: SchoolChoice<Settings['medicineWait']>[] = [
  {
    value: 'AN_HOUR',
    label: 'an hour (default)',
    rule: 'A medicine goes in 60 minutes after the cleaning.',
    favour: 'The canal is dry by then, so that nothing is thinned or washed out.',
    against: 'An hour later it is easily forgotten.',
  },
  {
    value: 'AFTER_THE_SHAKE',
    label: 'after the shake',
    rule: 'Once the dog has shaken and the ear is wiped dry.',
    favour: 'One handling instead of two, and nothing is forgotten.',
    against: 'What is left of the cleaner thins the medicine.',
  },
];

export const MIXING_SCHOOLS: SchoolChoice<NonNullable<Settings['mixing']>>[] = [
  {
    value: 'READY_ONLY',
    label: 'ready cleaners only (default)',
    rule: 'No session takes a home mix unless you choose it.',
    favour: 'What most vets ask for: made, tested and labelled for ears.',
    against: 'It costs more, and the label does not always say what is in it.',
  },
  {
    value: 'HOME_MIXED',
    label: 'our own mixes too',
    rule: 'A mix that suits may be taken, for quiet ears only.',
    favour: 'Cheap, fresh, and you know what is in it.',
    against: 'Nobody has tested it, and a slip in measuring ends in an ear.',
  },
];

export const FACINGS: Choice<Settings['facing']>[] = [
  { value: 'FRONT', label: 'from in front of the dog' },
  { value: 'BEHIND', label: 'from behind it' },
];

export const VOLUME_UNITS: Choice<Settings['volumeUnit']>[] = [
  { value: 'ML', label: 'mL' },
  { value: 'SPOONS', label: 'spoons' },
  { value: 'FL_OZ', label: 'fl oz, spoons and °F' },
];

export const WEIGHT_UNITS: Choice<Settings['weightUnit']>[] = [
  { value: 'KG', label: 'kg' },
  { value: 'LB', label: 'lb' },
];

export const DAY_ORDERS: Choice<DayOrder>[] = [
  { value: 'DAY_FIRST', label: '25 Nov' },
  { value: 'MONTH_FIRST', label: 'Nov 25' },
];

export const HOURS: Choice<Settings['hours']>[] = [
  { value: 'H24', label: '24 h' },
  { value: 'H12', label: '12 h' },
];
