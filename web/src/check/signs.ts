import type { Schemas } from '../api/client';

export type EarFinding = Schemas['EarFinding'];
export type Grade = EarFinding['redness'];
export type DischargeKind = EarFinding['dischargeKind'];
export type Odour = EarFinding['odour'];
export type SeenThing = EarFinding['seen'][number];
export type HearingTry = EarFinding['hearing'];

/** From none to severe. */
export const GRADES: readonly Grade[] = ['NONE', 'MILD', 'MODERATE', 'SEVERE'];

export function gradeNumber(grade: Grade): number {
  return GRADES.indexOf(grade);
}

/** The signs that are graded by a drawing. */
export type DrawnSign = 'redness' | 'swelling' | 'sores' | 'discharge';

export const DRAWN_SIGNS: readonly DrawnSign[] = ['redness', 'swelling', 'sores', 'discharge'];

export type GradedSign = DrawnSign | 'pain';

export const SIGN_NAMES: Record<GradedSign, string> = {
  redness: 'Redness',
  swelling: 'Swelling',
  sores: 'Sores',
  discharge: 'Discharge',
  pain: 'Pain',
};

/** What each grade means, so that two people grade alike. */
export const GRADE_SENTENCES: Record<GradedSign, Record<Grade, string>> = {
  redness: {
    NONE: 'skin as pale as ever',
    MILD: 'a pink tinge, on a second look',
    MODERATE: 'plainly red, fine vessels show',
    SEVERE: 'deep red all over, hot',
  },
  swelling: {
    NONE: 'opening as wide as ever',
    MILD: 'folds a little plump, opening narrower',
    MODERATE: 'opening half its width',
    SEVERE: 'swollen nearly shut',
  },
  sores: {
    NONE: 'skin whole',
    MILD: 'a scrape or two',
    MODERATE: 'several raw spots or crusts',
    SEVERE: 'raw over a wide patch',
  },
  discharge: {
    NONE: 'nothing to see',
    MILD: 'a smear on the wipe',
    MODERATE: 'a film or clumps at the opening',
    SEVERE: 'fills the opening or runs out',
  },
  pain: {
    NONE: 'does not mind being touched',
    MILD: 'pulls away a little',
    MODERATE: 'winces or whines',
    SEVERE: 'cries, snaps, will not be touched',
  },
};

export const GRADE_WORDS: Record<Grade, string> = {
  NONE: 'none',
  MILD: 'mild',
  MODERATE: 'moderate',
  SEVERE: 'severe',
};

export const KINDS: readonly { kind: Exclude<DischargeKind, 'NONE'>; label: string }[] = [
  { kind: 'TAN_WAX', label: 'tan wax' },
  { kind: 'BROWN', label: 'brown' },
  { kind: 'BLACK', label: 'black' },
  { kind: 'WATERY', label: 'watery' },
  { kind: 'COFFEE_GROUNDS', label: 'dark specks' },
  { kind: 'YELLOW', label: 'yellow' },
  { kind: 'GREEN', label: 'green' },
  { kind: 'BLOODY', label: 'bloody' },
];

export const ODOURS: readonly { odour: Odour; label: string }[] = [
  { odour: 'NONE', label: 'none' },
  { odour: 'WAXY', label: 'waxy' },
  { odour: 'SWEET', label: 'sweet' },
  { odour: 'FOUL', label: 'foul' },
];

/** What a thing asks for: it is a sign, it is done away with first, or it is written down. */
export type ThingGroup = 'signs' | 'first' | 'noted';

export const THING_GROUPS: readonly { group: ThingGroup; label: string }[] = [
  { group: 'signs', label: 'Signs' },
  { group: 'first', label: 'To do first: only wipe until it is gone' },
  { group: 'noted', label: 'To note' },
];

export const THINGS: readonly { thing: SeenThing; label: string; group: ThingGroup }[] = [
  { thing: 'FOREIGN_BODY', label: 'something stuck', group: 'signs' },
  { thing: 'TICK_LIFTED', label: 'tick, lifted off', group: 'signs' },
  { thing: 'TICK_STUCK', label: 'tick that stays', group: 'signs' },
  { thing: 'CUT', label: 'cut or bite', group: 'signs' },
  { thing: 'FLAP_BALLOONED', label: 'flap ballooned', group: 'signs' },
  { thing: 'HAIR_BLOCKING', label: 'hair blocks it', group: 'first' },
  { thing: 'MAT_UNDER_FLAP', label: 'mat under flap', group: 'first' },
  { thing: 'LUMP_BLOCKING', label: 'lump that blocks it', group: 'noted' },
  { thing: 'LUMP', label: 'lump or wart', group: 'noted' },
  { thing: 'FLEAS', label: 'fleas or their dirt', group: 'noted' },
  { thing: 'FLAKING', label: 'dry, flaking skin', group: 'noted' },
  { thing: 'THICKENED', label: 'thick, leathery skin', group: 'noted' },
];

export const HEARINGS: readonly { hearing: HearingTry; label: string }[] = [
  { hearing: 'NOT_TRIED', label: 'not tried' },
  { hearing: 'TURNED', label: 'turned to it' },
  { hearing: 'DID_NOT_TURN', label: 'did not turn' },
];

/** What an ear showed, in words. */
export function signsWords(finding: EarFinding): string {
  const graded = DRAWN_SIGNS.filter((sign) => finding[sign] !== 'NONE').map((sign) =>
    sign === 'discharge'
      ? `${kindWord(finding.dischargeKind)} discharge ${gradeNumber(finding.discharge)}`
      : `${SIGN_NAMES[sign].toLowerCase()} ${gradeNumber(finding[sign])}`,
  );
  const words = [
    ...graded,
    finding.odour !== 'NONE' && `${finding.odour.toLowerCase()} odour`,
    finding.pain !== 'NONE' && `pain ${gradeNumber(finding.pain)}`,
    ...finding.seen.map((thing) => THINGS.find((one) => one.thing === thing)?.label),
    finding.hearing === 'DID_NOT_TURN' && 'did not turn to a sound',
  ].filter(Boolean);
  return words.join(', ') || 'nothing to find';
}

export function kindWord(kind: DischargeKind): string {
  return KINDS.find((one) => one.kind === kind)?.label ?? 'no';
}
