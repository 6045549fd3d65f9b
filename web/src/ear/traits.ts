import type { Schemas } from '../api/client';

export type EarTraits = Schemas['EarTraits'];
export type Life = Schemas['Life'];

/** A choice with its words. */
export interface Choice<V extends string> {
  value: V;
  label: string;
}

export const CARRIAGES: Choice<EarTraits['carriage']>[] = [
  { value: 'ERECT', label: 'stands up' },
  { value: 'SEMI_ERECT', label: 'stands, tip falls' },
  { value: 'ROSE', label: 'folds back' },
  { value: 'BUTTON', label: 'folds forward' },
  { value: 'DROP', label: 'hangs to the jaw' },
  { value: 'PENDULOUS', label: 'hangs past the jaw' },
];

export const CANAL_HAIRS: Choice<EarTraits['canalHair']>[] = [
  { value: 'NONE', label: 'bare' },
  { value: 'SOME', label: 'some' },
  { value: 'DENSE', label: 'dense' },
];

export const FEATHERINGS: Choice<EarTraits['feathering']>[] = [
  { value: 'NONE', label: 'none' },
  { value: 'LIGHT', label: 'light' },
  { value: 'HEAVY', label: 'heavy' },
];

export const WATERS: Choice<Life['water']>[] = [
  { value: 'NEVER', label: 'never' },
  { value: 'MONTHLY', label: 'monthly' },
  { value: 'WEEKLY', label: 'weekly' },
  { value: 'MOST_DAYS', label: 'most days' },
];

export const GROUNDS: Choice<Life['ground']>[] = [
  { value: 'MOSTLY_INDOORS', label: 'mostly indoors' },
  { value: 'MIXED', label: 'mixed' },
  { value: 'DUSTY_OR_BRUSHY', label: 'dusty or brushy' },
];

export const CLIMATES: Choice<Life['climate']>[] = [
  { value: 'DRY', label: 'dry' },
  { value: 'TEMPERATE', label: 'temperate' },
  { value: 'HUMID', label: 'humid' },
];

export const ALLERGIES: Choice<Life['allergy']>[] = [
  { value: 'NONE', label: 'none' },
  { value: 'SUSPECTED', label: 'suspected' },
  { value: 'DIAGNOSED', label: 'diagnosed' },
];

export const INFECTIONS: Choice<Life['infections']>[] = [
  { value: 'NONE', label: 'none' },
  { value: 'ONE', label: 'one' },
  { value: 'TWO_OR_MORE', label: 'two or more' },
];

export const EARDRUMS: Choice<Schemas['Eardrum']['status']>[] = [
  { value: 'NEVER_EXAMINED', label: 'never examined' },
  { value: 'SEEN_INTACT', label: 'seen intact' },
  { value: 'NOT_INTACT', label: 'not intact' },
];
