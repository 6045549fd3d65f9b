import { describe, expect, it } from 'vitest';
import {
  kilograms,
  momentWords,
  volumeRange,
  volumeWords,
  weightNumber,
  weightWords,
} from './units';

describe('weights', () => {
  it('are said in the household’s unit', () => {
    expect(weightWords(12.5, 'KG')).toBe('12.5 kg');
    expect(weightWords(12.5, 'LB')).toBe('27.6 lb');
  });

  it('come back as they were typed', () => {
    for (const typed of [3, 27.5, 66, 120]) {
      expect(weightNumber(kilograms(typed, 'LB'), 'LB')).toBe(String(typed));
    }
  });
});

describe('volumes', () => {
  it.each([
    [6.7, '6.7 mL', 'about 1¼ tsp'],
    [4.929, '4.9 mL', 'about 1 tsp'],
    [2.5, '2.5 mL', 'about ½ tsp'],
    [0.3, '0.3 mL', '0.3 mL'],
  ])('of %s mL', (millilitres, ml, spoons) => {
    expect(volumeWords(millilitres, 'ML')).toBe(ml);
    expect(volumeWords(millilitres, 'SPOONS')).toBe(spoons);
  });
});

it('say a range in one unit, and once where both ends are read alike', () => {
  expect(volumeRange(6.2, 8.6, 'ML')).toBe('6.2 to 8.6 mL');
  expect(volumeRange(6.2, 8.6, 'SPOONS')).toBe('about 1¼ to 1¾ tsp');
  expect(volumeRange(8.4, 8.6, 'SPOONS')).toBe('about 1¾ tsp');
});

describe('in fluid ounces', () => {
  it.each([
    [250, '8.5 fl oz'],
    [6.7, 'about 1¼ tsp'],
    [0.3, '0.3 mL'],
  ])('%s mL', (millilitres, words) => {
    expect(volumeWords(millilitres, 'FL_OZ')).toBe(words);
  });
});

it('says a moment in the household’s zone and hours', () => {
  expect(momentWords('2026-11-25T17:30:00Z', 'Europe/Berlin', 'H24')).toBe('25 Nov 2026, 18:30');
  expect(momentWords('2026-11-25T17:30:00Z', 'Europe/Berlin', 'H12')).toBe('25 Nov 2026, 6:30 pm');
});
