/** So near is there: the scale itself is no better. */
const NEAR = 0.02;
const NEAR_GRAMS = 0.2;

export interface Weighing {
  stands: 'under' | 'there' | 'over';
  /** How full, from nothing to one. */
  share: number;
  /** What to do, in a sentence. */
  words: string;
  /** By how much everything else has to be more, where too much is in. */
  factor?: number;
}

function grams(number: number): string {
  return number < 10 ? number.toFixed(1) : String(Math.round(number));
}

/** Where a reading stands against its target; an overshoot says what it means for the rest. */
export function weighing(reading: number, target: number): Weighing {
  const near = Math.max(NEAR_GRAMS, NEAR * target);
  const share = Math.min(1, Math.max(0, reading / target));
  if (reading < target - near) {
    return { stands: 'under', share, words: `${grams(target - reading)} g more.` };
  }
  if (reading <= target + near) return { stands: 'there', share, words: 'There: stop.' };
  const factor = reading / target;
  return {
    stands: 'over',
    share,
    factor,
    words: `${grams(reading - target)} g too much: take that out again, or take all else times ${factor.toFixed(2)}.`,
  };
}
