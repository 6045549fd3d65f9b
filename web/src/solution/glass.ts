import type { MixPreview } from './useMix';
import { millilitres as inMillilitres, type BottleUnit } from '../measure/units';

/** Where things stand in a glass that is drawn to scale, in its own units from its floor up. */
export interface GlassLevels {
  /** What the glass holds, mL: the next round figure above what is in it. */
  holds: number;
  /** Where the marks of its scale stand, mL. */
  marks: readonly number[];
  /** How high the water, and all with it, stands: 0 to 1. */
  water: number;
  /** The same with the oil that floats on it. */
  top: number;
  /** How high the grit lies on its floor. */
  grit: number;
}

/** What glasses there are, and how many marks each has. */
const GLASSES: Record<BottleUnit, readonly [number, number][]> = {
  mL: [
    [30, 3],
    [60, 3],
    [120, 4],
    [250, 5],
    [500, 5],
    [1000, 5],
    [2000, 4],
    [5000, 5],
    [10_000, 5],
  ],
  'fl oz': [
    [1, 4],
    [2, 4],
    [4, 4],
    [8, 4],
    [16, 4],
    [32, 4],
    [64, 4],
    [180, 3],
    [360, 3],
  ],
};
const FEW_MARKS = 4;
/** What a gram of grit takes, mL: it lies loose. */
const GRIT_ML_PER_GRAM = 1.3;
const MOST_GRIT = 0.4;

export function glassLevels(
  {
    millilitres,
    oil,
    boric,
    salicylic,
  }: Pick<MixPreview, 'millilitres' | 'oil' | 'boric' | 'salicylic'>,
  unit: BottleUnit = 'mL',
): GlassLevels {
  const fits = GLASSES[unit].find(([size]) => inMillilitres(size, unit) >= millilitres * 1.05);
  const holds = fits ? inMillilitres(fits[0], unit) : millilitres * 1.05;
  const marks = fits?.[1] ?? FEW_MARKS;
  const grit = (boric.grit + salicylic.grit) * GRIT_ML_PER_GRAM;
  return {
    holds,
    marks: Array.from({ length: marks }, (_, at) => ((at + 1) * holds) / marks),
    water: (millilitres - oil) / holds,
    top: millilitres / holds,
    grit: Math.min(MOST_GRIT, grit / holds),
  };
}
