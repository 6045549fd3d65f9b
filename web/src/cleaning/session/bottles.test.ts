import { describe, expect, it } from 'vitest';
import { answerOf, insteadOf, type BottleAtHand } from './bottles';
import type { GuidedSession } from './progress';

const because = (suits: 'CARE' | 'NO', sentence: string) => ({
  suits,
  reason: { rule: 'SUITS_BURNS' as const, title: '', numbers: {}, sentence },
});
const answer = (...reasons: ReturnType<typeof because>[]) => ({
  suits: reasons.some(({ suits }) => suits === 'NO')
    ? ('NO' as const)
    : reasons.length > 0
      ? ('CARE' as const)
      : ('OK' as const),
  reasons,
});
const both = (onPad: ReturnType<typeof answer>, inEar: ReturnType<typeof answer>) => ({
  now: { onPad, inEar },
  found: {},
});

function bottle(id: string, right: ReturnType<typeof both>, left = right): BottleAtHand {
  return {
    supply: {
      id,
      kind: 'CLEANER',
      name: id,
      size: 100,
      left: 100,
      countedAt: '2026-11-01T10:00:00Z',
      label: { actives: {} },
      earlier: [],
    },
    ears: { right, left },
  };
}

const burns = because('NO', 'It burns.');
const stings = because('CARE', 'It stings.');

function guided(bottles: BottleAtHand[], left: 'FILL' | 'WIPE'): GuidedSession {
  return {
    session: {
      order: ['RIGHT', 'LEFT'],
      ears: { right: { method: 'FILL' }, left: { method: left } },
    },
    bottles,
  } as unknown as GuidedSession;
}

describe('the bottle of a session', () => {
  it('answers for each ear by how it is cleaned, the worst first', () => {
    const sour = bottle('sour', both(answer(), answer(stings)), both(answer(), answer(burns)));
    expect(answerOf(guided([sour], 'WIPE'), sour)).toEqual(answer(stings));
    expect(answerOf(guided([sour], 'FILL'), sour).suits).toBe('NO');
    expect(answerOf(guided([sour], 'FILL'), sour, 'RIGHT').suits).toBe('CARE');
  });

  it('offers the best of the others, and none where none suits', () => {
    const no = bottle('no', both(answer(burns), answer(burns)));
    const care = bottle('care', both(answer(), answer(stings)));
    const ok = bottle('ok', both(answer(), answer()));
    expect(insteadOf(guided([no, care, ok], 'FILL'), 'no', 'RIGHT')?.supply.id).toBe('ok');
    expect(insteadOf(guided([no, care], 'FILL'), 'no', 'RIGHT')?.supply.id).toBe('care');
    expect(insteadOf(guided([no], 'FILL'), 'x', 'RIGHT')).toBeUndefined();
  });
});
