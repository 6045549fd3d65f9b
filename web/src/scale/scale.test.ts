import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { simulatedScale } from './simulated';
import { weighing } from './weighing';

describe('the stand-in for a scale', () => {
  beforeEach(() => {
    vi.useFakeTimers();
  });
  afterEach(() => {
    vi.useRealTimers();
  });

  it('streams what lies on it, with its noise, from where it was tared', () => {
    const readings: number[] = [];
    const scale = simulatedScale(() => 1);
    const end = scale.read((grams) => readings.push(grams));
    vi.advanceTimersByTime(200);
    expect(readings).toEqual([182.2]);
    scale.tare();
    scale.pour?.(10);
    vi.advanceTimersByTime(1000);
    scale.pour?.(0);
    vi.advanceTimersByTime(400);
    expect(readings.slice(-2)).toEqual([10.2, 10.2]);
    end();
    vi.advanceTimersByTime(1000);
    expect(readings).toHaveLength(8);
  });
});

describe('weighing in', () => {
  it.each([
    [0, 50, 'under', '50 g more.'],
    [45.5, 50, 'under', '4.5 g more.'],
    [49.2, 50, 'there', 'There: stop.'],
    [50.9, 50, 'there', 'There: stop.'],
    [55, 50, 'over', '5.0 g too much: take that out again, or take all else times 1.10.'],
    [2.1, 2, 'there', 'There: stop.'],
    [2.4, 2, 'over', '0.4 g too much: take that out again, or take all else times 1.20.'],
  ])('of %f g where %f g are wanted is %s', (reading, target, stands, words) => {
    expect(weighing(reading, target)).toMatchObject({ stands, words });
  });
});
