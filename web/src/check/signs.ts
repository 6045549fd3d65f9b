import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf, type Choice } from '../form/choice';

export type EarFinding = Schemas['EarFinding'];
export type Grade = EarFinding['redness'];
export type DischargeKind = EarFinding['dischargeKind'];
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

export const DISCHARGE_KINDS = WORDS.DischargeKind.filter(({ value }) => value !== 'NONE');

/** What a thing asks for: it is a sign, it is done away with first, or it is written down. */
export type ThingGroup = 'signs' | 'first' | 'noted';

export const THING_GROUPS: readonly { group: ThingGroup; label: string }[] = [
  { group: 'signs', label: 'Signs' },
  { group: 'first', label: 'To do first: only wipe until it is gone' },
  { group: 'noted', label: 'To note' },
];

const GROUP_OF: Record<SeenThing, ThingGroup> = {
  FOREIGN_BODY: 'signs',
  TICK_LIFTED: 'signs',
  TICK_STUCK: 'signs',
  CUT: 'signs',
  FLAP_BALLOONED: 'signs',
  HAIR_BLOCKING: 'first',
  MAT_UNDER_FLAP: 'first',
  LUMP_BLOCKING: 'noted',
  LUMP: 'noted',
  FLEAS: 'noted',
  FLAKING: 'noted',
  THICKENED: 'noted',
};

/** Whether a thing is a sign of its own, not one to do away with first or to note. */
export function isSign(thing: SeenThing): boolean {
  return GROUP_OF[thing] === 'signs';
}

/** The things of one group, each with its words. */
export function thingsOf(group: ThingGroup): readonly Choice<SeenThing>[] {
  return WORDS.SeenThing.filter(({ value }) => GROUP_OF[value] === group);
}

export const HEARINGS: readonly { hearing: HearingTry; label: string }[] = [
  { hearing: 'NOT_TRIED', label: 'not tried' },
  { hearing: 'TURNED', label: 'turned to it' },
  { hearing: 'DID_NOT_TURN', label: 'did not turn' },
];

/** A grade beside what is normal for an ear; nothing where both are none. */
export function againstNormal(grade: Grade, normal: Grade): string | undefined {
  const [is, usual] = [gradeNumber(grade), gradeNumber(normal)];
  if (is > usual) return `more than its normal (${usual})`;
  if (is < usual) return `less than its normal (${usual})`;
  return usual > 0 ? 'normal for it' : undefined;
}

/** An ear that nobody could look at, in words. */
function unseenWords({ pain }: EarFinding): string {
  return gradeNumber(pain) > 1
    ? 'could not look: it pulled away as it never did'
    : 'could not look';
}

/** What an ear showed, in words. */
export function signsWords(finding: EarFinding): string {
  if (!finding.couldLook) return unseenWords(finding);
  const graded = DRAWN_SIGNS.filter((sign) => finding[sign] !== 'NONE').map((sign) =>
    sign === 'discharge'
      ? `${labelOf(WORDS.DischargeKind, finding.dischargeKind)} discharge ${gradeNumber(finding.discharge)}`
      : `${SIGN_NAMES[sign].toLowerCase()} ${gradeNumber(finding[sign])}`,
  );
  const words = [
    ...graded,
    finding.odour !== 'NONE' && `${labelOf(WORDS.Odour, finding.odour)} odour`,
    finding.pain !== 'NONE' && `pain ${gradeNumber(finding.pain)}`,
    ...finding.seen.map((thing) => labelOf(WORDS.SeenThing, thing)),
    finding.lump &&
      `${finding.lump.millimetres} mm ${labelOf(WORDS.LumpPlace, finding.lump.place)}`,
    finding.hearing === 'DID_NOT_TURN' && 'did not turn to a sound',
  ].filter(Boolean);
  return words.join(', ') || 'nothing to find';
}
