import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { addDays } from '../measure/days';
import {
  hourPosition,
  isShown,
  position,
  ribbonMarks,
  weeks,
  type RibbonPlan,
  type RibbonRecord,
} from './ribbon';

const TODAY = '2026-11-25';

function cleaning(day: string, right?: number, left?: number): Schemas['CleaningRecord'] {
  const ear = (load?: number) =>
    load !== undefined && ({ method: 'FILL', load, fills: 1, small: false, seen: {} } as const);
  const rightEar = ear(right);
  const leftEar = ear(left);
  return {
    id: `cleaning of ${day}`,
    moment: { at: `${day}T18:00:00Z`, zone: 'Europe/London', day },
    ears: { ...(rightEar && { right: rightEar }), ...(leftEar && { left: leftEar }) },
    manner: {},
  };
}

function item(best: string, slack = 2): Schemas['PlanItem'] {
  const window = { earliest: addDays(best, -slack), best, latest: addDays(best, slack) };
  return {
    id: `item of ${best}`,
    kind: 'CLEAN',
    ears: ['RIGHT', 'LEFT'],
    standing: 'LATER',
    pressing: false,
    fixedBy: 'NOBODY',
    pins: [],
    reasons: [],
    window,
    own: window,
  };
}

const ear: Pick<Schemas['EarPlan'], 'hold'> = {};

function plan(...items: Schemas['PlanItem'][]): RibbonPlan {
  return { items, ears: { right: ear, left: ear } };
}

function done(cleanings: Schemas['CleaningRecord'][]): RibbonRecord {
  return { cleanings, checks: [], visits: [], exposures: [], courses: [] };
}

describe('the ribbon', () => {
  it('runs from six weeks back to four ahead', () => {
    expect(isShown(addDays(TODAY, -42), TODAY)).toBe(true);
    expect(isShown(addDays(TODAY, -43), TODAY)).toBe(false);
    expect(isShown(addDays(TODAY, 28), TODAY)).toBe(true);
    expect(isShown(addDays(TODAY, 29), TODAY)).toBe(false);
    expect(weeks(TODAY).map(({ week }) => week)).toEqual([-6, -5, -4, -3, -2, -1, 0, 1, 2, 3, 4]);
  });

  it('places days evenly, inside its ends', () => {
    const first = position(addDays(TODAY, -42), TODAY);
    const last = position(addDays(TODAY, 28), TODAY);
    const step = position(addDays(TODAY, 1), TODAY) - position(TODAY, TODAY);
    expect(first).toBeGreaterThan(0);
    expect(last).toBeLessThan(1);
    expect(last - first).toBeCloseTo(70 * step, 10);
  });

  it('orders marks by day, the right ear first, and says them in words', () => {
    const marks = ribbonMarks(
      TODAY,
      done([cleaning('2026-11-20', 2, 4), cleaning('2026-11-10', undefined, 0)]),
      plan(item('2026-12-01')),
    );
    expect(marks.map((mark) => `${mark.day} ${mark.side}`)).toEqual([
      '2026-11-10 LEFT',
      '2026-11-20 RIGHT',
      '2026-11-20 LEFT',
      '2026-12-01 RIGHT',
      '2026-12-01 LEFT',
    ]);
    expect(marks[1]?.words).toBe('right ear cleaned Fri 20 Nov, 5 days ago: light load, fill');
    expect(marks[3]?.words).toBe(
      'clean both ears in 6 days, Tue 1 Dec (good Sun 29 Nov – Thu 3 Dec)',
    );
  });

  it('draws what is overdue on today', () => {
    const [mark] = ribbonMarks(TODAY, done([]), plan(item('2026-11-20')));
    expect(mark?.day).toBe(TODAY);
    expect(mark?.words).toContain('it was best 5 days ago');
  });

  it('keeps a cleaning on the local day it was recorded on', () => {
    const late = {
      ...cleaning('2026-11-20', 1),
      moment: { at: '2026-11-20T23:30:00Z', zone: 'Europe/Berlin', day: '2026-11-21' },
    };
    expect(ribbonMarks(TODAY, done([late]), plan())[0]?.day).toBe('2026-11-21');
  });

  it('shows a check as one tick for each ear, and what is planned for the dog on the line', () => {
    const check: Schemas['CheckMark'] = {
      id: 'c',
      day: '2026-11-22',
      scores: { right: 5, left: 0 },
      verdicts: { right: 'STOP', left: 'LEAVE' },
    };
    const toCheck: Schemas['PlanItem'] = { ...item('2026-11-25', 1), kind: 'CHECK' };
    const marks = ribbonMarks(TODAY, { ...done([]), checks: [check] }, plan(toCheck));
    expect(marks.map((mark) => mark.kind)).toEqual(['checked', 'checked', 'toCheck']);
    expect(marks[0]?.words).toBe('right ear checked Sun 22 Nov, 3 days ago: no liquid, score 5');
    expect(marks[2]?.words).toBe('check both ears today, Wed 25 Nov (good until Thu 26 Nov)');
  });

  it('shows a hold from the day it was opened, or from the left end', () => {
    const hold: Schemas['Hold'] = {
      cause: 'STOP',
      since: '2026-11-20',
      fact: 'c',
      mayConfirm: false,
      reasons: [],
    };
    const held = (since: string) =>
      ribbonMarks(TODAY, done([]), {
        items: [],
        ears: { right: ear, left: { hold: { ...hold, since } } },
      })[0];
    expect(held('2026-11-20')).toMatchObject({ kind: 'held', side: 'LEFT', day: '2026-11-20' });
    expect(held('2026-01-20')).toMatchObject({ day: '2026-10-14' });
    expect(held('2026-01-20')?.words).toBe('left ear held since Tue 20 Jan, 309 days ago');
  });

  it('shows wet days as a wave from the first to the last, and no dusty ones', () => {
    const exposure = (kind: 'SWIM' | 'DUST'): Schemas['Exposure'] => ({
      id: kind,
      moment: { at: '2026-11-22T18:00:00Z', zone: 'Europe/London', day: '2026-11-22' },
      kind,
      firstDay: '2026-11-20',
      lastDay: '2026-11-22',
    });
    const marks = ribbonMarks(
      TODAY,
      { ...done([]), exposures: [exposure('SWIM'), exposure('DUST')] },
      plan(),
    );
    expect(marks).toHaveLength(1);
    expect(marks[0]).toMatchObject({ kind: 'wet', day: '2026-11-20', to: '2026-11-22' });
    expect(marks[0]?.words).toBe('swim 5 days ago to 3 days ago');
  });

  it('has a bar along the lane of each ear that medicine goes into, with its doses', () => {
    const course = {
      id: 'drops',
      what: 'Marsh drops',
      ears: ['LEFT' as const],
      from: addDays(TODAY, -60),
      to: addDays(TODAY, 2),
      doses: [`${TODAY}T08:00:00`, `${TODAY}T20:00:00`],
    };
    const [mark, ...others] = ribbonMarks(TODAY, { ...done([]), courses: [course] }, plan());

    expect(others).toEqual([]);
    expect(mark).toMatchObject({ kind: 'course', side: 'LEFT', day: addDays(TODAY, -42) });
    expect(mark?.words).toContain('left ear: Marsh drops');
    expect(hourPosition(`${TODAY}T12:00:00`, TODAY)).toBeCloseTo(position(TODAY, TODAY));
    expect(hourPosition(`${TODAY}T20:00`, TODAY)).toBeGreaterThan(
      hourPosition(`${TODAY}T08:00`, TODAY),
    );
    expect(hourPosition(`${TODAY}T24:00`, TODAY)).toBeCloseTo(
      hourPosition(`${addDays(TODAY, 1)}T00:00`, TODAY),
    );
  });
});
