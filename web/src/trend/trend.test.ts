import { describe, expect, it } from 'vitest';
import { across, around, fullHeight, height, months } from './axis';
import { happenings, scores, tableOf, type DogTrends } from './series';
import { csv } from './table';

const FRAME = { half: 100, gap: 20 };

describe('the axis', () => {
  it('puts the first and the last day a little inside its ends', () => {
    const span = { from: '2026-01-01', to: '2026-01-10' };
    expect(across('2026-01-01', span)).toBeCloseTo(0.059);
    expect(across('2026-01-10', span)).toBeCloseTo(0.941);
  });

  it('mirrors the left ear about the middle', () => {
    for (const value of [0, 3, 12]) {
      const up = height(value, 12, 'RIGHT', FRAME);
      const down = height(value, 12, 'LEFT', FRAME);
      expect(up + down).toBe(fullHeight(FRAME));
    }
    expect(height(40, 12, 'RIGHT', FRAME)).toBe(height(12, 12, 'RIGHT', FRAME));
  });

  it('names the months, each one or each so many', () => {
    const year = months({ from: '2025-11-29', to: '2026-11-29' });
    expect(year.map(({ words }) => words).slice(0, 3)).toEqual(['Dec', '2026', 'Feb']);
    expect(months({ from: '2021-11-29', to: '2026-11-29' }).length).toBeLessThanOrEqual(13);
  });

  it('takes as many days before a day as from it on, up to today', () => {
    expect(around('2026-05-01', 56, '2026-05-10')).toEqual({
      before: { from: '2026-03-06', to: '2026-04-30' },
      after: { from: '2026-05-01', to: '2026-05-10' },
    });
  });
});

const TRENDS = {
  to: '2026-03-01',
  marks: {
    checks: [
      {
        id: 'c1',
        day: '2026-02-01',
        scores: { right: 5, left: 0 },
        verdicts: { right: 'STOP', left: 'LEAVE' },
      },
    ],
    exposures: [{ id: 'e1', kind: 'SWIM', firstDay: '2026-01-25', lastDay: '2026-01-26' }],
    cleanings: [
      { id: 'l1', moment: { day: '2026-02-01' }, ears: { left: { load: 2, method: 'FILL' } } },
    ],
    visits: [{ id: 'v1', day: '2026-02-03' }],
    courses: [],
  },
} as unknown as DogTrends;

describe('what is drawn', () => {
  it('is full where a check was not quiet, and says so in words', () => {
    const [right, left] = scores(TRENDS, 'BOTH');
    expect(right).toMatchObject({ value: 5, isFull: true });
    expect(right?.words).toContain('right ear: score 5 of 12, no liquid');
    expect(left).toMatchObject({ value: 0, isFull: false });
  });

  it('is of one ear where one is chosen', () => {
    expect(scores(TRENDS, 'LEFT')).toHaveLength(1);
    expect(happenings(TRENDS, 'RIGHT').map(({ kind }) => kind)).toEqual(['wet', 'visited']);
  });

  it('stands in a table with what happened beside it', () => {
    const table = tableOf(
      scores(TRENDS, 'BOTH'),
      'BOTH',
      ({ value }) => String(value),
      happenings(TRENDS, 'BOTH'),
    );
    expect(table.columns).toEqual(['Day', 'Right ear', 'Left ear', 'What happened']);
    expect(table.rows[1]).toEqual(['2026-02-01', '5', '0', 'cleaned']);
  });
});

describe('a file', () => {
  it('quotes what needs it, and is no formula', () => {
    expect(csv({ columns: ['Day', 'Note'], rows: [['2026-02-01', 'he said "ow", twice']] })).toBe(
      'Day,Note\r\n2026-02-01,"he said ""ow"", twice"\r\n',
    );
    expect(csv({ columns: ['=1+1'], rows: [] })).toBe("'=1+1\r\n");
  });
});
