import { describe, expect, it } from 'vitest';
import type { EarFinding } from '../../check/signs';
import { answerOf, bottlesAfter, insteadOf, type BottleAtHand } from './bottles';
import type { Found } from './sessionCheck';
import type { GuidedSession } from './progress';
import { WELL } from '../../check/well.fixture';

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

  const unquiet = because('NO', 'It is not quiet.');
  const sore = because('NO', 'It is sore.');
  const pink = because('CARE', 'It is a little red.');

  it.each<[Partial<EarFinding>, string[]]>([
    [{}, []],
    [{ redness: 'MILD' }, [pink.reason.sentence]],
    [{ redness: 'MODERATE' }, [burns.reason.sentence, unquiet.reason.sentence]],
    [
      { redness: 'SEVERE', sores: 'MILD' },
      [burns, sore, unquiet].map((one) => one.reason.sentence),
    ],
    [{ discharge: 'MILD' }, []],
    [{ discharge: 'MODERATE' }, [stings.reason.sentence]],
  ])('after a check that found %j says %j', (right, sentences) => {
    const found = Object.fromEntries(
      Object.entries({
        PINK: pink,
        RED: burns,
        SORE: sore,
        DISCHARGE: stings,
        UNQUIET: unquiet,
      }).map(([one, reason]) => [one, { onPad: answer(), inEar: answer(reason) }]),
    );
    const quiet = { ...both(answer(), answer()), found };
    const table = {
      lines: [
        {
          verdict: 'CAUTION',
          sentence: 'Redness.',
          toDo: '',
          when: { all: [{ sign: 'REDNESS', from: 2, to: 3 }], any: [], given: 'NOTHING' },
        },
      ],
      own: [],
      signs: [],
      kinds: ['NONE'],
      deafnessCounts: true,
    };
    const session = guided([bottle('one', quiet)], 'FILL');
    const before = {
      ...session,
      session: { ...session.session, check: { tables: { right: table, left: table } } },
    } as unknown as GuidedSession;
    const seen = {
      ears: { right: { ...WELL, ...right }, left: WELL },
      dog: { shaking: 'NORMAL', scratching: 'NORMAL' },
    } as unknown as Found;

    const [after] = bottlesAfter(before, seen);

    expect(after?.ears.right.now.inEar.reasons.map((one) => one.reason.sentence)).toEqual(
      sentences,
    );
    expect(after?.ears.left.now.inEar.suits).toBe('OK');
  });
});
