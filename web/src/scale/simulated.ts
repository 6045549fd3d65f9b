import type { Scale } from './scale';

const EVERY_MS = 200;
const SECOND_MS = 1000;
const NOISE_GRAMS = 0.15;
const BOWL_GRAMS = 182;
const TENTHS = 10;

/** A stand-in for a kitchen scale: a bowl on it, noise in it, and something that can be poured. */
export function simulatedScale(random: () => number = Math.random): Scale {
  let load = BOWL_GRAMS;
  let zero = 0;
  let rate = 0;
  return {
    name: 'simulated scale',
    read: (onReading) => {
      const timer = setInterval(() => {
        load += (rate * EVERY_MS) / SECOND_MS;
        const noise = (2 * random() - 1) * NOISE_GRAMS;
        onReading(Math.round((load - zero + noise) * TENTHS) / TENTHS);
      }, EVERY_MS);
      return () => {
        rate = 0;
        clearInterval(timer);
      };
    },
    tare: () => {
      zero = load;
    },
    pour: (gramsPerSecond) => {
      rate = gramsPerSecond;
    },
  };
}
