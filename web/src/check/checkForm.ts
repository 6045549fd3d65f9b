import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import { dayIn, momentOf, type Day } from '../measure/days';
import type { Side } from '../measure/side';
import type { EarFinding } from './signs';
import { isMild, type Verdict } from './verdicts';
import { LIMITS } from '../api/limits';
import { text } from '../form/text';

export type CheckRequest = Schemas['CheckRequest'];

const grade = z.enum(['NONE', 'MILD', 'MODERATE', 'SEVERE']);
const answer = z.enum(['YES', 'NO', 'NOT_KNOWN']);

/** One ear: a sign that has not been looked for yet is missing. */
const ear = z.object({
  /** Whether it could be looked at; said once somebody tried. */
  couldLook: z.boolean(),
  redness: z.optional(grade),
  swelling: z.optional(grade),
  sores: z.optional(grade),
  discharge: z.optional(grade),
  dischargeKind: z.optional(
    z.enum([
      'NONE',
      'TAN_WAX',
      'BROWN',
      'BLACK',
      'WATERY',
      'COFFEE_GROUNDS',
      'YELLOW',
      'GREEN',
      'BLOODY',
    ]),
  ),
  odour: z.optional(z.enum(['NONE', 'WAXY', 'SWEET', 'FOUL'])),
  pain: z.optional(grade),
  seen: z.array(
    z.enum([
      'FOREIGN_BODY',
      'TICK_LIFTED',
      'TICK_STUCK',
      'HAIR_BLOCKING',
      'MAT_UNDER_FLAP',
      'FLAP_BALLOONED',
      'CUT',
      'LUMP',
      'LUMP_BLOCKING',
      'FLEAS',
      'FLAKING',
      'THICKENED',
    ]),
  ),
  hearing: z.enum(['TURNED', 'NOT_TRIED', 'DID_NOT_TURN']),
  /** Where a lump sits and how large it is, as far as that was said. */
  lump: z.optional(
    z.object({
      place: z.optional(z.enum(['FLAP', 'UNDER_FLAP', 'OPENING', 'CANAL'])),
      millimetres: z.optional(z.number()),
    }),
  ),
  /** Whether the person said that they looked and sniffed. */
  looked: z.boolean(),
});

const dog = z.object({
  shaking: grade,
  scratching: grade,
  pawed: z.enum(['RIGHT', 'LEFT', 'NOT_SAID']),
  onset: z.enum(['SUDDEN', 'GRADUAL', 'NOT_SAID']),
  headTilt: z.boolean(),
  balanceLoss: z.boolean(),
  eyesFlicking: z.boolean(),
  faceDrooping: z.boolean(),
  unwell: z.boolean(),
  blowToHead: z.boolean(),
  itchyPawsOrBelly: answer,
  seedSeason: answer,
  itchingContacts: answer,
});

const asked = z.object({
  told: z.string(),
  seen: z.enum([
    'SMELL',
    'RED',
    'RUNS',
    'WAX',
    'SHAKES',
    'SCRATCHES',
    'HURTS',
    'TILTS',
    'SWOLLEN',
    'BLEEDS',
    'STAGGERS',
    'EYES_FLICK',
    'FACE_DROOPS',
    'NO_LONGER_HEARS',
  ]),
  ear: z.optional(z.enum(['RIGHT', 'LEFT'])),
  answer: z.enum(['NOW', 'THEN', 'NO']),
});

export function checkFormSchema(today: Day, bornOn: Day | undefined) {
  return z.object({
    day: z.string().check(
      z.minLength(1, 'Which day was it?'),
      z.refine((day) => day <= today, 'This day is still to come.'),
      z.refine((day) => !bornOn || day >= bornOn, 'The dog was not born yet.'),
    ),
    right: ear,
    left: ear,
    dog,
    /** What was told and is asked for by name, as far as it is answered. */
    asked: z.array(asked),
    note: text(LIMITS.Check.note.length),
  });
}

export type CheckForm = z.infer<ReturnType<typeof checkFormSchema>>;
export type EarForm = CheckForm['right'];

/** The form's name of each ear. */
export const EAR_OF_SIDE = { RIGHT: 'right', LEFT: 'left' } as const satisfies Record<Side, string>;

export const QUIET_DOG: CheckForm['dog'] = {
  shaking: 'NONE',
  scratching: 'NONE',
  pawed: 'NOT_SAID',
  onset: 'NOT_SAID',
  headTilt: false,
  balanceLoss: false,
  eyesFlicking: false,
  faceDrooping: false,
  unwell: false,
  blowToHead: false,
  itchyPawsOrBelly: 'NOT_KNOWN',
  seedSeason: 'NOT_KNOWN',
  itchingContacts: 'NOT_KNOWN',
};

/** A new check: from what is normal for each ear, or with nothing pre-filled. */
export function blankCheck(
  today: Day,
  startsFrom: { right: EarFinding; left: EarFinding } | undefined,
): CheckForm {
  const blank = (normal: EarFinding | undefined): EarForm => ({
    ...(normal ?? {}),
    couldLook: true,
    seen: [],
    hearing: 'NOT_TRIED',
    looked: false,
  });
  return {
    day: today,
    right: blank(startsFrom?.right),
    left: blank(startsFrom?.left),
    dog: QUIET_DOG,
    asked: [],
    note: '',
  };
}

/** The form of a check that is corrected. */
export function formOf(said: Schemas['CheckRequest']): CheckForm {
  const earForm = (finding: CheckRequest['ears']['right']): EarForm => ({
    ...finding,
    couldLook: finding.couldLook ?? true,
    seen: finding.seen ?? [],
    hearing: finding.hearing ?? 'NOT_TRIED',
    looked: true,
  });
  return {
    day: dayIn(said.zone, new Date(said.at)),
    right: earForm(said.ears.right),
    left: earForm(said.ears.left),
    dog: { ...QUIET_DOG, ...said.dog },
    asked: said.asked ?? [],
    note: said.note ?? '',
  };
}

const SIGNS = ['redness', 'swelling', 'sores', 'discharge', 'odour', 'pain'] as const;

/** What has not been looked for yet, in words. */
export function missingSigns(form: EarForm): string[] {
  if (!form.couldLook) return [];
  const missing: string[] = SIGNS.filter((sign) => form[sign] === undefined);
  const kindMissing =
    form.discharge !== undefined &&
    form.discharge !== 'NONE' &&
    (form.dischargeKind === undefined || form.dischargeKind === 'NONE');
  return kindMissing ? [...missing, 'kind of discharge'] : missing;
}

/** The reasons to say so far: a mild one stands only when every sign of its ear was looked for. */
export function worthSaying<R extends { verdict: Verdict }>(
  reasons: readonly R[],
  form: EarForm,
): R[] {
  const looked = missingSigns(form).length === 0;
  return reasons.filter(({ verdict }) => verdict !== 'LEAVE' && (looked || !isMild(verdict)));
}

/** Whether it can be saved: every sign said, and each ear looked at and sniffed. */
export function isComplete(form: CheckForm): boolean {
  return [form.right, form.left].every(
    (one) => !one.couldLook || (one.looked && missingSigns(one).length === 0),
  );
}

/** An ear that nobody could look at, and whether it pulled away as it never did. */
function unseenRequest({ pain, odour, hearing }: EarForm): CheckRequest['ears']['right'] {
  return {
    couldLook: false,
    redness: 'NONE',
    swelling: 'NONE',
    sores: 'NONE',
    discharge: 'NONE',
    dischargeKind: 'NONE',
    odour: odour ?? 'NONE',
    pain: pain === 'MODERATE' || pain === 'SEVERE' ? 'MODERATE' : 'NONE',
    seen: [],
    hearing,
  };
}

/** An ear as far as it has been graded; what is missing counts as none. */
function earRequest(form: EarForm): CheckRequest['ears']['right'] {
  if (!form.couldLook) return unseenRequest(form);
  const discharge = form.discharge ?? 'NONE';
  const kind = form.dischargeKind ?? 'NONE';
  const lump = lumpOf(form);
  return {
    redness: form.redness ?? 'NONE',
    swelling: form.swelling ?? 'NONE',
    sores: form.sores ?? 'NONE',
    discharge,
    dischargeKind: discharge === 'NONE' ? 'NONE' : kind === 'NONE' ? 'TAN_WAX' : kind,
    odour: form.odour ?? 'NONE',
    pain: form.pain ?? 'NONE',
    seen: form.seen,
    hearing: form.hearing,
    ...(lump && { lump }),
  };
}

/** Its lump, where one was seen and both were said of it. */
function lumpOf({ seen, lump }: EarForm): EarFinding['lump'] {
  const { place, millimetres } = lump ?? {};
  return seesLump(seen) && place !== undefined && isSize(millimetres)
    ? { place, millimetres }
    : undefined;
}

/** Whether a lump is among what was seen. */
export function seesLump(seen: EarForm['seen']): boolean {
  return seen.includes('LUMP') || seen.includes('LUMP_BLOCKING');
}

/** Whether a lump can be so large, mm across. */
export function isSize(millimetres: number | undefined): millimetres is number {
  const { min, max } = LIMITS.Lump.millimetres;
  return (
    millimetres !== undefined &&
    Number.isInteger(millimetres) &&
    millimetres >= min &&
    millimetres <= max
  );
}

/**
 * What is sent. A check of today happened now; one of an earlier day, at noon there; one that is
 * corrected, when it was said to have happened, unless its day is another now.
 */
export function requestOf(
  form: CheckForm,
  dogId: string,
  zone: string,
  now: Date,
  corrected?: { at: string; zone: string },
): CheckRequest {
  const { pawed, onset, ...signs } = form.dog;
  const note = form.note.trim();
  return {
    dogId,
    ...momentOf(form.day, zone, now, corrected),
    ears: { right: earRequest(form.right), left: earRequest(form.left) },
    dog: {
      ...signs,
      ...(pawed !== 'NOT_SAID' && { pawed }),
      ...(onset !== 'NOT_SAID' && { onset }),
    },
    ...(form.asked.length > 0 && { asked: form.asked }),
    ...(note && { note }),
  };
}
