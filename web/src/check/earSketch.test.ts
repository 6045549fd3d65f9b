import { describe, expect, it } from 'vitest';
import { earSketch, type SketchedSigns } from './earSketch';
import { GRADES, DISCHARGE_KINDS, type DrawnSign } from './signs';

const WELL: SketchedSigns = {
  redness: 'NONE',
  swelling: 'NONE',
  sores: 'NONE',
  discharge: 'NONE',
  dischargeKind: 'NONE',
};

const sketches = (sign: DrawnSign) =>
  GRADES.map((grade) =>
    earSketch({ ...WELL, [sign]: grade, dischargeKind: grade === 'NONE' ? 'NONE' : 'BROWN' }),
  );

function grows(numbers: number[]) {
  expect(numbers).toEqual([...new Set(numbers)].sort((a, b) => a - b));
}

describe('a sketch of an ear', () => {
  it('shows each grade by a count or a width, not by its colour alone', () => {
    grows(sketches('redness').map((sketch) => sketch.vessels.length));
    grows(sketches('sores').map((sketch) => sketch.sores.length));
    grows(sketches('discharge').map((sketch) => sketch.discharge.length));
    grows(sketches('swelling').map((sketch) => -sketch.opening.rx));
    grows(sketches('swelling').map((sketch) => sketch.folds.length));
  });

  it('draws specks as specks', () => {
    const counts = GRADES.map(
      (discharge) =>
        earSketch({ ...WELL, discharge, dischargeKind: 'COFFEE_GROUNDS' }).specks.length,
    );
    grows(counts);
    expect(earSketch({ ...WELL, discharge: 'MILD', dischargeKind: 'BROWN' }).specks).toEqual([]);
  });

  it('keeps everything within its square', () => {
    const sketch = earSketch({
      redness: 'SEVERE',
      swelling: 'SEVERE',
      sores: 'SEVERE',
      discharge: 'SEVERE',
      dischargeKind: 'COFFEE_GROUNDS',
    });
    for (const { x, y, rx, ry } of [...sketch.sores, ...sketch.discharge, ...sketch.specks]) {
      expect(Math.min(x - rx, y - ry)).toBeGreaterThanOrEqual(0);
      expect(Math.max(x + rx, y + ry)).toBeLessThanOrEqual(48);
    }
  });

  it('gives each kind of discharge a colour of its own', () => {
    const colours = DISCHARGE_KINDS.map(
      ({ value }) =>
        earSketch({ ...WELL, discharge: 'MILD', dischargeKind: value }).dischargeColour,
    );
    expect(new Set(colours).size).toBe(DISCHARGE_KINDS.length);
  });
});
