import { describe, expect, it } from 'vitest';
import { asksForMore, formOf, nothingTold, saysNothing, type Telling } from './telling';

const AT = new Date('2026-11-30T12:00:00Z');
const NOTHING_KNOWN = { right: [], left: [] };
const told = (change: Partial<Telling>): Telling => ({
  ...nothingTold('2026-11-30'),
  by: ' Ines ',
  ...change,
});

describe('what whoever had the dog tells', () => {
  it('says of each ear what was seen of it, and of both what nobody told apart', () => {
    const sent = formOf(
      told({ seen: ['SMELL', 'RED', 'SHAKES'], where: { SMELL: 'LEFT', RED: 'RIGHT' } }),
      NOTHING_KNOWN,
      AT,
      undefined,
    );

    expect(sent.by).toBe('Ines');
    expect(sent.seen).toEqual(['SHAKES']);
    expect(sent.ears?.left).toEqual({ seen: ['SMELL'], cleaned: false });
    expect(sent.ears?.right).toEqual({ seen: ['RED'], cleaned: false });
  });

  it('says which ear was cleaned, how and what came out', () => {
    const sent = formOf(
      told({ done: ['CLEANED'], cleaned: 'RIGHT', method: 'FILL', load: 2 }),
      NOTHING_KNOWN,
      AT,
      undefined,
    );

    expect(sent.ears?.right).toEqual({ seen: [], cleaned: true, method: 'FILL', load: 2 });
    expect(sent.ears?.left.cleaned).toBe(false);
  });

  it('takes what was only wiped for a wipe, whatever was chosen before', () => {
    const sent = formOf(
      told({ done: ['WIPED'], cleaned: 'LEFT', method: 'FILL' }),
      NOTHING_KNOWN,
      AT,
      undefined,
    );

    expect(sent.ears?.left.method).toBe('WIPE');
  });

  it('leaves the ears apart from it where nobody told them apart', () => {
    const sent = formOf(told({ done: ['CLEANED'] }), NOTHING_KNOWN, AT, undefined);

    expect(sent.done).toEqual(['CLEANED']);
    expect(sent.ears?.right.cleaned).toBe(false);
    expect(sent.ears?.left.cleaned).toBe(false);
  });

  it('asks of a sign that is known in that ear whether it is more, and of no other', () => {
    const known = { right: ['RED' as const], left: [] };

    expect(asksForMore(told({ seen: ['RED'], where: { RED: 'LEFT' } }), known)).toEqual([]);
    expect(asksForMore(told({ seen: ['RED'], where: { RED: 'RIGHT' } }), known)).toEqual(['RED']);
    expect(asksForMore(told({ seen: ['RED', 'SMELL'] }), known)).toEqual(['RED']);
  });

  it('forgets "no more than before" where it is asked no longer', () => {
    const known = { right: ['RED' as const], left: [] };
    const said = told({ seen: ['RED'], noMore: ['RED'] });

    expect(formOf(said, known, AT, undefined).usual).toEqual(['RED']);
    expect(formOf({ ...said, where: { RED: 'LEFT' } }, known, AT, undefined).usual).toEqual([]);
  });

  it('was told no earlier than the medicine was given', () => {
    const gave = new Date('2026-11-30T19:30:00Z');
    const sent = formOf(told({ done: ['GAVE_MEDICINE'] }), NOTHING_KNOWN, AT, gave);

    expect(sent.gaveAt).toBe('2026-11-30T19:30:00.000Z');
    expect(sent.at).toBe(sent.gaveAt);
    expect(formOf(told({ done: [] }), NOTHING_KNOWN, AT, gave).gaveAt).toBeUndefined();
  });

  it('says nothing until something is ticked or written', () => {
    expect(saysNothing(told({}))).toBe(true);
    expect(saysNothing(told({ note: ' ' }))).toBe(true);
    expect(saysNothing(told({ seen: ['RED'] }))).toBe(false);
  });
});
