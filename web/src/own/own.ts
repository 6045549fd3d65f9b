import type { Schemas } from '../api/client';
import { SIDES, type Side } from '../measure/side';

export type OwnCourseNow = Schemas['OwnCourseNow'];
export type OwnCourseRequest = Schemas['OwnCourseRequest'];
export type SupplementRequest = Schemas['SupplementRequest'];
type HowOften = OwnCourseRequest['howOften'];

/** How often something of one's own is given, as it is chosen. */
export const OFTEN = [
  { value: '1', label: 'once a day', howOften: { timesADay: 1 } },
  { value: '2', label: 'twice a day', howOften: { timesADay: 2 } },
  { value: 'every 2', label: 'every second day', howOften: { everyDays: 2 } },
  { value: 'every 7', label: 'once a week', howOften: { everyDays: 7 } },
] as const satisfies readonly { value: string; label: string; howOften: HowOften }[];

export type Often = (typeof OFTEN)[number]['value'];
export type Goes = 'RIGHT' | 'LEFT' | 'BOTH' | 'FED';

/** An oil as it is typed. */
export interface OilDraft {
  source: SupplementRequest['source'];
  per: SupplementRequest['per'];
  epa: string;
  dha: string;
  vitaminE: string;
  capsuleGrams: string;
  amount: string;
  by: SupplementRequest['by'];
}

/** Something of one's own as it is typed. */
export interface OwnDraft {
  what: string;
  goes: Goes;
  supplyId: string;
  often: Often;
  from: string;
  to: string;
  isOil: boolean;
  oil: OilDraft;
  vetAgreed: boolean;
}

/** Nothing said yet. */
export function emptyOwn(today: string): OwnDraft {
  return {
    what: '',
    goes: 'BOTH',
    supplyId: '',
    often: '1',
    from: today,
    to: '',
    isOil: false,
    oil: {
      source: 'FISH',
      per: 'CAPSULE',
      epa: '',
      dha: '',
      vitaminE: '',
      capsuleGrams: '',
      amount: '1',
      by: 'CAPSULE',
    },
    vetAgreed: false,
  };
}

const number = (text: string) =>
  text.trim() === '' ? undefined : Number(text.trim().replace(',', '.'));

/** The oil that is fed, once its label is told; undefined before. */
export function oilOf({ oil }: OwnDraft): SupplementRequest | undefined {
  const plant = oil.source === 'PLANT';
  const epa = plant ? 0 : number(oil.epa);
  const dha = plant ? 0 : number(oil.dha);
  const amount = number(oil.amount);
  const vitaminE = number(oil.vitaminE);
  const capsuleGrams = number(oil.capsuleGrams);
  const isTold = [epa, dha, amount].every((one) => one !== undefined && one >= 0);
  const needsGrams =
    oil.per !== oil.by && [oil.per, oil.by].includes('CAPSULE') && capsuleGrams === undefined;
  return isTold && !needsGrams && amount !== 0
    ? {
        source: oil.source,
        per: oil.per,
        epa: epa ?? 0,
        dha: dha ?? 0,
        amount: amount ?? 0,
        by: oil.by,
        ...(vitaminE !== undefined && { vitaminE }),
        ...(capsuleGrams !== undefined && { capsuleGrams }),
      }
    : undefined;
}

/** What is missing of it, by the name of the field; nothing where it can be sent. */
export function missing(draft: OwnDraft): Record<string, string> {
  const errors: Record<string, string> = {};
  if (draft.what.trim() === '') errors.what = 'What is it?';
  if (draft.from === '') errors.from = 'From when?';
  if (draft.to !== '' && draft.to < draft.from) errors.to = 'Before its first day';
  if (draft.goes === 'FED' && draft.isOil && !oilOf(draft)) {
    errors.oil = 'Say what the label says of EPA and DHA, and how much a day.';
  }
  return errors;
}

/** Into which ears it goes. */
export const EARS: Record<Goes, readonly Side[]> = {
  RIGHT: ['RIGHT'],
  LEFT: ['LEFT'],
  BOTH: SIDES,
  FED: [],
};

/** What is sent of it. */
export function requestOf(
  draft: OwnDraft,
  when: { dogId: string; at: string; zone: string },
): OwnCourseRequest {
  const oil = draft.goes === 'FED' && draft.isOil ? oilOf(draft) : undefined;
  return {
    ...when,
    what: draft.what.trim(),
    ears: [...EARS[draft.goes]],
    howOften: OFTEN.find(({ value }) => value === draft.often)?.howOften ?? { timesADay: 1 },
    from: draft.from,
    vetAgreed: draft.vetAgreed,
    ...(draft.to !== '' && { to: draft.to }),
    ...(draft.supplyId !== '' && draft.goes !== 'FED' && { supplyId: draft.supplyId }),
    ...(oil && { supplement: oil }),
  };
}
