import { describe, expect, it } from 'vitest';
import {
  begunOn,
  draftOf,
  emptyCourse,
  hoursOf,
  nextSlot,
  requestOf,
  understood,
  wrong,
} from './courseForm';
import type { LabelSentence } from './useDoses';

const TODAY = '2026-06-01';
const WHEN = { dogId: 'dog', at: '2026-06-01T10:00:00Z', zone: 'UTC' };

const SAID: LabelSentence = {
  ears: ['RIGHT'],
  phases: [
    {
      amount: { least: 5, most: 10, unit: 'DROP' },
      times: ['08:00:00', '20:00:00'],
      everyDays: 1,
      days: 7,
      mostDays: 10,
      toTheMost: false,
    },
    {
      amount: { least: 8, most: 8, unit: 'DROP' },
      times: ['08:00:00'],
      everyDays: 2,
      toTheMost: false,
    },
  ],
  words: [],
  missing: [],
  notUnderstood: [],
};

describe('a course as it is written down', () => {
  it.each([
    ['8 20:30', ['08:00', '20:30']],
    ['20:00, 08:00', ['08:00', '20:00']],
    ['08:00 08:00', ['08:00']],
    ['', undefined],
    ['8 25', undefined],
    ['8:75', undefined],
    ['morning', undefined],
  ])('has its hours: %s', (typed, hours) => {
    expect(hoursOf(typed)).toEqual(hours);
  });

  it('begins at the next hour of today', () => {
    const hours = ['08:00', '20:00'];
    expect(nextSlot(hours, new Date('2026-06-01T07:00:00Z'), 'UTC')).toBe(0);
    expect(nextSlot(hours, new Date('2026-06-01T12:00:00Z'), 'UTC')).toBe(1);
    expect(nextSlot(hours, new Date('2026-06-01T21:00:00Z'), 'UTC')).toBe(1);
  });

  it('is what the label says, and sends it', () => {
    const draft = { ...understood(emptyCourse(TODAY), SAID), what: ' Marsh drops ' };

    expect(wrong(draft)).toEqual({});
    expect(requestOf(draft, WHEN)).toEqual({
      ...WHEN,
      what: 'Marsh drops',
      kind: 'DROPS',
      ears: ['RIGHT'],
      phases: [
        {
          least: 5,
          most: 10,
          unit: 'DROP',
          times: ['08:00', '20:00'],
          everyDays: 1,
          days: 7,
          mostDays: 10,
        },
        { least: 8, unit: 'DROP', times: ['08:00'], everyDays: 2 },
      ],
      startsOn: TODAY,
      firstSlot: 0,
    });
  });

  it('keeps what was typed where the label does not say it', () => {
    const typed = { ...emptyCourse(TODAY), ears: 'LEFT' as const };
    expect(understood(typed, { ...SAID, ears: [], phases: [] })).toEqual(typed);
  });

  it('sends no ear for a tablet', () => {
    const tablet = { ...understood(emptyCourse(TODAY), SAID), kind: 'TABLET' as const, what: 'x' };
    expect(requestOf(tablet, WHEN).ears).toEqual([]);
    expect(wrong({ ...tablet, ears: '' })).toEqual({});
  });

  it('says what is wrong by its field', () => {
    const draft = understood(emptyCourse(TODAY), SAID);
    expect(Object.keys(wrong({ ...draft, ears: '' }))).toEqual(['what', 'ears']);
    const [first, second] = draft.phases;
    if (!first || !second) throw new Error('two phases');
    expect(
      Object.keys(
        wrong({
          ...draft,
          what: 'x',
          phases: [
            { ...first, least: '0', days: '', times: 'noon' },
            { ...second, everyDays: '400' },
          ],
          bottle: '0',
        }),
      ),
    ).toEqual(['least 0', 'times 0', 'days 0', 'everyDays 1', 'bottle']);
  });

  it('is corrected as it was said', () => {
    const draft = {
      ...understood(emptyCourse(TODAY), SAID),
      what: 'Marsh drops',
      bottle: '15',
      openedOn: TODAY,
      recheck: '2026-06-14',
      vetWait: '30',
      staysDays: '30',
      byVetOn: TODAY,
      seenOn: TODAY,
      cleanWith: 'Mild rinse',
      knowsTorn: 'YES' as const,
    };
    expect(requestOf(draft, WHEN)).toMatchObject({ byVetOn: TODAY, knowsTorn: true });
    const befores = [
      { before: 'NEVER' },
      { before: 'EACH_DOSE' },
      { before: 'TIMES_A_DAY', beforeNumber: '2' },
      { before: 'EVERY_DAYS', beforeNumber: '3' },
      { before: 'WEEKDAYS', beforeDays: ['MONDAY', 'FRIDAY'] },
    ] as const;
    for (const before of befores) {
      const said = requestOf(
        { ...draft, ...before, beforeDays: [...('beforeDays' in before ? before.beforeDays : [])] },
        WHEN,
      );
      expect(requestOf(draftOf(said), WHEN)).toEqual(said);
    }
  });

  it('keeps that a range goes on to the most', () => {
    const said = requestOf({ ...understood(emptyCourse(TODAY), SAID), what: 'Drops' }, WHEN);
    const [first] = said.phases;
    if (!first) throw new Error('there is a phase');
    const longer = { ...said, phases: [{ ...first, toTheMost: true }] };

    expect(requestOf(draftOf(longer), WHEN)).toEqual(longer);
  });

  it('asks how often the ear is cleaned', () => {
    const draft = { ...understood(emptyCourse(TODAY), SAID), what: 'Drops' };
    expect(wrong({ ...draft, before: 'EVERY_DAYS' })).toHaveProperty('beforeNumber');
    expect(wrong({ ...draft, before: 'TIMES_A_DAY', beforeNumber: '99' })).toHaveProperty(
      'beforeNumber',
    );
    expect(wrong({ ...draft, before: 'WEEKDAYS' })).toHaveProperty('beforeNumber');
  });

  it('begins at the first hour of another day', () => {
    const draft = understood(emptyCourse(TODAY), SAID);
    expect(begunOn(draft, '2026-05-30', TODAY, 'UTC')).toMatchObject({
      startsOn: '2026-05-30',
      firstSlot: 0,
    });
  });
});
