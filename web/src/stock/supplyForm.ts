import { z } from 'zod/mini';
import type { Choice } from '../form/choice';
import type { Day } from '../measure/days';
import type { Supply, SupplyRequest } from './useStock';
import { LIMITS } from '../api/limits';

export const KINDS: Choice<Supply['kind']>[] = [
  { value: 'CLEANER', label: 'a bottle of cleaner' },
  { value: 'WIPES', label: 'a pack of wipes' },
];

/** What a supply is counted in. */
export function unitOf(kind: Supply['kind']): string {
  return kind === 'CLEANER' ? 'mL' : 'wipes';
}

const { min: LEAST, max: MOST } = LIMITS.Supply.size;

const amount = (least: number) =>
  z
    .string()
    .check(
      z.refine(
        (text) => text !== '' && Number(text) >= least && Number(text) <= MOST,
        `From ${least} to ${MOST}.`,
      ),
    );

export function supplyFormSchema(today: Day) {
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
      cleaner: z.enum(['DRYING', 'WAX_DISSOLVING', 'GENTLE', 'BUFFERED', 'ANTISEPTIC', 'SALINE']),
      size: amount(LEAST),
      left: amount(LIMITS.Supply.left.min),
      openedOn: z
        .string()
        .check(z.refine((day) => day === '' || day <= today, 'This day is still to come.')),
    })
    .check(
      z.refine((form) => Number(form.left) <= Number(form.size), {
        path: ['left'],
        message: 'That is more than a full one holds.',
      }),
    );
}

export type SupplyForm = z.infer<ReturnType<typeof supplyFormSchema>>;

export const BLANK_SUPPLY: SupplyForm = {
  kind: 'CLEANER',
  name: '',
  cleaner: 'GENTLE',
  size: '250',
  left: '250',
  openedOn: '',
};

/** The form of one that is known, with what is thought to be left. */
export function formOf(supply: Supply, left: number): SupplyForm {
  return {
    kind: supply.kind,
    name: supply.name,
    cleaner: supply.cleaner ?? 'GENTLE',
    size: String(supply.size),
    left: String(Math.round(left)),
    openedOn: supply.openedOn ?? '',
  };
}

/** What is sent: counted now. */
export function requestOf(form: SupplyForm, now: Date): SupplyRequest {
  return {
    kind: form.kind,
    name: form.name.trim(),
    ...(form.kind === 'CLEANER' && { cleaner: form.cleaner }),
    size: Number(form.size),
    left: Number(form.left),
    countedAt: now.toISOString(),
    ...(form.openedOn !== '' && { openedOn: form.openedOn }),
  };
}
