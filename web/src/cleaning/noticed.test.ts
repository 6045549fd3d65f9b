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

  it('goes by what its vet had seen of the ear, where the session says it', () => {
    // the vet saw it yellow: only what was not seen then ends the rounds
    const finds = { colours: { GREEN: 'STOP' }, odours: { FOUL: 'STOP' }, hurts: {} } as const;
    expect(foundVerdict({ colour: 'YELLOW' }, finds)).toBeUndefined();
    expect(foundVerdict({ colour: 'GREEN' }, finds)).toBe('STOP');
    expect(foundVerdict({ colour: 'YELLOW', odour: 'FOUL' }, finds)).toBe('STOP');
    expect(foundVerdict({ hurt: 'FLINCHED' }, finds)).toBeUndefined();
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
