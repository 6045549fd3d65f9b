import { describe, expect, it } from 'vitest';
import type { DogToday } from '../view/useToday';
import { doneOf, doneWords } from './done';

const DOG = {
  recent: [
    {
      id: 'c',
      moment: { day: '2026-11-27' },
      ears: { left: { method: 'WIPE', load: 1 } },
    },
  ],
  checks: [{ id: 'k', day: '2026-11-25' }],
  visits: [{ id: 'v', day: '2026-11-26' }],
} as unknown as DogToday;

describe('what was done', () => {
  it('stands by day, with the ears that were cleaned and what came out', () => {
    expect(doneOf(DOG).map((done) => doneWords('Fen', done))).toEqual([
      'Fen, Wed 25 Nov: checked',
      'Fen, Thu 26 Nov: at the vet',
      'Fen, Fri 27 Nov: left ear cleaned: trace',
    ]);
  });
});
