import { expect, it } from 'vitest';
import type { PhotoSeen } from '../photo/photos';
import { rednessPoints } from './redness';

function photo(day: string, a: number | undefined, more: Partial<PhotoSeen> = {}): PhotoSeen {
  return {
    photo: {
      id: day,
      moment: { at: `${day}T10:00:00Z`, zone: 'Europe/London', day },
      of: 'EAR',
      ear: 'LEFT',
      image: day,
    },
    ...(a !== undefined && {
      redness: {
        skin: { lightness: 60, redness: a, yellowness: 10 },
        reason: { rule: 'TREND_REDNESS', title: 'Redness', numbers: {}, sentence: '' },
      },
    }),
    ...more,
  };
}

it('are the measured pictures of ears, oldest first, with the grade of that day', () => {
  const points = rednessPoints([
    photo('2026-03-09', 31.24, { grade: 'MODERATE' }),
    photo('2026-03-02', 12.5),
    photo('2026-03-05', undefined),
  ]);
  expect(points.map(({ day, value }) => [day, value])).toEqual([
    ['2026-03-02', 12.5],
    ['2026-03-09', 31.24],
  ]);
  expect(points[1]?.words).toContain('a* 31.2, graded moderate that day');
  expect(points[0]?.isFull).toBe(false);
});

it('leave out wipes, and draw no less than nothing', () => {
  const wipe = photo('2026-03-02', 20);
  wipe.photo.of = 'WIPES';
  expect(rednessPoints([wipe, photo('2026-03-03', -4)]).map(({ value }) => value)).toEqual([0]);
});
