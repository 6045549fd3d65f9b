import { afterEach, expect, it } from 'vitest';
import { dateWithYear, shortDate } from './days';
import { readDates, region } from './locale';
import { momentWords } from './units';

afterEach(() => readDates(undefined));

it('says dates in the order that the household reads them', () => {
  expect(dateWithYear('2026-11-25')).toBe('25 Nov 2026');
  readDates('MONTH_FIRST');
  expect(dateWithYear('2026-11-25')).toBe('Nov 25, 2026');
  expect(shortDate('2026-11-25')).toBe('Wed Nov 25');
  expect(momentWords('2026-11-25T17:30:00Z', 'Europe/Berlin', 'H24')).toBe('Nov 25, 2026, 18:30');
  readDates('DAY_FIRST');
  expect(dateWithYear('2026-11-25')).toBe('25 Nov 2026');
});

it.each([
  ['en-US', 'US'],
  ['en', undefined],
  ['de-AT', 'AT'],
  ['es-419', undefined],
])('knows where who reads %s lives', (language, where) => {
  expect(region(language)).toBe(where);
});
