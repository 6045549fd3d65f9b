import { describe, expect, it } from 'vitest';
import {
  blankCheck,
  formOf,
  isComplete,
  missingSigns,
  requestOf,
  worthSaying,
  type EarForm,
} from './checkForm';
import type { EarFinding } from './signs';

const TODAY = '2026-11-25';
const NOW = new Date('2026-11-25T09:30:00Z');
const WELL: EarFinding = {
  couldLook: true,
  redness: 'NONE',
  swelling: 'NONE',
  sores: 'NONE',
  discharge: 'MILD',
  dischargeKind: 'BROWN',
  odour: 'WAXY',
  pain: 'NONE',
  seen: [],
  hearing: 'TURNED',
};
const LOOKED: Partial<EarForm> = { looked: true };

describe('the form of a check', () => {
  it.each([
    [['LUMP'], { place: 'CANAL', millimetres: 4 }, { place: 'CANAL', millimetres: 4 }],
    [['LUMP_BLOCKING'], { place: 'FLAP', millimetres: 100 }, { place: 'FLAP', millimetres: 100 }],
    [['LUMP'], { place: 'CANAL' }, undefined],
    [['LUMP'], { place: 'CANAL', millimetres: 0.5 }, undefined],
    [['LUMP'], { place: 'CANAL', millimetres: 101 }, undefined],
    [[], { place: 'CANAL', millimetres: 4 }, undefined],
  ] as const)('of %o sends a lump as far as it was measured: %o', (seen, lump, sent) => {
    const blank = blankCheck(TODAY, { right: WELL, left: WELL });
    const form = { ...blank, right: { ...blank.right, seen: [...seen], lump } };
    expect(requestOf(form, 'd', 'Europe/London', NOW).ears.right.lump).toEqual(sent);
  });

  it('starts from what is normal, and wants both ears looked at', () => {
    const blank = blankCheck(TODAY, { right: WELL, left: WELL });
    expect(missingSigns(blank.right)).toEqual([]);
    expect(blank.right.hearing).toBe('NOT_TRIED');
    expect(isComplete(blank)).toBe(false);
    expect(isComplete({ ...blank, right: { ...blank.right, ...LOOKED } })).toBe(false);
    expect(
      isComplete({
        ...blank,
        right: { ...blank.right, ...LOOKED },
        left: { ...blank.left, ...LOOKED },
      }),
    ).toBe(true);
  });

  it('has every sign to be looked for where nothing may be pre-filled', () => {
    const blank = blankCheck(TODAY, undefined);
    expect(missingSigns(blank.left)).toEqual([
      'redness',
      'swelling',
      'sores',
      'discharge',
      'odour',
      'pain',
    ]);
  });

  it('wants to know what a discharge looks like', () => {
    const { right } = blankCheck(TODAY, { right: WELL, left: WELL });
    expect(missingSigns({ ...right, discharge: 'MILD', dischargeKind: undefined })).toEqual([
      'kind of discharge',
    ]);
    expect(missingSigns({ ...right, discharge: 'NONE', dischargeKind: undefined })).toEqual([]);
  });

  it('says that an ear may be cleaned only when every sign of it was looked for', () => {
    const reasons = [
      { verdict: 'STOP', words: 'pain' },
      { verdict: 'CLEAN', words: 'no worse than then' },
      { verdict: 'LEAVE', words: 'quiet' },
    ] as const;
    const words = (form: EarForm) => worthSaying(reasons, form).map((reason) => reason.words);
    expect(words(blankCheck(TODAY, undefined).right)).toEqual(['pain']);
    expect(words(blankCheck(TODAY, { right: WELL, left: WELL }).right)).toEqual([
      'pain',
      'no worse than then',
    ]);
  });

  it('sends no kind without discharge, nor answers that were not given', () => {
    const blank = blankCheck(TODAY, { right: { ...WELL, discharge: 'NONE' }, left: WELL });
    const request = requestOf(blank, 'd', 'Europe/London', NOW);
    expect(request.ears.right.dischargeKind).toBe('NONE');
    expect(request.ears.left.dischargeKind).toBe('BROWN');
    expect(request.dog).not.toHaveProperty('pawed');
    expect(request.at).toBe('2026-11-25T09:30:00.000Z');
    expect(requestOf({ ...blank, day: '2026-11-20' }, 'd', 'Europe/London', NOW).at).toBe(
      '2026-11-20T12:00:00.000Z',
    );
  });

  it('reads back what was said', () => {
    const blank = blankCheck(TODAY, { right: WELL, left: WELL });
    const said = { ...blank, dog: { ...blank.dog, pawed: 'LEFT' as const }, note: 'calm' };
    const again = formOf(requestOf(said, 'd', 'Europe/London', NOW));
    expect(again.dog).toEqual(said.dog);
    expect(again.note).toBe('calm');
    expect(again.right).toMatchObject({ dischargeKind: 'BROWN', looked: true });
  });

  it('says nothing of an ear that nobody could look at but that it pulled away, and how it smells', () => {
    const blank = blankCheck(TODAY, { right: WELL, left: WELL });
    const unseen = {
      ...blank.right,
      couldLook: false,
      redness: 'SEVERE' as const,
      odour: 'FOUL' as const,
      pain: 'MODERATE' as const,
    };
    const form = { ...blank, right: unseen, left: { ...blank.left, looked: true } };
    expect(isComplete(form)).toBe(true);
    expect(missingSigns(unseen)).toEqual([]);
    const { right, left } = requestOf(form, 'd', 'Europe/London', NOW).ears;
    expect(right).toMatchObject({
      couldLook: false,
      redness: 'NONE',
      pain: 'MODERATE',
      odour: 'FOUL',
    });
    expect(left).toMatchObject({ discharge: 'MILD' });
  });
});
