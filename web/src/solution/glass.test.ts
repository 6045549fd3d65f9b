import { describe, expect, it } from 'vitest';
import { glassLevels } from './glass';
import { volumeNumber } from '../measure/units';

const CLEAR = { grams: 0, mostGrams: 0, grit: 0, gritWarm: 0, dropsOut: 0 };

describe('the glass', () => {
  it.each([
    [20, 30],
    [60, 120],
    [114, 120],
    [119, 250],
    [4000, 5000],
  ])('of %d mL holds %d', (millilitres, holds) => {
    const levels = glassLevels({ millilitres, oil: 0, boric: CLEAR, salicylic: CLEAR });
    expect(levels.holds).toBe(holds);
    expect(levels.top).toBeCloseTo(millilitres / holds);
    expect(levels.water).toBe(levels.top);
    expect(levels.marks.at(-1)).toBe(holds);
  });

  it('of a household that counts in fluid ounces is marked in them', () => {
    const levels = glassLevels(
      { millilitres: 200, oil: 0, boric: CLEAR, salicylic: CLEAR },
      'fl oz',
    );
    expect(levels.marks.map((mark) => volumeNumber(mark, 'fl oz'))).toEqual(['2', '4', '6', '8']);
  });

  it('lets oil float, and grit lie', () => {
    const gritty = { ...CLEAR, grit: 10 };
    const levels = glassLevels({ millilitres: 100, oil: 25, boric: gritty, salicylic: CLEAR });
    expect(levels.water).toBeCloseTo(75 / 120);
    expect(levels.top).toBeCloseTo(100 / 120);
    expect(levels.grit).toBeCloseTo(13 / 120);
  });

  it('never buries a glass in grit', () => {
    const gritty = { ...CLEAR, grit: 1000 };
    const levels = glassLevels({ millilitres: 25, oil: 0, boric: gritty, salicylic: CLEAR });
    expect(levels.grit).toBe(0.4);
  });
});
