import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import type { Day } from '../measure/days';

export type DogRequest = Schemas['DogRequest'];

const LIGHTEST = 0.1;
const HEAVIEST = 120;

/** What the form holds: the server's limits, with text where a field may be left empty. */
export function dogFormSchema(today: Day) {
  return z.object({
    name: z
      .string()
      .check(
        z.trim(),
        z.minLength(1, 'What is the dog called?'),
        z.maxLength(60, '60 characters at most.'),
      ),
    breeds: z.array(z.string()).check(z.maxLength(2)),
    bornOn: z.string().check(
      z.refine((day) => day === '' || day <= today, 'This day is still to come.'),
      z.refine((day) => day === '' || day >= '1990-01-01', 'That is too long ago.'),
    ),
    weight: z
      .string()
      .check(
        z.refine(
          (text) => text === '' || (Number(text) >= LIGHTEST && Number(text) <= HEAVIEST),
          `A dog weighs from ${LIGHTEST} to ${HEAVIEST} kg.`,
        ),
      ),
    joinedOn: z.string(),
    ears: z.object({
      carriage: z.enum(['ERECT', 'SEMI_ERECT', 'ROSE', 'BUTTON', 'DROP', 'PENDULOUS']),
      cropped: z.boolean(),
      canalHair: z.enum(['NONE', 'SOME', 'DENSE']),
      feathering: z.enum(['NONE', 'LIGHT', 'HEAVY']),
    }),
    life: z.object({
      water: z.enum(['NEVER', 'MONTHLY', 'WEEKLY', 'MOST_DAYS']),
      ground: z.enum(['MOSTLY_INDOORS', 'MIXED', 'DUSTY_OR_BRUSHY']),
      climate: z.enum(['DRY', 'TEMPERATE', 'HUMID']),
      allergy: z.enum(['NONE', 'SUSPECTED', 'DIAGNOSED']),
      infections: z.enum(['NONE', 'ONE', 'TWO_OR_MORE']),
    }),
  });
}

export type DogForm = z.infer<ReturnType<typeof dogFormSchema>>;

/** A new dog before anything is known of it. */
export function blankForm(today: Day): DogForm {
  return {
    name: '',
    breeds: [],
    bornOn: '',
    weight: '',
    joinedOn: today,
    ears: { carriage: 'DROP', cropped: false, canalHair: 'NONE', feathering: 'NONE' },
    life: {
      water: 'MONTHLY',
      ground: 'MIXED',
      climate: 'TEMPERATE',
      allergy: 'NONE',
      infections: 'NONE',
    },
  };
}

/** The form of a dog that is known. */
export function formOf(dog: Schemas['DogRecord']): DogForm {
  const { profile } = dog;
  return {
    name: profile.name,
    breeds: profile.breeds,
    bornOn: profile.bornOn ?? '',
    weight: profile.weight === undefined ? '' : String(profile.weight),
    joinedOn: dog.addedOn,
    ears: profile.ears,
    life: profile.life,
  };
}

/** What is sent: empty fields are left out. */
export function requestOf(form: DogForm): DogRequest {
  const { bornOn, weight, ...said } = form;
  return {
    ...said,
    ...(bornOn === '' ? {} : { bornOn }),
    ...(weight === '' ? {} : { weight: Number(weight) }),
  };
}

/** The server's name of a field as the form knows it, where it is one of the form's. */
export function isFormField(field: string): field is 'name' | 'bornOn' | 'weight' {
  return ['name', 'bornOn', 'weight'].includes(field);
}
