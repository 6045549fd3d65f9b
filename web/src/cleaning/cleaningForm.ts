import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import { momentOf, type Day } from '../measure/days';
import type { Side } from '../measure/side';

export type CleaningRequest = Schemas['CleaningRequest'];

const NOTE_LENGTH = 2000;

const LEAST_POURED = 0.1;
const MOST_POURED = 200;

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
      note: z.string().check(z.maxLength(NOTE_LENGTH, `${NOTE_LENGTH} characters at most.`)),
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

/**
 * What is sent. A cleaning of today happened now; one of an earlier day, at noon there.
 */
export function requestOf(
  form: CleaningForm,
  dogId: string,
  zone: string,
  now: Date,
): CleaningRequest {
  const measured = form.method !== 'WIPE';
  const ear = (grade: number | null, millilitres: string, fillCount: string) =>
    grade === null
      ? undefined
      : {
          method: form.method,
          load: grade,
          ...(measured &&
            millilitres !== '' && { poured: Number(millilitres), fills: Number(fillCount) }),
        };
  const right = ear(form.right, form.pouredRight, form.fillsRight);
  const left = ear(form.left, form.pouredLeft, form.fillsLeft);
  const note = form.note.trim();
  return {
    dogId,
    ...momentOf(form.day, zone, now),
    ears: { ...(right && { right }), ...(left && { left }) },
    ...(note && { note }),
  };
}
