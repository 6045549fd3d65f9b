import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import { momentOf, type Day } from '../measure/days';
import { ofSide, type Side } from '../measure/side';
import { LIMITS } from '../api/limits';
import { text } from '../form/text';

export type CleaningRequest = Schemas['CleaningRequest'];

const { min: LEAST_POURED, max: MOST_POURED } = LIMITS.EarCleaning.poured;

/** mL in all fills of one ear, as text; empty where it was not measured. */
const poured = z
  .string()
  .check(
    z.refine(
      (text) => text === '' || (Number(text) >= LEAST_POURED && Number(text) <= MOST_POURED),
      `From ${LEAST_POURED} to ${MOST_POURED} mL.`,
    ),
  );
const fills = z
  .string()
  .check(z.refine((text) => /^([1-9]|1\d|20)$/.test(text), 'From 1 to 20 fills.'));

const load = z.nullable(
  z.union([z.literal(0), z.literal(1), z.literal(2), z.literal(3), z.literal(4)]),
);

/** What the form holds: a day, a method, and for each ear a load, or null where it was left alone. */
export function cleaningFormSchema(today: Day, bornOn: Day | undefined) {
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
      pouredRight: poured,
      pouredLeft: poured,
      fillsRight: fills,
      fillsLeft: fills,
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
    note: '',
  };
}

export const FIELDS_OF_SIDE = {
  RIGHT: { load: 'right', poured: 'pouredRight', fills: 'fillsRight' },
  LEFT: { load: 'left', poured: 'pouredLeft', fills: 'fillsLeft' },
} as const satisfies Record<Side, object>;

/** The form of what was said; what it does not ask stays as it was said. */
export function formOf(said: CleaningRequest, day: Day): CleaningForm {
  const { right, left } = said.ears;
  return {
    ...blankCleaning(day, (right ?? left)?.method),
    right: loadOf(right),
    left: loadOf(left),
    pouredRight: right?.poured?.toString() ?? '',
    pouredLeft: left?.poured?.toString() ?? '',
    fillsRight: right?.fills?.toString() ?? '1',
    fillsLeft: left?.fills?.toString() ?? '1',
    note: said.note ?? '',
  };
}

type Ear = NonNullable<CleaningRequest['ears']['right']>;

const loadOf = (ear: Ear | undefined) => load.parse(ear?.load ?? null);

function earOf(form: CleaningForm, side: Side, corrected?: CleaningRequest): Ear | undefined {
  const fields = FIELDS_OF_SIDE[side];
  const grade = form[fields.load];
  if (grade === null) return undefined;
  const said = corrected && ofSide(corrected.ears, side);
  const { poured, fills, cameBack, ...before } = said ?? {};
  // ears that were cleaned in two ways stay so while the form's way is not changed
  const method =
    said && corrected && formOf(corrected, form.day).method === form.method
      ? said.method
      : form.method;
  const millilitres = form[fields.poured];
  return {
    ...before,
    method,
    load: grade,
    ...(method !== 'WIPE' &&
      millilitres !== '' && {
        poured: Number(millilitres),
        fills: Number(form[fields.fills]),
      }),
    ...(method === 'SYRINGE' && cameBack !== undefined && { cameBack }),
  };
}

/**
 * What is sent. A cleaning of today happened now; one of an earlier day, at noon there.
 *
 * @param corrected what was said before: what the form does not ask stays as it was
 */
export function requestOf(
  form: CleaningForm,
  dogId: string,
  zone: string,
  now: Date,
  corrected?: CleaningRequest,
): CleaningRequest {
  const right = earOf(form, 'RIGHT', corrected);
  const left = earOf(form, 'LEFT', corrected);
  const words = form.note.trim();
  const { note, ...before } = corrected ?? {};
  return {
    ...before,
    dogId,
    ...momentOf(form.day, zone, now, corrected),
    ears: { ...(right && { right }), ...(left && { left }) },
    ...(words && { note: words }),
  };
}
