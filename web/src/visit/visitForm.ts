import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import { dayIn, momentOf, type Day } from '../measure/days';
import { LIMITS } from '../api/limits';
import { text } from '../form/text';

export type VisitRequest = Schemas['VisitRequest'];
type EarVisitRequest = Schemas['EarVisitRequest'];

const { min: FEWEST_DAYS, max: MOST_DAYS } = LIMITS.Instruction.everyDays;

const amount = z.enum(['NONE', 'FEW', 'SOME', 'MANY']);

const ear = z
  .object({
    eardrum: z.enum(['NOT_SEEN', 'INTACT', 'NOT_INTACT']),
    smeared: z.boolean(),
    yeast: amount,
    cocci: amount,
    rods: amount,
    culture: text(LIMITS.EarVisit.culture.length),
    done: text(LIMITS.EarVisit.done.length),
    cleaned: z.boolean(),
    instruction: z.enum(['NOTHING_SAID', 'CLEAN', 'DO_NOT_CLEAN']),
    everyDays: z.string(),
    method: z.enum(['NOT_SAID', 'FILL', 'SOAKED_PAD', 'SYRINGE', 'WIPE']),
    product: text(LIMITS.Instruction.product.length),
    until: z.string(),
    hold: z.enum(['NOTHING_SAID', 'SET', 'LIFTED']),
  })
  .check(
    z.refine(
      (said) =>
        said.instruction !== 'CLEAN' ||
        (/^\d{1,3}$/.test(said.everyDays) &&
          Number(said.everyDays) >= FEWEST_DAYS &&
          Number(said.everyDays) <= MOST_DAYS),
      { path: ['everyDays'], message: `From ${FEWEST_DAYS} to ${MOST_DAYS} days.` },
    ),
    z.refine((said) => said.hold !== 'LIFTED' || said.eardrum !== 'NOT_INTACT', {
      path: ['hold'],
      message: 'An eardrum that is not intact holds its ear.',
    }),
  );

export function visitFormSchema(today: Day, bornOn: Day | undefined) {
  return z
    .object({
      day: z.string().check(
        z.minLength(1, 'Which day was it?'),
        z.refine((day) => day <= today, 'This day is still to come.'),
        z.refine((day) => !bornOn || day >= bornOn, 'The dog was not born yet.'),
      ),
      right: ear,
      left: ear,
      next: z.string(),
      note: text(LIMITS.Visit.note.length),
    })
    .check(
      z.refine((form) => form.next === '' || form.next > form.day, {
        path: ['next'],
        message: 'After the visit.',
      }),
    );
}

export type VisitForm = z.infer<ReturnType<typeof visitFormSchema>>;
export type EarVisitForm = VisitForm['right'];

const NOTHING_SAID: EarVisitForm = {
  eardrum: 'NOT_SEEN',
  smeared: false,
  yeast: 'NONE',
  cocci: 'NONE',
  rods: 'NONE',
  culture: '',
  done: '',
  cleaned: false,
  instruction: 'NOTHING_SAID',
  everyDays: '7',
  method: 'NOT_SAID',
  product: '',
  until: '',
  hold: 'NOTHING_SAID',
};

export function blankVisit(today: Day): VisitForm {
  return { day: today, right: NOTHING_SAID, left: NOTHING_SAID, next: '', note: '' };
}

function earForm(said: EarVisitRequest): EarVisitForm {
  const { instruction } = said;
  return {
    ...NOTHING_SAID,
    eardrum: said.eardrum,
    smeared: said.smear !== undefined,
    ...said.smear,
    culture: said.culture ?? '',
    done: said.done ?? '',
    cleaned: said.cleaned,
    hold: said.hold,
    ...(instruction && {
      instruction: instruction.everyDays === undefined ? 'DO_NOT_CLEAN' : 'CLEAN',
      everyDays: String(instruction.everyDays ?? NOTHING_SAID.everyDays),
      method: instruction.method ?? 'NOT_SAID',
      product: instruction.product ?? '',
      until: instruction.until ?? '',
    }),
  };
}

/** The form of a visit that is corrected. */
export function formOf(said: VisitRequest): VisitForm {
  return {
    day: dayIn(said.zone, new Date(said.at)),
    right: earForm(said.ears.right),
    left: earForm(said.ears.left),
    next: said.next ?? '',
    note: said.note ?? '',
  };
}

function instructionOf(form: EarVisitForm): EarVisitRequest['instruction'] {
  if (form.instruction === 'NOTHING_SAID') return undefined;
  const cleans = form.instruction === 'CLEAN';
  return {
    ...(cleans && { everyDays: Number(form.everyDays) }),
    ...(cleans && form.method !== 'NOT_SAID' && { method: form.method }),
    ...(cleans && form.product.trim() && { product: form.product.trim() }),
    ...(form.until && { until: form.until }),
  };
}

function earRequest(form: EarVisitForm): EarVisitRequest {
  const instruction = instructionOf(form);
  const { yeast, cocci, rods } = form;
  return {
    eardrum: form.eardrum,
    cleaned: form.cleaned,
    hold: form.hold,
    ...(form.smeared && { smear: { yeast, cocci, rods } }),
    ...(form.culture.trim() && { culture: form.culture.trim() }),
    ...(form.done.trim() && { done: form.done.trim() }),
    ...(instruction && { instruction }),
  };
}

/**
 * What is sent. A visit of today happened now; one of an earlier day, at noon there; one that is
 * corrected, when it was said to have happened, unless its day is another now.
 */
export function requestOf(
  form: VisitForm,
  dogId: string,
  zone: string,
  now: Date,
  corrected?: { at: string; zone: string },
): VisitRequest {
  const note = form.note.trim();
  return {
    dogId,
    ...momentOf(form.day, zone, now, corrected),
    ears: { right: earRequest(form.right), left: earRequest(form.left) },
    ...(form.next && { next: form.next }),
    ...(note && { note }),
  };
}
