import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { ofSide, SIDES, type Side } from '../measure/side';
import { EAR_OF_SIDE, type CheckForm } from './checkForm';

type Asked = Schemas['ToldAskedRequest'];
type EarStands = Schemas['EarStands'];

/** A sign that somebody told of a dog, and that nobody has looked for since. */
export interface ToldSign {
  told: string;
  seen: Asked['seen'];
  /** Of which ear; undefined where it is of the whole dog. */
  ear?: Side;
  by: string;
  on: string;
  words: string;
}

const OF_THE_DOG: readonly Asked['seen'][] = [
  'TILTS',
  'STAGGERS',
  'EYES_FLICK',
  'FACE_DROOPS',
  'SHAKES',
];

/** All that is to be asked by name, one line each. */
export function askedByName(ears: { right: EarStands; left: EarStands }): ToldSign[] {
  const lines = SIDES.flatMap((side) =>
    ofSide(ears, side).told.flatMap(({ told, seen }) =>
      seen.map((one) => ({
        told: told.id,
        seen: one,
        ...(!OF_THE_DOG.includes(one) && { ear: side }),
        by: told.by,
        on: told.moment.day,
        words: labelOf(WORDS.Seen, one) ?? '',
      })),
    ),
  );
  return lines.filter((line, place) => lines.findIndex((one) => isOf(one, line)) === place);
}

/** Whether two lines ask the same. */
export function isOf(one: Pick<ToldSign, 'told' | 'seen' | 'ear'>, other: typeof one): boolean {
  return one.told === other.told && one.seen === other.seen && one.ear === other.ear;
}

/** Whether all that can be answered is: an ear that nobody could look at answers nothing. */
export function isAnswered(told: readonly ToldSign[], form: CheckForm): boolean {
  return told.every(
    (line) => !isAskable(line, form) || form.asked.some((answer) => isOf(answer, line)),
  );
}

/** Whether somebody looked where it is to be seen. */
export function isAskable({ ear }: ToldSign, form: CheckForm): boolean {
  return ear === undefined
    ? form.right.couldLook || form.left.couldLook
    : form[EAR_OF_SIDE[ear]].couldLook;
}
