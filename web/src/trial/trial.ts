import type { Schemas } from '../api/client';

export type DietTrialNow = Schemas['DietTrialNow'];
export type TrialInFull = Schemas['TrialInFull'];
export type DietTrialRequest = Schemas['DietTrialRequest'];

/** Words on a label that hide what a trial must not hold. */
export const LABEL_WORDS = ['broth', 'flavour', 'animal fat', '“natural”', 'gelatine'] as const;

/** What is typed one a line, or with commas. */
export function listed(text: string): string[] {
  return text
    .split(/[\n,;]+/)
    .map((one) => one.trim())
    .filter((one) => one !== '');
}

/** A trial as it is typed. */
export interface TrialDraft {
  protein: string;
  starch: string;
  foodsSoFar: string;
  allowed: string;
  startsOn: string;
  days: number;
}

/** What is missing of it, by the name of the field; nothing where it can be sent. */
export function missing(draft: TrialDraft): Record<string, string> {
  const errors: Record<string, string> = {};
  if (draft.protein.trim() === '') errors.protein = 'Which protein?';
  if (draft.starch.trim() === '') errors.starch = 'Which starch?';
  if (draft.startsOn === '') errors.startsOn = 'From when?';
  return errors;
}

/** What is sent of it. */
export function requestOf(
  draft: TrialDraft,
  when: { dogId: string; at: string; zone: string },
): DietTrialRequest {
  return {
    ...when,
    protein: draft.protein.trim(),
    starch: draft.starch.trim(),
    foodsSoFar: listed(draft.foodsSoFar),
    allowed: listed(draft.allowed),
    startsOn: draft.startsOn,
    days: draft.days,
  };
}
