import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import { addDays, dayIn, momentOf, type Day } from '../measure/days';
import { LIMITS } from '../api/limits';
import { text } from '../form/text';

export type VisitRequest = Schemas['VisitRequest'];
type EarVisitRequest = Schemas['EarVisitRequest'];

/** How often an ear is cleaned, each with the bounds of its number. */
export const HOW_OFTEN = {
  TIMES_A_DAY: LIMITS.Instruction.timesADay,
  EVERY_DAYS: LIMITS.Instruction.everyDays,
  TIMES_A_WEEK: LIMITS.Instruction.timesAWeek,
  WEEKDAYS: { min: 1, max: 1 },
  ONCE: { min: 1, max: 1 },
} as const;

const WHOLE = /^\d{1,3}$/;
const within = (text: string, { min, max }: { min: number; max: number }) =>
  WHOLE.test(text) && Number(text) >= min && Number(text) <= max;

const weekday = z.enum([
  'MONDAY',
  'TUESDAY',
  'WEDNESDAY',
  'THURSDAY',
  'FRIDAY',
  'SATURDAY',
  'SUNDAY',
]);

const alarming = z.enum([
  'BLOOD',
  'FLAP',
  'PAIN',
  'FOREIGN_BODY',
  'SHAKING',
  'HEARING',
  'UNWELL',
  'BLOW',
]);

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
    howOften: z.enum(['TIMES_A_DAY', 'EVERY_DAYS', 'TIMES_A_WEEK', 'WEEKDAYS', 'ONCE']),
    number: z.string(),
    atMost: z.string(),
    rounds: z.string(),
    weekdays: z.array(weekday),
    method: z.enum(['NOT_SAID', 'FILL', 'SOAKED_PAD', 'SYRINGE', 'WIPE']),
    product: text(LIMITS.Instruction.product.length),
    end: z.enum(['OPEN', 'DAY', 'DAYS', 'NEXT_VISIT']),
    until: z.string(),
    forDays: z.string(),
    allTheSame: z.boolean(),
    leftIn: z.boolean(),
    goOn: z.boolean(),
    named: z.array(alarming),
    medicineUntil: z.string(),
    hold: z.enum(['NOTHING_SAID', 'SET', 'LIFTED']),
  })
  .check(
    z.refine(
      (said) =>
        said.instruction !== 'CLEAN' ||
        said.howOften === 'WEEKDAYS' ||
        said.howOften === 'ONCE' ||
        within(said.number, HOW_OFTEN[said.howOften]),
      {
        path: ['number'],
        error: (issue) => {
          const said = issue.input as { howOften: keyof typeof HOW_OFTEN };
          const { min, max } = HOW_OFTEN[said.howOften];
          return `From ${min} to ${max}.`;
        },
      },
    ),
    z.refine(
      (said) =>
        said.instruction !== 'CLEAN' ||
        said.howOften !== 'TIMES_A_WEEK' ||
        said.atMost === '' ||
        within(said.atMost, { min: Number(said.number), max: HOW_OFTEN.TIMES_A_WEEK.max }),
      { path: ['atMost'], message: 'No less than the number before it, 7 at most.' },
    ),
    z.refine(
      (said) =>
        said.instruction !== 'CLEAN' ||
        said.rounds === '' ||
        within(said.rounds, LIMITS.Instruction.rounds),
      {
        path: ['rounds'],
        message: `From ${LIMITS.Instruction.rounds.min} to ${LIMITS.Instruction.rounds.max}.`,
      },
    ),
    z.refine(
      (said) =>
        said.instruction !== 'CLEAN' || said.howOften !== 'WEEKDAYS' || said.weekdays.length > 0,
      { path: ['weekdays'], message: 'On which days of the week?' },
    ),
    z.refine(
      (said) =>
        said.instruction === 'NOTHING_SAID' ||
        said.end !== 'DAYS' ||
        within(said.forDays, LIMITS.Instruction.everyDays),
      { path: ['forDays'], message: 'For how many days?' },
    ),
    z.refine(
      (said) => said.instruction === 'NOTHING_SAID' || said.end !== 'DAY' || said.until !== '',
      { path: ['until'], message: 'Until which day?' },
    ),
    z.refine((said) => said.hold !== 'SET' || said.instruction !== 'CLEAN' || said.allTheSame, {
      path: ['hold'],
      message:
        'It is to be cleaned and to be left alone. Which? Or is it to be cleaned all the same?',
    }),
    z.refine((said) => said.hold !== 'LIFTED' || said.eardrum !== 'NOT_INTACT', {
      path: ['hold'],
      message: 'An eardrum that is not intact holds its ear.',
    }),
  );

interface FormShape {
  day: string;
  right: z.infer<typeof ear>;
  left: z.infer<typeof ear>;
}

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
      call: z.boolean(),
      note: text(LIMITS.Visit.note.length),
    })
    .check(
      z.refine((form) => form.next === '' || form.next > form.day, {
        path: ['next'],
        message: 'After the visit.',
      }),
      ...(['right', 'left'] as const).flatMap((side) => [
        z.refine<FormShape>(
          (form) =>
            form[side].instruction === 'NOTHING_SAID' ||
            form[side].end !== 'DAY' ||
            form[side].until === '' ||
            form[side].until >= form.day,
          { path: [side, 'until'], message: 'Not before the visit.' },
        ),
        z.refine<FormShape>(
          (form) => form[side].medicineUntil === '' || form[side].medicineUntil >= form.day,
          { path: [side, 'medicineUntil'], message: 'Not before the visit.' },
        ),
      ]),
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
  howOften: 'TIMES_A_DAY',
  number: '2',
  atMost: '',
  rounds: '',
  weekdays: [],
  method: 'NOT_SAID',
  product: '',
  end: 'DAYS',
  until: '',
  forDays: '10',
  allTheSame: false,
  leftIn: false,
  goOn: false,
  named: [],
  medicineUntil: '',
  hold: 'NOTHING_SAID',
};

export function blankVisit(today: Day): VisitForm {
  return {
    day: today,
    right: NOTHING_SAID,
    left: NOTHING_SAID,
    next: '',
    call: false,
    note: '',
  };
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
    leftIn: said.leftIn ?? false,
    goOn: said.goOn ?? false,
    named: said.named ?? [],
    medicineUntil: said.medicineUntil ?? '',
    ...(instruction && orderForm(instruction)),
  };
}

type Instruction = NonNullable<EarVisitRequest['instruction']>;

function orderForm(said: Instruction): Partial<EarVisitForm> {
  return {
    ...howOftenForm(said),
    method: said.method ?? 'NOT_SAID',
    product: said.product ?? '',
    end: said.until ? 'DAY' : said.untilNextVisit ? 'NEXT_VISIT' : 'OPEN',
    until: said.until ?? '',
    allTheSame: said.allTheSame ?? false,
    rounds: said.rounds === undefined ? '' : String(said.rounds),
  };
}

function howOftenForm(said: Instruction): Partial<EarVisitForm> {
  const clean = { instruction: 'CLEAN' } as const;
  if (said.timesADay !== undefined) {
    return { ...clean, howOften: 'TIMES_A_DAY', number: String(said.timesADay) };
  }
  if (said.everyDays !== undefined) {
    return { ...clean, howOften: 'EVERY_DAYS', number: String(said.everyDays) };
  }
  if (said.timesAWeek !== undefined) {
    return {
      ...clean,
      howOften: 'TIMES_A_WEEK',
      number: String(said.timesAWeek),
      atMost: said.timesAWeekAtMost === undefined ? '' : String(said.timesAWeekAtMost),
    };
  }
  if (said.weekdays) return { ...clean, howOften: 'WEEKDAYS', weekdays: said.weekdays };
  return said.once ? { ...clean, howOften: 'ONCE' } : { instruction: 'DO_NOT_CLEAN' };
}

/** The form of a visit that is corrected. */
export function formOf(said: VisitRequest): VisitForm {
  return {
    day: dayIn(said.zone, new Date(said.at)),
    right: earForm(said.ears.right),
    left: earForm(said.ears.left),
    next: said.next ?? '',
    call: said.call ?? false,
    note: said.note ?? '',
  };
}

function howOftenOf(form: EarVisitForm): Instruction {
  switch (form.howOften) {
    case 'TIMES_A_DAY':
      return { timesADay: Number(form.number) };
    case 'EVERY_DAYS':
      return { everyDays: Number(form.number) };
    case 'TIMES_A_WEEK':
      return {
        timesAWeek: Number(form.number),
        ...(form.atMost !== '' && { timesAWeekAtMost: Number(form.atMost) }),
      };
    case 'WEEKDAYS':
      return { weekdays: form.weekdays };
    case 'ONCE':
      return { once: true };
  }
}

/** The last day of an order, where it has one: "for 10 days" counts the visit's own. */
export function lastDay(form: EarVisitForm, day: Day): Day | undefined {
  if (form.end === 'DAY') return form.until || undefined;
  return form.end === 'DAYS' && WHOLE.test(form.forDays)
    ? addDays(day, Number(form.forDays) - 1)
    : undefined;
}

function instructionOf(form: EarVisitForm, day: Day): EarVisitRequest['instruction'] {
  if (form.instruction === 'NOTHING_SAID') return undefined;
  const cleans = form.instruction === 'CLEAN';
  const until = lastDay(form, day);
  return {
    ...(cleans && howOftenOf(form)),
    ...(cleans && form.method !== 'NOT_SAID' && { method: form.method }),
    ...(cleans && form.product.trim() && { product: form.product.trim() }),
    ...(cleans && form.allTheSame && { allTheSame: true }),
    ...(cleans && form.rounds !== '' && { rounds: Number(form.rounds) }),
    ...(until && { until }),
    ...(form.end === 'NEXT_VISIT' && { untilNextVisit: true }),
  };
}

function earRequest(form: EarVisitForm, day: Day): EarVisitRequest {
  const instruction = instructionOf(form, day);
  const { yeast, cocci, rods } = form;
  return {
    eardrum: form.eardrum,
    cleaned: form.cleaned,
    hold: form.hold,
    ...(form.smeared && { smear: { yeast, cocci, rods } }),
    ...(form.culture.trim() && { culture: form.culture.trim() }),
    ...(form.done.trim() && { done: form.done.trim() }),
    ...(instruction && { instruction }),
    ...(form.leftIn && { leftIn: true }),
    ...(form.goOn && { goOn: true }),
    ...(form.goOn && form.named.length > 0 && { named: form.named }),
    ...(form.medicineUntil && { medicineUntil: form.medicineUntil }),
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
    ears: { right: earRequest(form.right, form.day), left: earRequest(form.left, form.day) },
    ...(form.next && { next: form.next }),
    ...(form.call && { call: true }),
    ...(note && { note }),
  };
}
