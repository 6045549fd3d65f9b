import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import type { Schemas } from '../api/client';
import { loadWord, methodWord } from '../cleaning/load';
import { addDays, daysBetween, inWords, shortDate, type Day } from '../measure/days';
import { earName, ofSide, SIDES, type Side } from '../measure/side';
import { type Verdict } from '../check/verdicts';
import { exposureWords, isWet, type Exposure } from '../exposure/kinds';
import { itemWords } from './items';
import { KINDS } from './kinds';

type Cleaning = Schemas['CleaningRecord'];
type ItemMark = Schemas['ItemMark'];
type CheckMark = Schemas['CheckMark'];
type VisitMark = Schemas['VisitMark'];
type Course = Schemas['CourseMark'];

export const DAYS_BACK = 42;
export const DAYS_AHEAD = 28;
/** Days left free at either end, so that no mark is cut. */
const MARGIN = 1;
const SPAN = DAYS_BACK + DAYS_AHEAD + 1 + 2 * MARGIN;

/** Where a day's middle lies on the ribbon: 0 at its left end, 1 at its right. */
export function position(day: Day, today: Day): number {
  return (daysBetween(today, day) + DAYS_BACK + MARGIN + 0.5) / SPAN;
}

/** Whether the day is on the ribbon at all. */
export function isShown(day: Day, today: Day): boolean {
  const days = daysBetween(today, day);
  return days >= -DAYS_BACK && days <= DAYS_AHEAD;
}

interface MarkBase {
  key: string;
  side: Side;
  day: Day;
  /** What the mark says in words. */
  words: string;
}

/** A cleaning that was done. */
export interface DoneMark extends MarkBase {
  kind: 'done';
  load: number;
  inCanal: boolean;
}

/** What a check found in one ear: a tick as high as its score, a dot for nothing. */
export interface CheckedMark extends MarkBase {
  kind: 'checked';
  score: number;
  verdict: Verdict;
}

/** A cleaning that is planned, with its window. */
export interface PlannedMark extends MarkBase {
  kind: 'planned';
  from: Day;
  to: Day;
}

/** What concerns the whole dog, on the middle line: a visit, or a check or visit that is planned. */
export interface DogMark extends MarkBase {
  kind: 'visited' | 'toCheck' | 'toVisit' | 'toDry';
}

/** Days on which the ears got wet, as a wave along the middle line. */
export interface WetMark extends MarkBase {
  kind: 'wet';
  to: Day;
}

/** A course of medicine as a bar along its ear's lane, with a notch for each dose. */
export interface CourseMark extends MarkBase {
  kind: 'course';
  to: Day;
  doses: readonly string[];
}

/** An ear that is held, from the day on which it was closed. */
export interface HeldMark extends MarkBase {
  kind: 'held';
}

/** What was done, as far as a ribbon shows it. */
export interface RibbonRecord {
  cleanings: readonly Cleaning[];
  checks: readonly CheckMark[];
  visits: readonly VisitMark[];
  exposures: readonly Exposure[];
  courses: readonly Course[];
}

/** What is planned, and which ears are held. */
export interface RibbonPlan {
  items: readonly ItemMark[];
  ears: Record<'right' | 'left', Pick<Schemas['EarPlan'], 'hold'>>;
}

export type RibbonMark =
  DoneMark | CheckedMark | PlannedMark | DogMark | HeldMark | WetMark | CourseMark;

function doneMarks(cleaning: Cleaning, today: Day): DoneMark[] {
  const day = cleaning.moment.day;
  return SIDES.flatMap((side) => {
    const ear = ofSide(cleaning.ears, side);
    if (!ear) return [];
    const when = `${shortDate(day)}, ${inWords(day, today)}`;
    return {
      kind: 'done' as const,
      key: `${cleaning.id} ${side}`,
      side,
      day,
      load: ear.load,
      inCanal: ear.method !== 'WIPE',
      words: `${earName(side)} cleaned ${when}: ${loadWord(ear.load)} load, ${methodWord(ear.method)}`,
    };
  });
}

function checkedMarks(check: CheckMark, today: Day): CheckedMark[] {
  const when = `${shortDate(check.day)}, ${inWords(check.day, today)}`;
  return SIDES.map((side) => {
    const score = ofSide(check.scores, side);
    const verdict = ofSide(check.verdicts, side);
    return {
      kind: 'checked',
      key: `${check.id} ${side}`,
      side,
      day: check.day,
      score,
      verdict,
      words: `${earName(side)} checked ${when}: ${labelOf(WORDS.Verdict, verdict)}, score ${score}`,
    };
  });
}

function heldMarks(ears: RibbonPlan['ears'], today: Day): HeldMark[] {
  return SIDES.flatMap((side) => {
    const { hold } = ofSide(ears, side);
    if (!hold) return [];
    const first = addDays(today, -DAYS_BACK);
    return {
      kind: 'held' as const,
      key: `held ${side}`,
      side,
      day: hold.since < first ? first : hold.since,
      words: `${earName(side)} held since ${shortDate(hold.since)}, ${inWords(hold.since, today)}`,
    };
  });
}

function wetMarks(exposures: readonly Exposure[], today: Day): WetMark[] {
  const first = addDays(today, -DAYS_BACK);
  return exposures
    .filter(({ kind }) => isWet(kind))
    .map((exposure) => ({
      kind: 'wet',
      key: exposure.id,
      side: 'RIGHT',
      day: exposure.firstDay < first ? first : exposure.firstDay,
      to: exposure.lastDay,
      words: exposureWords(exposure, today),
    }));
}

function courseMarks(course: Course, today: Day): CourseMark[] {
  const first = addDays(today, -DAYS_BACK);
  return SIDES.filter((side) => course.ears.includes(side)).map((side) => ({
    kind: 'course',
    key: `${course.id} ${side}`,
    side,
    day: course.from < first ? first : course.from,
    to: course.to,
    doses: course.doses,
    words: `${earName(side)}: ${course.what}, ${shortDate(course.from)} to ${shortDate(course.to)}`,
  }));
}

/** Where an hour of a day lies on the ribbon; "2026-06-01T20:00:00" is late on that day. */
export function hourPosition(local: string, today: Day): number {
  const [day = today, time = '12:00'] = local.split('T');
  const [hour = 12, minute = 0] = time.split(':').map(Number);
  return position(day, today) + ((hour + minute / 60) / 24 - 0.5) / SPAN;
}

function visitedMark(visit: VisitMark, today: Day): DogMark {
  return {
    kind: 'visited',
    key: visit.id,
    side: 'RIGHT',
    day: visit.day,
    words: `at the vet ${shortDate(visit.day)}, ${inWords(visit.day, today)}`,
  };
}

function plannedMarks(item: ItemMark, today: Day): (PlannedMark | DogMark)[] {
  const { best, earliest, latest } = item.window;
  // what is overdue is drawn on today, where it is to be done
  const day = daysBetween(today, best) < 0 ? today : best;
  const { ribbon } = KINDS[item.kind];
  if (ribbon === 'none') return [];
  if (ribbon !== 'ears') {
    return [
      {
        kind: ribbon,
        key: item.id,
        side: 'RIGHT',
        day,
        words: planWords(item, today),
      },
    ];
  }
  return item.ears.map((side) => ({
    kind: 'planned' as const,
    key: `${item.id} ${side}`,
    side,
    day,
    from: earliest,
    to: latest,
    words: planWords(item, today),
  }));
}

/** A planned item in words, as captions and tooltips say it. */
export function planWords(item: ItemMark, today: Day): string {
  const { best, earliest, latest } = item.window;
  const hour = item.hour ? `, about ${item.hour.slice(0, 5)}` : '';
  const when = `${inWords(best, today)}, ${shortDate(best)}${hour}`;
  const range =
    daysBetween(today, earliest) <= 0
      ? `good until ${shortDate(latest)}`
      : `good ${shortDate(earliest)} – ${shortDate(latest)}`;
  const was = daysBetween(today, best) < 0 ? ': it was best' : '';
  return `${itemWords(item)}${was} ${when}${earliest === latest ? '' : ` (${range})`}`;
}

/** All marks of one dog's ribbon, from left to right, right ear before left. */
export function ribbonMarks(today: Day, done: RibbonRecord, plan: RibbonPlan): RibbonMark[] {
  return [
    ...heldMarks(plan.ears, today),
    ...wetMarks(done.exposures, today),
    ...done.courses.flatMap((course) => courseMarks(course, today)),
    ...done.checks.flatMap((check) => checkedMarks(check, today)),
    ...done.visits.map((visit) => visitedMark(visit, today)),
    ...done.cleanings.flatMap((cleaning) => doneMarks(cleaning, today)),
    ...plan.items.flatMap((item) => plannedMarks(item, today)),
  ]
    .filter((mark) => isShown(mark.day, today))
    .sort(
      (a, b) =>
        daysBetween(b.day, a.day) ||
        SIDES.indexOf(a.side) - SIDES.indexOf(b.side) ||
        a.key.localeCompare(b.key),
    );
}

/** The weeks that the axis names, with their day. */
export function weeks(today: Day): { week: number; day: Day }[] {
  const first = -DAYS_BACK / 7;
  return Array.from({ length: DAYS_AHEAD / 7 - first + 1 }, (_, i) => ({
    week: first + i,
    day: addDays(today, (first + i) * 7),
  }));
}
