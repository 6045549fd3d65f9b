import { describe, expect, it } from 'vitest';
import {
  addDays,
  age,
  dayIn,
  daysBetween,
  instantOf,
  inWords,
  momentOf,
  shortDate,
  timeIn,
} from './days';

describe('days', () => {
  it('counts whole days over a change of the clock', () => {
    expect(daysBetween('2026-03-28', '2026-03-30')).toBe(2);
    expect(daysBetween('2026-10-26', '2026-10-24')).toBe(-2);
  });

  it('is undone by counting back', () => {
    for (const days of [-400, -1, 0, 1, 59, 366]) {
      expect(daysBetween('2024-02-29', addDays('2024-02-29', days))).toBe(days);
    }
  });

  it.each([
    ['2026-11-25', 'today'],
    ['2026-11-26', 'tomorrow'],
    ['2026-11-24', 'yesterday'],
    ['2026-12-04', 'in 9 days'],
    ['2026-11-20', '5 days ago'],
  ])('says %s as %s', (day, words) => {
    expect(inWords(day, '2026-11-25')).toBe(words);
  });

  it.each([
    ['2026-10-21', '5 weeks'],
    ['2026-04-20', '7 months'],
    ['2022-11-20', '4 years'],
  ])('says the age of a dog born on %s as %s', (born, words) => {
    expect(age(born, '2026-11-25')).toBe(words);
  });

  it('writes a date with its weekday', () => {
    expect(shortDate('2026-11-25')).toBe('Wed 25 Nov');
  });
});

describe('zones', () => {
  it('knows the local date of an instant', () => {
    const lateEvening = new Date('2026-11-25T23:30:00Z');
    expect(dayIn('Europe/London', lateEvening)).toBe('2026-11-25');
    expect(dayIn('Pacific/Auckland', lateEvening)).toBe('2026-11-26');
  });

  it.each([
    ['Europe/Berlin', '2026-03-29'],
    ['Europe/Berlin', '2026-10-25'],
    ['America/New_York', '2026-03-08'],
    ['Pacific/Auckland', '2026-09-27'],
    ['Asia/Kolkata', '2026-01-01'],
  ])('finds noon in %s on %s', (zone, day) => {
    const noon = instantOf(day, '12:00', zone);
    expect(dayIn(zone, noon)).toBe(day);
    expect(timeIn(zone, noon)).toBe('12:00');
  });
});

describe('the moment of what a person names a day for', () => {
  const now = new Date('2026-11-25T09:30:00Z');
  const said = { at: '2026-11-20T17:05:00.000Z', zone: 'Europe/Berlin' };

  it('is now for today and noon for an earlier day', () => {
    expect(momentOf('2026-11-25', 'Europe/London', now).at).toBe('2026-11-25T09:30:00.000Z');
    expect(momentOf('2026-11-20', 'Europe/Berlin', now).at).toBe('2026-11-20T11:00:00.000Z');
  });

  it('stays what it was when something else is corrected', () => {
    expect(momentOf('2026-11-20', 'Europe/London', now, said)).toEqual(said);
    expect(momentOf('2026-11-21', 'Europe/London', now, said).at).toBe('2026-11-21T12:00:00.000Z');
  });
});
