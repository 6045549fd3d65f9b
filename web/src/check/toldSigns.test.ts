import { describe, expect, it } from 'vitest';
import type { Schemas } from '../api/client';
import { blankCheck, requestOf } from './checkForm';
import { askedByName, isAnswered } from './toldSigns';

type Ears = Parameters<typeof askedByName>[0];
type Seen = Schemas['ToldOpen']['seen'][number];

const TODAY = '2026-11-25';

function told(...seen: Seen[]) {
  return {
    told: { id: 't', by: 'Rona', moment: { day: '2026-11-20' } },
    seen,
    forTheVet: false,
  };
}

const ears = (right: unknown[], left: unknown[]) =>
  ({ right: { told: right }, left: { told: left } }) as unknown as Ears;

describe('what others told', () => {
  it('is asked once of the whole dog, and of each ear by its name', () => {
    const lines = askedByName(ears([told('TILTS', 'HURTS')], [told('TILTS', 'SMELL')]));
    expect(lines.map(({ seen, ear, words }) => [seen, ear, words])).toEqual([
      ['TILTS', undefined, 'holds its head askew'],
      ['HURTS', 'RIGHT', 'it hurts'],
      ['SMELL', 'LEFT', 'a smell'],
    ]);
  });

  it('keeps a check from being saved until it is answered, unless nobody could look', () => {
    const lines = askedByName(ears([told('HURTS')], []));
    const form = blankCheck(TODAY, undefined);
    expect(isAnswered(lines, form)).toBe(false);
    const unseen = { ...form, right: { ...form.right, couldLook: false } };
    expect(isAnswered(lines, unseen)).toBe(true);
    const asked = [
      { told: 't', seen: 'HURTS' as const, ear: 'RIGHT' as const, answer: 'NO' as const },
    ];
    expect(isAnswered(lines, { ...form, asked })).toBe(true);
    expect(requestOf({ ...form, asked }, 'd', 'Europe/London', new Date()).asked).toEqual(asked);
  });
});
