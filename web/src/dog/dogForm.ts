import { z } from 'zod/mini';
import type { Schemas } from '../api/client';
import type { Day } from '../measure/days';
import { kilograms, weightNumber, weightUnitWord, type WeightUnit } from '../measure/units';
import { LIMITS } from '../api/limits';
import { text } from '../form/text';

export type DogRequest = Schemas['DogRequest'];

const { min: LIGHTEST_KG, max: HEAVIEST_KG } = LIMITS.Weighing.weight;

function weightSchema(unit: WeightUnit) {
  const least = weightNumber(LIGHTEST_KG, unit);
  const most = weightNumber(HEAVIEST_KG, unit);
  return z.string().check(
    z.refine(
      (text) => {
        const weight = kilograms(Number(text), unit);
        return text === '' || (weight >= LIGHTEST_KG && weight <= HEAVIEST_KG);
      },
      `A dog weighs from ${least} to ${most} ${weightUnitWord(unit)}.`,
    ),
  );
}

/** What the form holds: the server's limits, with text where a field may be left empty. */
export function dogFormSchema(today: Day, unit: WeightUnit) {
  const pastDay = z.string().check(
    z.refine((day) => day === '' || day <= today, 'This day is still to come.'),
    z.refine((day) => day === '' || day >= '1990-01-01', 'That is too long ago.'),
  );
  return z
    .object({
      name: text(LIMITS.Dog.name.length).check(z.trim(), z.minLength(1, 'What is the dog called?')),
      breeds: z.array(z.string()).check(z.maxLength(LIMITS.Dog.breeds.items)),
      bornOn: pastDay,
      ageEstimated: z.boolean(),
      /** What it weighs today, in the household's unit; empty if it was not weighed. */
      weightToday: weightSchema(unit),
      weights: z.array(z.object({ on: z.string(), weight: z.number() })),
      joinedOn: z.string(),
      leftOn: z.string(),
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
      /** The month of the last infection, such as 2026-05; empty where it is not known. */
      infectedIn: z
        .string()
        .check(z.refine((month) => month <= today.slice(0, 7), 'This month is still to come.')),
      /** Empty where it was both, or is not known. */
      infectedEar: z.enum(['', 'RIGHT', 'LEFT']),
      lightCoat: z.boolean(),
      /** When she is pregnant or nurses; empty where she is not. */
      litterFrom: z.string(),
      litterUntil: z.string(),
      waterSensitive: z.boolean(),
      /** The ears that it is known not to hear with, and since when; empty where that is not known. */
      deaf: z.enum(['NONE', 'RIGHT', 'LEFT', 'BOTH']),
      deafSince: pastDay,
      eardrum: z.enum(['NEVER_EXAMINED', 'SEEN_INTACT', 'NOT_INTACT']),
      eardrumOn: pastDay,
      reactions: text(LIMITS.Dog.normal.length),
      normal: text(LIMITS.Dog.normal.length),
      bites: z.boolean(),
      needsTwo: z.boolean(),
      held: z.enum(['', 'TABLE', 'CORNER', 'KNEES', 'HUG', 'LYING', 'TUB']),
      rung: z.enum(['TOUCH', 'FOLD', 'HOLD_UP', 'DRY_PAD', 'WET_PAD', 'FULL_SESSION']),
      /** The day on which the rung was so; empty for a new dog. */
      rungOn: z.string(),
      /** Empty where it is done as with the household's other dogs. */
      method: z.enum(['', 'FILL', 'SOAKED_PAD', 'SYRINGE', 'WIPE']),
      swabs: z.enum(['', 'NEVER', 'FOLDS_ONLY']),
      wipes: z.enum(['', 'COTTON_BALLS', 'GAUZE', 'COTTON_PADS', 'SOFT_TISSUE', 'READY_WIPES']),
      hair: z.enum(['', 'LEAVE', 'TRIM', 'PLUCK']),
      medicineWait: z.enum(['', 'AN_HOUR', 'AFTER_THE_SHAKE']),
      scheduling: z.enum(['', 'AS_NEEDED', 'FIXED', 'LEARNED']),
      /** Days of its own; empty where they are the household's. */
      fixedDays: z
        .string()
        .check(
          z.refine(
            (text) => text === '' || (Number(text) >= 7 && Number(text) <= 60),
            '7 to 60 days.',
          ),
        ),
    })
    .check(
      z.refine((form) => form.eardrum === 'NEVER_EXAMINED' || form.eardrumOn !== '', {
        path: ['eardrumOn'],
        message: 'When did the vet see it?',
      }),
    );
}

export type DogForm = z.infer<ReturnType<typeof dogFormSchema>>;

/** A new dog before anything is known of it. */
export function blankForm(today: Day): DogForm {
  return {
    name: '',
    breeds: [],
    bornOn: '',
    ageEstimated: false,
    weightToday: '',
    weights: [],
    joinedOn: today,
    leftOn: '',
    ears: { carriage: 'DROP', cropped: false, canalHair: 'NONE', feathering: 'NONE' },
    life: {
      water: 'MONTHLY',
      ground: 'MIXED',
      climate: 'TEMPERATE',
      allergy: 'NONE',
      infections: 'NONE',
    },
    infectedIn: '',
    infectedEar: '',
    lightCoat: false,
    litterFrom: '',
    litterUntil: '',
    waterSensitive: false,
    deaf: 'NONE',
    deafSince: '',
    eardrum: 'NEVER_EXAMINED',
    eardrumOn: '',
    reactions: '',
    normal: '',
    bites: false,
    needsTwo: false,
    held: '',
    rung: 'FULL_SESSION',
    rungOn: '',
    method: '',
    swabs: '',
    wipes: '',
    hair: '',
    medicineWait: '',
    scheduling: '',
    fixedDays: '',
  };
}

/**
 * A new dog like one that is known: what litter mates share. What a vet saw, what it had, what it
 * does not take and how it is handled are that dog's own: an eardrum seen whole opens an ear.
 */
export function litterMateOf(mate: DogForm, today: Day): DogForm {
  const { breeds, bornOn, ageEstimated, ears, lightCoat } = mate;
  const { water, ground, climate } = mate.life;
  const blank = blankForm(today);
  return {
    ...blank,
    breeds,
    bornOn,
    ageEstimated,
    ears,
    lightCoat,
    life: { ...blank.life, water, ground, climate },
  };
}

/** The form of a dog that is known. */
export function formOf(dog: Schemas['DogFacts'], leftOn: Day | undefined): DogForm {
  const { profile } = dog;
  const { scheduling } = profile.own;
  return {
    name: profile.name,
    breeds: profile.breeds,
    bornOn: profile.bornOn ?? '',
    ageEstimated: profile.ageEstimated,
    weightToday: '',
    weights: profile.weights,
    joinedOn: dog.addedOn,
    leftOn: leftOn ?? '',
    ears: profile.ears,
    life: {
      water: profile.life.water,
      ground: profile.life.ground,
      climate: profile.life.climate,
      allergy: profile.life.allergy,
      infections: profile.life.infections,
    },
    infectedIn: profile.life.lastInfection?.month ?? '',
    infectedEar: profile.life.lastInfection?.ear ?? '',
    lightCoat: profile.lightCoat,
    litterFrom: profile.litter?.from ?? '',
    litterUntil: profile.litter?.until ?? '',
    waterSensitive: profile.waterSensitive,
    deaf: profile.deaf.length > 1 ? 'BOTH' : (profile.deaf[0] ?? 'NONE'),
    deafSince: profile.deafSince ?? '',
    eardrum: profile.eardrum.status,
    eardrumOn: profile.eardrum.on ?? '',
    reactions: profile.reactions ?? '',
    normal: profile.normal ?? '',
    bites: profile.handling.bites,
    needsTwo: profile.handling.needsTwo,
    held: profile.handling.held ?? '',
    rung: profile.handling.rung,
    rungOn: profile.handling.on ?? '',
    method: profile.ways.method ?? '',
    swabs: profile.ways.swabs ?? '',
    wipes: profile.ways.wipes ?? '',
    hair: profile.ways.hair ?? '',
    medicineWait: profile.ways.medicineWait ?? '',
    scheduling: scheduling === 'VET' ? '' : (scheduling ?? ''),
    fixedDays: profile.own.fixedDays?.toString() ?? '',
  };
}

/** What is sent: empty fields are left out, and today's weight joins those of earlier days. */
export function requestOf(form: DogForm, today: Day, unit: WeightUnit): DogRequest {
  const { bornOn, weightToday, leftOn, eardrum, eardrumOn, reactions, normal, ...rest } = form;
  const { bites, needsTwo, held, rung, rungOn, scheduling, fixedDays, ...ofIt } = rest;
  const { method, swabs, wipes, hair, medicineWait, infectedIn, infectedEar, ...about } = ofIt;
  const { litterFrom, litterUntil, deaf, deafSince, ...said } = about;
  const last = form.life.infections !== 'NONE' && infectedIn !== '';
  const ways = { method, swabs, wipes, hair, medicineWait };
  const weighed =
    weightToday === '' ? [] : [{ on: today, weight: kilograms(Number(weightToday), unit) }];
  const seen = eardrum !== 'NEVER_EXAMINED' && eardrumOn !== '';
  return {
    ...said,
    life: {
      ...form.life,
      ...(last && {
        lastInfection: { month: infectedIn, ...(infectedEar !== '' && { ear: infectedEar }) },
      }),
    },
    weights: [...form.weights.filter(({ on }) => weighed.length === 0 || on !== today), ...weighed],
    eardrum: { status: eardrum, ...(seen && { on: eardrumOn }) },
    handling: {
      bites,
      needsTwo,
      rung,
      ...(held !== '' && { held }),
      ...(rungOn !== '' && { on: rungOn }),
    },
    ways: Object.fromEntries(Object.entries(ways).filter(([, way]) => way !== '')),
    schedule: {
      ...(scheduling !== '' && { scheduling }),
      ...(fixedDays !== '' && { fixedDays: Number(fixedDays) }),
    },
    ...(litterFrom !== '' && {
      litter: { from: litterFrom, ...(litterUntil !== '' && { until: litterUntil }) },
    }),
    deaf: deaf === 'NONE' ? [] : deaf === 'BOTH' ? ['RIGHT', 'LEFT'] : [deaf],
    ...(deaf !== 'NONE' && deafSince !== '' && { deafSince }),
    ...(bornOn !== '' && { bornOn }),
    ...(leftOn !== '' && { leftOn }),
    ...(reactions.trim() !== '' && { reactions: reactions.trim() }),
    ...(normal.trim() !== '' && { normal: normal.trim() }),
  };
}

/** The form's name of a field that the server refused, where it is one that can be typed in. */
export function formField(
  field: string,
):
  | 'name'
  | 'bornOn'
  | 'weightToday'
  | 'eardrumOn'
  | 'infectedIn'
  | 'litterUntil'
  | 'deafSince'
  | undefined {
  if (field === 'name' || field === 'bornOn' || field === 'deafSince') return field;
  if (field.startsWith('weights')) return 'weightToday';
  if (field === 'litter.until') return 'litterUntil';
  if (field === 'life.lastInfection.month') return 'infectedIn';
  return field === 'eardrum.on' ? 'eardrumOn' : undefined;
}
