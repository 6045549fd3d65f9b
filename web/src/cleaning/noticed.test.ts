import { describe, expect, it } from 'vitest';
import { foundVerdict, noticedWords } from './noticed';

describe('what is noticed while cleaning', () => {
  it.each([
    [{}, undefined],
    [{ colour: 'BROWN', odour: 'WAXY' }, undefined],
    [{ colour: 'WATERY' }, undefined],
    [{ colour: 'YELLOW' }, 'STOP'],
    [{ colour: 'GREEN' }, 'STOP'],
    [{ colour: 'BLOODY' }, 'STOP'],
    [{ colour: 'COFFEE_GROUNDS' }, 'CAUTION'],
    [{ odour: 'SWEET' }, 'CAUTION'],
    [{ odour: 'FOUL' }, 'STOP'],
    [{ hurt: 'FLINCHED' }, 'CAUTION'],
    [{ hurt: 'CRIED_OUT' }, 'STOP'],
  ] as const)('asks at once for what %o asks for', (noticed, verdict) => {
    expect(foundVerdict(noticed)).toBe(verdict);
  });

  it('is told in words', () => {
    const ear = {
      colour: 'GREEN',
      odour: 'FOUL',
      hurt: 'FLINCHED',
      wipes: 1,
      squelched: true,
    } as const;
    expect(noticedWords(ear)).toBe('green, foul smell, flinched, 1 wipe, squelched');
    expect(noticedWords({ colour: 'NONE', odour: 'NONE' })).toBe('');
  });
});
