import type { Method } from '../cleaning/load';
import type { Day } from '../measure/days';
import { ofSide, SIDES, type Side } from '../measure/side';
import type { HandOver, ToldForm } from './useHandOver';

export type Done = ToldForm['done'][number];
export type Seen = ToldForm['seen'][number];
/** Where something was: in one ear, or in both, or it is not known which. */
export type Where = Side | 'BOTH';
type Known = HandOver['known'];

/** What somebody has typed into the form, in the order of its fields. */
export interface Telling {
  by: string;
  day: Day;
  done: readonly Done[];
  cleaned: Where;
  method: Method | 'NOT_KNOWN';
  load: number | undefined;
  gaveAt: string;
  seen: readonly Seen[];
  where: Partial<Record<Seen, Where>>;
  noMore: readonly Seen[];
  note: string;
}

export function nothingTold(day: Day): Telling {
  return {
    by: '',
    day,
    done: [],
    cleaned: 'BOTH',
    method: 'NOT_KNOWN',
    load: undefined,
    gaveAt: '',
    seen: [],
    where: {},
    noMore: [],
    note: '',
  };
}

export const whereOf = (told: Telling, seen: Seen): Where => told.where[seen] ?? 'BOTH';

/** Whether something was put in or wiped away. */
export const cleans = (told: Telling) =>
  told.done.includes('WIPED') || told.done.includes('CLEANED');

/** The signs of which its people know: whether they are more than before is asked. */
export function asksForMore(told: Telling, known: Known): readonly Seen[] {
  return told.seen.filter((seen) => {
    const where = whereOf(told, seen);
    return SIDES.some(
      (side) => (where === 'BOTH' || where === side) && ofSide(known, side).includes(seen),
    );
  });
}

export const saysNothing = (told: Telling) =>
  told.done.length === 0 && told.seen.length === 0 && !told.note.trim();

/** What the form says of one ear alone. */
function earOf(told: Telling, side: Side) {
  const seen = told.seen.filter((one) => whereOf(told, one) === side);
  const apart = told.cleaned !== 'BOTH' || told.method !== 'NOT_KNOWN' || told.load !== undefined;
  const cleaned = cleans(told) && apart && (told.cleaned === 'BOTH' || told.cleaned === side);
  const wiped = !told.done.includes('CLEANED');
  const method = wiped ? 'WIPE' : told.method;
  return {
    seen,
    cleaned,
    ...(cleaned && method !== 'NOT_KNOWN' && { method }),
    ...(cleaned && told.load !== undefined && { load: told.load }),
  };
}

/**
 * What is sent.
 *
 * @param at when it is told
 * @param gaveAt when the medicine was given, where that was said
 */
export function formOf(told: Telling, known: Known, at: Date, gaveAt: Date | undefined): ToldForm {
  const asked = asksForMore(told, known);
  const gave = told.done.includes('GAVE_MEDICINE') ? gaveAt : undefined;
  return {
    by: told.by.trim(),
    at: (gave && gave > at ? gave : at).toISOString(),
    done: [...told.done],
    seen: told.seen.filter((one) => whereOf(told, one) === 'BOTH'),
    ears: { right: earOf(told, 'RIGHT'), left: earOf(told, 'LEFT') },
    usual: told.noMore.filter((one) => asked.includes(one)),
    ...(gave && { gaveAt: gave.toISOString() }),
    ...(told.note.trim() && { note: told.note.trim() }),
  };
}
