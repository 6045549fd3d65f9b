import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import { momentOf, type Day } from '../measure/days';
import { ofSide, type Side } from '../measure/side';
import { millilitres, volumeNumber, type TypedVolume } from '../measure/units';
import { LIMITS } from '../api/limits';
import { text } from '../form/text';
import { WORDS } from '../api/words';
import { COLOURS } from './noticed';

export type CleaningRequest = Schemas['CleaningRequest'];

const { min: LEAST_POURED, max: MOST_POURED } = LIMITS.EarCleaning.poured;

/** What was poured in all fills of one ear, as text; empty where it was not measured. */
const poured = (unit: TypedVolume) =>
  z
    .string()
    .check(
      z.refine(
        (text) =>
          text === '' ||
          (millilitres(Number(text), unit) >= LEAST_POURED &&
            millilitres(Number(text), unit) <= MOST_POURED),
        `From ${volumeNumber(LEAST_POURED, unit)} to ${volumeNumber(MOST_POURED, unit)} ${unit}.`,
      ),
    );
const fills = z
  .string()
  .check(z.refine((text) => /^([1-9]|1\d|20)$/.test(text), 'From 1 to 20 fills.'));

const load = z.nullable(
  z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3), z.literal(4)]),
);

const noticed = z.object({
  colour: z.string(),
  odour: z.string(),
  hurt: z.string(),
  squelched: z.string(),
  wipes: z
    .string()
    .check(z.refine((text) => text === '' || /^\d{1,2}$/.test(text), 'From 0 to 99 wipes.')),
});

const NOTHING_NOTICED = { colour: '', odour: '', hurt: '', squelched: '', wipes: '' };

/** What the form holds: a day, a method, and for each ear a load, or null where it was left alone. */
export function cleaningFormSchema(today: Day, bornOn: Day | undefined, unit: TypedVolume) {
  return z
    .object({
      day: z.string().check(
        z.minLength(1, 'Which day was it?'),
        z.refine((day) => day <= today, 'This day is still to come.'),
        z.refine((day) => !bornOn || day >= bornOn, 'The dog was not born yet.'),
      ),
      method: z.enum(['FILL', 'SOAKED_PAD', 'SYRINGE', 'WIPE']),
      right: load,
      left: load,
      pouredRight: poured(unit),
      pouredLeft: poured(unit),
      fillsRight: fills,
      fillsLeft: fills,
      noticedRight: noticed,
      noticedLeft: noticed,
      handled: z.string(),
      note: text(LIMITS.Cleaning.note.length),
    })
    .check(
      z.refine((form) => form.right !== null || form.left !== null, {
        path: ['right'],
        message: 'Say what came out of one ear at least.',
      }),
    );
}

export type CleaningForm = z.infer<ReturnType<typeof cleaningFormSchema>>;

export function blankCleaning(today: Day, method: CleaningForm['method'] = 'FILL'): CleaningForm {
  return {
    day: today,
    method,
    right: null,
    left: null,
    pouredRight: '',
    pouredLeft: '',
    fillsRight: '1',
    fillsLeft: '1',
    noticedRight: NOTHING_NOTICED,
    noticedLeft: NOTHING_NOTICED,
    handled: '',
    note: '',
  };
}

export const FIELDS_OF_SIDE = {
  RIGHT: { load: 'right', poured: 'pouredRight', fills: 'fillsRight', noticed: 'noticedRight' },
  LEFT: { load: 'left', poured: 'pouredLeft', fills: 'fillsLeft', noticed: 'noticedLeft' },
} as const satisfies Record<Side, object>;

/** The form of what was said; what it does not ask stays as it was said. */
export function formOf(said: CleaningRequest, day: Day, unit: TypedVolume): CleaningForm {
  const { right, left } = said.ears;
  const typed = (much: number | undefined) => (much === undefined ? '' : volumeNumber(much, unit));
  return {
    ...blankCleaning(day, (right ?? left)?.method),
    right: loadOf(right),
    left: loadOf(left),
    pouredRight: typed(right?.poured),
    pouredLeft: typed(left?.poured),
    fillsRight: right?.fills?.toString() ?? '1',
    fillsLeft: left?.fills?.toString() ?? '1',
    noticedRight: noticedForm(right),
    noticedLeft: noticedForm(left),
    handled: said.handled ?? '',
    note: said.note ?? '',
  };
}

function noticedForm(ear: Ear | undefined): CleaningForm['noticedRight'] {
  return {
    colour: ear?.colour ?? '',
    odour: ear?.odour ?? '',
    hurt: ear?.hurt ?? '',
    squelched: ear?.squelched === undefined ? '' : ear.squelched ? 'yes' : 'no',
    wipes: ear?.wipes?.toString() ?? '',
  };
}

const chosen = <V extends string>(value: string, among: readonly { value: V }[]): V | undefined =>
  among.find((one) => one.value === value)?.value;

function noticedOf(form: CleaningForm['noticedRight']): Partial<Ear> {
  const colour = chosen(form.colour, COLOURS);
  const odour = chosen(form.odour, WORDS.Odour);
  const hurt = chosen(form.hurt, WORDS.Hurt);
  return {
    ...(colour && { colour }),
    ...(odour && { odour }),
    ...(hurt && { hurt }),
    ...(form.squelched && { squelched: form.squelched === 'yes' }),
    ...(form.wipes && { wipes: Number(form.wipes) }),
  };
}

type Ear = NonNullable<CleaningRequest['ears']['right']>;

const loadOf = (ear: Ear | undefined) => load.parse(ear?.load ?? null);

/** What the form asks is said by the form alone. */
function withoutNoticed(ear: Partial<Ear>): Partial<Ear> {
  const rest = { ...ear };
  for (const asked of ['colour', 'odour', 'hurt', 'squelched', 'wipes'] as const) {
    delete rest[asked];
  }
  return rest;
}

function earOf(
  form: CleaningForm,
  side: Side,
  unit: TypedVolume,
  corrected?: CleaningRequest,
): Ear | undefined {
  const fields = FIELDS_OF_SIDE[side];
  const grade = form[fields.load];
  if (grade === null) return undefined;
  const said = corrected && ofSide(corrected.ears, side);
  const { poured: pouredBefore, fills, cameBack, ...kept } = said ?? {};
  const before = withoutNoticed(kept);
  // ears that were cleaned in two ways stay so while the form's way is not changed
  const method =
    said && corrected && formOf(corrected, form.day, unit).method === form.method
      ? said.method
      : form.method;
  const typed = form[fields.poured];
  return {
    ...before,
    ...noticedOf(form[fields.noticed]),
    method,
    load: grade,
    ...(method !== 'WIPE' &&
      typed !== '' && {
        poured: millilitres(Number(typed), unit, pouredBefore),
        fills: Number(form[fields.fills]),
      }),
    ...(method === 'SYRINGE' && cameBack !== undefined && { cameBack }),
  };
}

/** Of which dog something is said, where and when, and in what its volumes are typed. */
export interface Saying {
  dogId: string;
  zone: string;
  now: Date;
  unit: TypedVolume;
}

/**
 * What is sent. A cleaning of today happened now; one of an earlier day, at noon there.
 *
 * @param corrected what was said before: what the form does not ask stays as it was
 */
export function requestOf(
  form: CleaningForm,
  { dogId, zone, now, unit }: Saying,
  corrected?: CleaningRequest,
): CleaningRequest {
  const right = earOf(form, 'RIGHT', unit, corrected);
  const left = earOf(form, 'LEFT', unit, corrected);
  const words = form.note.trim();
  const { note, handled, ...before } = corrected ?? {};
  const took = chosen(form.handled, WORDS.Handled);
  return {
    ...before,
    dogId,
    ...momentOf(form.day, zone, now, corrected),
    ears: { ...(right && { right }), ...(left && { left }) },
    ...(took && { handled: took }),
    ...(words && { note: words }),
  };
}
