import { describe, expect, it, vi } from 'vitest';
import { Tries } from './useTries';

describe('tries of saying something', () => {
  it('go under one id and one instant until it is saved, whenever they are made', () => {
    vi.useFakeTimers({ now: new Date('2026-11-25T18:00:00Z') });
    const tries = new Tries();
    const first = tries.of('dried');
    vi.setSystemTime(new Date('2026-11-26T06:00:00Z'));

    expect(tries.of('dried')).toEqual(first);
    expect(first.at).toBe('2026-11-25T18:00:00.000Z');
    vi.useRealTimers();
  });

  it('of something else, or of the same once it is saved, go under others', () => {
    const tries = new Tries();
    const { id } = tries.of('dried');

    expect(tries.of('swim').id).not.toBe(id);
    expect(tries.saved('dried')).toBe(id);
    expect(tries.of('dried').id).not.toBe(id);
  });
});
