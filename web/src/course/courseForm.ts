import type { Schemas } from '../api/client';
import { LIMITS } from '../api/limits';
import { timeIn, type Day } from '../measure/days';
import { SIDES, type Side } from '../measure/side';
import type { Weekday } from '../measure/weekdays';
import type { LabelSentence } from './useDoses';

export type CourseRequest = Schemas['CourseRequest'];
type PhaseRequest = Schemas['PhaseRequest'];
type Unit = PhaseRequest['unit'];

/** A phase as it is typed. */
export interface PhaseDraft {
  least: string;
  most: string;
  unit: Unit;
  times: string;
  everyDays: string;
  days: string;
  mostDays: string;
  /** Whether somebody said that it goes on to the most. */
  toTheMost?: boolean;
}

/** Whether the ear is cleaned before a dose, as it is chosen. */
export type Before =
  'NEVER' | 'EACH_DOSE' | 'TIMES_A_DAY' | 'EVERY_DAYS' | 'WEEKDAYS' | 'UNTIL_CLEAN';

/** A course as it is typed. */
export interface CourseDraft {
  what: string;
  kind: CourseRequest['kind'];
  ears: 'RIGHT' | 'LEFT' | 'BOTH' | '';
  phases: PhaseDraft[];
  startsOn: Day;
  firstSlot: number;
  prescribedBy: string;
  before: Before;
  /** How many times a day, or every how many days. */
  beforeNumber: string;
  beforeDays: Weekday[];
  vetWait: string;
  labelWait: string;
  bottle: string;
  dropsPerMillilitre: string;
  openedOn: string;
  keepsDays: string;
  staysDays: string;
  /** When the vet put in what stays: that is its giving. */
  byVetOn: string;
  /** When a vet last looked into the ear; only where its label wants it cleaned is that asked. */
  seenOn: string;
  /** What the vet named to clean it with. */
  cleanWith: string;
  /** Whether the vet knows that the eardrum is torn, and says to clean all the same. */
  knowsTorn: 'NOT_SAID' | 'YES' | 'NO';
  recheck: string;
}

/** Into which ears it may go. */
export const EARS: readonly { value: CourseDraft['ears']; label: string }[] = [
  { value: 'RIGHT', label: 'right ear' },
  { value: 'LEFT', label: 'left ear' },
  { value: 'BOTH', label: 'both ears' },
];

const EMPTY_PHASE: PhaseDraft = {
  least: '',
  most: '',
  unit: 'DROP',
  times: '08:00 20:00',
  everyDays: '1',
  days: '',
  mostDays: '',
};

/** Nothing said yet. */
export function emptyCourse(today: Day): CourseDraft {
  return {
    what: '',
    kind: 'DROPS',
    ears: '',
    phases: [EMPTY_PHASE],
    startsOn: today,
    firstSlot: 0,
    prescribedBy: '',
    before: 'NEVER',
    beforeNumber: '',
    beforeDays: [],
    vetWait: '',
    labelWait: '',
    bottle: '',
    dropsPerMillilitre: '',
    openedOn: '',
    keepsDays: '',
    staysDays: '',
    byVetOn: '',
    seenOn: '',
    cleanWith: '',
    knowsTorn: 'NOT_SAID',
    recheck: '',
  };
}

const number = (text: string) => Number(text.trim().replace(',', '.'));
const optional = (text: string) => (text.trim() === '' ? undefined : number(text));
const clock = (time: string) => time.slice(0, 5);

/** The hours of a phase as they are typed: "8 20:30" is 08:00 and 20:30. */
export function hoursOf(typed: string): string[] | undefined {
  const words = typed.split(/[\s,;]+/).filter(Boolean);
  const hours = words.map((word) => {
    const [, hour, minute = '00'] = /^(\d{1,2})(?::(\d{2}))?$/.exec(word) ?? [];
    return hour !== undefined && Number(hour) < 24 && Number(minute) < 60
      ? `${hour.padStart(2, '0')}:${minute}`
      : undefined;
  });
  return hours.length > 0 && hours.every((hour) => hour !== undefined)
    ? [...new Set(hours)].sort()
    : undefined;
}

/** The first of those hours that is still to come today; the last of the day where none is. */
export function nextSlot(hours: readonly string[], now: Date, zone: string): number {
  const at = hours.findIndex((hour) => hour >= timeIn(zone, now));
  return at === -1 ? Math.max(0, hours.length - 1) : at;
}

/** The same begun on a day: today at the next of its hours, on another day at the first. */
export function begunOn(draft: CourseDraft, day: Day, today: Day, zone: string): CourseDraft {
  const hours = hoursOf(draft.phases[0]?.times ?? '') ?? [];
  return {
    ...draft,
    startsOn: day,
    firstSlot: day === today ? nextSlot(hours, new Date(), zone) : 0,
  };
}

const KIND: Partial<Record<Unit, CourseRequest['kind']>> = { TABLET: 'TABLET', STRIP: 'OINTMENT' };

/** What a label says, as it is typed: what it does not say stays as it was. */
export function understood(draft: CourseDraft, said: LabelSentence): CourseDraft {
  const [first] = said.phases;
  return {
    ...draft,
    ...(said.ears.length > 0 && {
      ears: said.ears.length === 2 ? 'BOTH' : (said.ears[0] ?? draft.ears),
    }),
    ...(first && {
      kind: KIND[first.amount.unit] ?? (draft.kind === 'TABLET' ? 'DROPS' : draft.kind),
      firstSlot: 0,
      phases: said.phases.map(({ amount, times, everyDays, days, mostDays }) => ({
        least: String(amount.least),
        most: amount.most === amount.least ? '' : String(amount.most),
        unit: amount.unit,
        times: times.map(clock).join(' '),
        everyDays: String(everyDays),
        days: days === undefined ? '' : String(days),
        mostDays: mostDays === undefined ? '' : String(mostDays),
      })),
    }),
  };
}

/** What is wrong with it, by the name of the field; nothing where it can be sent. */
export function wrong(draft: CourseDraft): Record<string, string> {
  const errors: Record<string, string> = {};
  const within = (name: string, text: string, { min, max }: { min: number; max: number }) => {
    const said = optional(text);
    if (said !== undefined && !(said >= min && said <= max)) errors[name] = `${min} to ${max}`;
  };
  if (draft.what.trim() === '') errors.what = 'What is it called?';
  if (draft.kind !== 'TABLET' && draft.ears === '') errors.ears = 'Which ear?';
  draft.phases.forEach((phase, at) => {
    const least = optional(phase.least);
    if (least === undefined) errors[`least ${at}`] = 'How much?';
    within(`least ${at}`, phase.least, LIMITS.Phase.least);
    within(`most ${at}`, phase.most, LIMITS.Phase.most);
    within(`days ${at}`, phase.days, LIMITS.Phase.days);
    within(`mostDays ${at}`, phase.mostDays, LIMITS.Phase.mostDays);
    within(`everyDays ${at}`, phase.everyDays, LIMITS.Phase.everyDays);
    if (!hoursOf(phase.times)) errors[`times ${at}`] = 'Such as 08:00 20:00';
    if (phase.days.trim() === '' && at < draft.phases.length - 1) {
      errors[`days ${at}`] = 'For how many days?';
    }
  });
  if (draft.before === 'TIMES_A_DAY' || draft.before === 'EVERY_DAYS') {
    const { timesADay, everyDays } = LIMITS.CleanBefore;
    if (optional(draft.beforeNumber) === undefined) errors.beforeNumber = 'How often?';
    within(
      'beforeNumber',
      draft.beforeNumber,
      draft.before === 'TIMES_A_DAY' ? timesADay : everyDays,
    );
  }
  if (draft.before === 'WEEKDAYS' && draft.beforeDays.length === 0) {
    errors.beforeNumber = 'On which days?';
  }
  within('vetWait', draft.vetWait, LIMITS.Course.vetWait);
  within('labelWait', draft.labelWait, LIMITS.Course.labelWait);
  within('bottle', draft.bottle, LIMITS.MedicineBottle.millilitres);
  within('dropsPerMillilitre', draft.dropsPerMillilitre, LIMITS.MedicineBottle.dropsPerMillilitre);
  within('keepsDays', draft.keepsDays, LIMITS.MedicineBottle.keepsDays);
  within('staysDays', draft.staysDays, LIMITS.Course.staysDays);
  return errors;
}

function earsOf({ kind, ears }: CourseDraft): Side[] {
  if (kind === 'TABLET' || ears === '') return [];
  return ears === 'BOTH' ? [...SIDES] : [ears];
}

function beforeOf({ before, beforeNumber, beforeDays }: CourseDraft): CourseRequest['cleanBefore'] {
  const times = number(beforeNumber);
  switch (before) {
    case 'NEVER':
      return undefined;
    case 'TIMES_A_DAY':
      return { kind: 'SO_OFTEN', timesADay: times };
    case 'EVERY_DAYS':
      return { kind: 'SO_OFTEN', everyDays: times };
    case 'WEEKDAYS':
      return { kind: 'SO_OFTEN', weekdays: beforeDays };
    default:
      return { kind: before };
  }
}

function asBefore(
  said: CourseRequest['cleanBefore'],
): Pick<CourseDraft, 'before' | 'beforeNumber' | 'beforeDays'> {
  const { kind = 'NEVER', timesADay, everyDays, weekdays } = said ?? {};
  const so = weekdays ? 'WEEKDAYS' : everyDays === undefined ? 'TIMES_A_DAY' : 'EVERY_DAYS';
  return {
    before: kind === 'SO_OFTEN' ? so : kind,
    beforeNumber: String(timesADay ?? everyDays ?? ''),
    beforeDays: weekdays ?? [],
  };
}

const typed = (value: number | undefined) => (value === undefined ? '' : String(value));

/** A course as it was said, to be corrected. */
export function draftOf(said: CourseRequest): CourseDraft {
  return {
    what: said.what,
    kind: said.kind,
    ears: said.ears.length === 2 ? 'BOTH' : (said.ears[0] ?? ''),
    phases: said.phases.map((phase) => ({
      least: String(phase.least),
      most: typed(phase.most),
      unit: phase.unit,
      times: phase.times.map(clock).join(' '),
      everyDays: String(phase.everyDays ?? 1),
      days: typed(phase.days),
      mostDays: typed(phase.mostDays),
      toTheMost: phase.toTheMost ?? false,
    })),
    startsOn: said.startsOn,
    firstSlot: said.firstSlot ?? 0,
    prescribedBy: said.prescribedBy ?? '',
    ...asBefore(said.cleanBefore),
    vetWait: typed(said.vetWait),
    labelWait: typed(said.labelWait),
    bottle: typed(said.bottle?.millilitres),
    dropsPerMillilitre: typed(said.bottle?.dropsPerMillilitre),
    openedOn: said.bottle?.openedOn ?? '',
    keepsDays: typed(said.bottle?.keepsDays),
    staysDays: typed(said.staysDays),
    byVetOn: said.byVetOn ?? '',
    seenOn: said.seenOn ?? '',
    cleanWith: said.cleanWith ?? '',
    knowsTorn: said.knowsTorn === undefined ? 'NOT_SAID' : said.knowsTorn ? 'YES' : 'NO',
    recheck: said.recheck ?? '',
  };
}

function said<K extends string, V>(name: K, value: V | undefined): Partial<Record<K, V>> {
  return value === undefined || value === '' ? {} : ({ [name]: value } as Record<K, V>);
}

/** What is sent of a course. */
export function requestOf(
  draft: CourseDraft,
  when: { dogId: string; at: string; zone: string },
): CourseRequest {
  const millilitres = optional(draft.bottle);
  const { dogId, at, zone } = when;
  return {
    dogId,
    at,
    zone,
    what: draft.what.trim(),
    kind: draft.kind,
    ears: earsOf(draft),
    phases: draft.phases.map((phase) => ({
      least: number(phase.least),
      unit: phase.unit,
      times: hoursOf(phase.times) ?? [],
      ...said('most', optional(phase.most)),
      ...said('everyDays', optional(phase.everyDays)),
      ...said('days', optional(phase.days)),
      ...said('mostDays', optional(phase.mostDays)),
      ...(phase.toTheMost && phase.mostDays.trim() !== '' && { toTheMost: true }),
    })),
    startsOn: draft.startsOn,
    firstSlot: draft.firstSlot,
    ...said('prescribedBy', draft.prescribedBy.trim()),
    ...said('cleanBefore', beforeOf(draft)),
    ...said('vetWait', optional(draft.vetWait)),
    ...said('labelWait', optional(draft.labelWait)),
    ...(millilitres !== undefined && {
      bottle: {
        millilitres,
        ...said('dropsPerMillilitre', optional(draft.dropsPerMillilitre)),
        ...said('openedOn', draft.openedOn),
        ...said('keepsDays', optional(draft.keepsDays)),
      },
    }),
    ...said('staysDays', optional(draft.staysDays)),
    ...(draft.staysDays.trim() !== '' && said('byVetOn', draft.byVetOn)),
    ...said('seenOn', draft.seenOn),
    ...said('cleanWith', draft.cleanWith.trim()),
    ...(draft.knowsTorn !== 'NOT_SAID' && { knowsTorn: draft.knowsTorn === 'YES' }),
    ...said('recheck', draft.recheck),
  };
}
