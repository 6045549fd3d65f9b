import { z } from 'zod/mini';
import type { Choice } from '../form/choice';
import type { Day } from '../measure/days';
import type { Supply, SupplyRequest } from './useStock';
import { LIMITS } from '../api/limits';
import { WORDS } from '../api/words';
import {
  bottleUnit,
  bottleWords,
  millilitres,
  volumeNumber,
  type TypedVolume,
  type VolumeUnit,
} from '../measure/units';

export const KINDS: Choice<Supply['kind']>[] = [
  { value: 'CLEANER', label: 'a bottle of cleaner' },
  { value: 'WIPES', label: 'a pack of wipes' },
];

/** What a supply is counted in. */
export function unitOf(kind: Supply['kind'], unit: VolumeUnit): string {
  return kind === 'CLEANER' ? bottleUnit(unit) : 'wipes';
}

/** "180 mL", "6.1 fl oz" or "42 wipes" */
export function suppliesWords(kind: Supply['kind'], much: number, unit: VolumeUnit): string {
  const whole = Math.round(much);
  return kind === 'CLEANER' ? bottleWords(unit === 'FL_OZ' ? much : whole, unit) : `${whole} wipes`;
}

/** "180 of 250 mL": what is left of a full one. */
export function amountOf(
  kind: Supply['kind'],
  left: number,
  size: number,
  unit: VolumeUnit,
): string {
  const word = ` ${unitOf(kind, unit)}`;
  return `${suppliesWords(kind, left, unit).replace(word, '')} of ${suppliesWords(kind, size, unit)}`;
}

export type Active = (typeof WORDS.Active)[number]['value'];

/** What nobody has read stays open: it is not as good as nothing. */
const NOT_READ = 'NOT_READ';

const choicesWith = <V extends string>(
  values: readonly Choice<V>[],
  label: string,
): Choice<V | typeof NOT_READ>[] => [...values, { value: NOT_READ, label }];

export const MADE_FOR_CHOICES = choicesWith(WORDS.MadeFor, 'not read yet');
export const CLEANER_CHOICES = choicesWith(WORDS.CleanerKind, 'nobody knows');

/** "for people": for whom it is said to be; nothing where that is dogs' ears, or a home mix. */
export function notForEars({ kind, label, batch }: Pick<Supply, 'kind' | 'label' | 'batch'>) {
  const { madeFor } = label;
  if (kind === 'WIPES' || batch) return false;
  if (madeFor === undefined || madeFor === 'NOT_SAID') return 'for whom is not known';
  return (
    madeFor !== 'DOGS_EARS' && `for ${WORDS.MadeFor.find((one) => one.value === madeFor)?.label}`
  );
}

const { min: LEAST, max: MOST } = LIMITS.Supply.size;

const within = (least: number, most: number, isNeeded: boolean) =>
  z
    .string()
    .check(
      z.refine(
        (text) => (text === '' ? !isNeeded : Number(text) >= least && Number(text) <= most),
        `From ${least} to ${most}.`,
      ),
    );

/** How much one holds, in mL or wipes; typed in the unit where it is a bottle. */
function muchOf(kind: Supply['kind'], typed: string, unit: TypedVolume, said?: number): number {
  return kind === 'CLEANER' ? millilitres(Number(typed), unit, said) : Number(typed);
}

function typedOf(kind: Supply['kind'], much: number, unit: TypedVolume): string {
  return kind === 'CLEANER' ? volumeNumber(much, unit) : String(much);
}

interface Held {
  kind: Supply['kind'];
  size: string;
  left: string;
}

/** That a field of the form says so much at least, and no more than one can hold. */
const holds = (field: 'size' | 'left', least: number, unit: TypedVolume) =>
  z.refine<Held>(
    (form) => {
      const much = muchOf(form.kind, form[field], unit);
      return form[field] !== '' && much >= least && much <= MOST;
    },
    {
      path: [field],
      error: ({ input }) => {
        const { kind } = input as Held;
        return `From ${typedOf(kind, least, unit)} to ${typedOf(kind, MOST, unit)}.`;
      },
    },
  );

export function supplyFormSchema(today: Day, unit: TypedVolume) {
  return z
    .object({
      kind: z.enum(['CLEANER', 'WIPES']),
      name: z
        .string()
        .check(
          z.trim(),
          z.minLength(1, 'What do you call it?'),
          z.maxLength(LIMITS.Supply.name.length, 'Shorter, please.'),
        ),
      cleaner: z.enum(CLEANER_CHOICES.map(({ value }) => value)),
      size: z.string(),
      left: z.string(),
      openedOn: z
        .string()
        .check(z.refine((day) => day === '' || day <= today, 'This day is still to come.')),
      price: within(LIMITS.Supply.price.min, LIMITS.Supply.price.max, false),
      keepsDays: within(LIMITS.Label.keepsDays.min, LIMITS.Label.keepsDays.max, false),
      ph: within(LIMITS.Label.ph.min, LIMITS.Label.ph.max, false),
      madeFor: z.enum(MADE_FOR_CHOICES.map(({ value }) => value)),
      actives: z.array(
        z.object({
          active: z.enum(WORDS.Active.map(({ value }) => value)),
          percent: within(0, 100, true),
        }),
      ),
    })
    .check(
      holds('size', LEAST, unit),
      holds('left', LIMITS.Supply.left.min, unit),
      z.refine((form) => Number(form.left) <= Number(form.size), {
        path: ['left'],
        message: 'That is more than a full one holds.',
      }),
    );
}

export type SupplyForm = z.infer<ReturnType<typeof supplyFormSchema>>;

/** What a bottle holds as a rule. */
const USUAL_SIZE: Record<TypedVolume, string> = { mL: '250', tsp: '50', 'fl oz': '8' };

export function blankSupply(unit: TypedVolume): SupplyForm {
  return {
    kind: 'CLEANER',
    name: '',
    cleaner: NOT_READ,
    size: USUAL_SIZE[unit],
    left: USUAL_SIZE[unit],
    openedOn: '',
    price: '',
    keepsDays: '',
    ph: '',
    madeFor: NOT_READ,
    actives: [],
  };
}

const text = (number: number | undefined) => (number === undefined ? '' : String(number));

/** The form of one that is known, with what is thought to be left. */
export function formOf(supply: Supply, left: number, unit: TypedVolume): SupplyForm {
  const { label } = supply;
  return {
    kind: supply.kind,
    name: supply.name,
    cleaner: supply.cleaner ?? NOT_READ,
    size: typedOf(supply.kind, supply.size, unit),
    left: typedOf(supply.kind, unit === 'mL' ? Math.round(left) : left, unit),
    openedOn: supply.openedOn ?? '',
    price: text(supply.price),
    keepsDays: text(label.keepsDays),
    ph: text(label.ph),
    madeFor: label.madeFor ?? NOT_READ,
    actives: WORDS.Active.flatMap(({ value }) => {
      const percent = label.actives[value];
      return percent === undefined ? [] : [{ active: value, percent: String(percent) }];
    }),
  };
}

/** What is said of a mix, as it was said. */
export function batchOf({ batch }: Supply): SupplyRequest['batch'] {
  return (
    batch && {
      madeOn: batch.madeOn,
      parts: batch.mix.parts.map(({ ingredient, amount }) => ({
        ingredient: ingredient.id,
        amount,
        strengths: ingredient.strengths,
      })),
      ...(batch.recipe && {
        recipe: batch.recipe.recipe,
        recipeVersion: batch.recipe.version,
      }),
    }
  );
}

function labelOf(form: SupplyForm): NonNullable<SupplyRequest['label']> {
  return {
    actives: Object.fromEntries(
      form.actives.map(({ active, percent }) => [active, Number(percent)]),
    ),
    ...(form.ph !== '' && { ph: Number(form.ph) }),
    ...(form.keepsDays !== '' && { keepsDays: Number(form.keepsDays) }),
    ...(form.madeFor !== NOT_READ && { madeFor: form.madeFor }),
  };
}

/** What is sent: counted now; of a known one what the form does not ask stays as it was. */
export function requestOf(
  form: SupplyForm,
  now: Date,
  unit: TypedVolume,
  known?: Supply,
): SupplyRequest {
  const batch = known && batchOf(known);
  const cleaner = form.kind === 'CLEANER' ? !batch : known?.cleaner !== undefined;
  return {
    kind: form.kind,
    name: form.name.trim(),
    ...(cleaner && form.cleaner !== NOT_READ && { cleaner: form.cleaner }),
    size: muchOf(form.kind, form.size, unit, known?.size),
    left: muchOf(form.kind, form.left, unit),
    countedAt: now.toISOString(),
    ...(form.openedOn !== '' && { openedOn: form.openedOn }),
    ...(batch ? { batch } : { label: labelOf(form) }),
    ...(form.price !== '' && { price: Number(form.price) }),
  };
}
