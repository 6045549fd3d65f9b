import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import { dayIn, instantOf, timeIn, type Day } from '../measure/days';
import type { Side } from '../measure/side';

export type CleaningRequest = Schemas['CleaningRequest'];

const NOTE_LENGTH = 2000;

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

export function blankCleaning(today: Day): CleaningForm {
  return { day: today, method: 'FILL', right: null, left: null, note: '' };
}

export const FIELD_OF_SIDE: Record<Side, 'right' | 'left'> = { RIGHT: 'right', LEFT: 'left' };

/**
 * What is sent. A cleaning of today happened now; one of an earlier day, at noon there.
 */
export function requestOf(
  form: CleaningForm,
  dogId: string,
  zone: string,
  now: Date,
): CleaningRequest {
  const time = form.day === dayIn(zone, now) ? timeIn(zone, now) : '12:00';
  const ear = (grade: number | null) =>
    grade === null ? undefined : { method: form.method, load: grade };
  const right = ear(form.right);
  const left = ear(form.left);
  const note = form.note.trim();
  return {
    dogId,
    at: instantOf(form.day, time, zone).toISOString(),
    zone,
    ears: { ...(right && { right }), ...(left && { left }) },
    ...(note && { note }),
  };
}
