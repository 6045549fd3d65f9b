import { describe, expect, it } from 'vitest';
import { emptyOwn, missing, oilOf, requestOf } from './own';

const WHEN = { dogId: 'sedge', at: '2026-03-01T08:00:00Z', zone: 'Europe/Berlin' };
const DROPS = { ...emptyOwn('2026-03-01'), what: ' Oil drops ' };
const OIL = { ...emptyOwn('2026-03-01').oil, epa: '300', dha: '200,5', amount: '2' };

describe('what somebody gives on their own', () => {
  it('goes into the ears that are named, from the bottle that is named', () => {
    expect(requestOf({ ...DROPS, goes: 'LEFT', supplyId: 'bottle' }, WHEN)).toMatchObject({
      what: 'Oil drops',
      ears: ['LEFT'],
      supplyId: 'bottle',
      howOften: { timesADay: 1 },
    });
  });

  it('names no ear and no bottle where it is fed', () => {
    const said = requestOf({ ...DROPS, goes: 'FED', supplyId: 'bottle' }, WHEN);
    expect(said.ears).toEqual([]);
    expect(said).not.toHaveProperty('supplyId');
  });

  it('tells an oil by its label, once that is typed', () => {
    expect(oilOf({ ...DROPS, oil: OIL })).toMatchObject({ epa: 300, dha: 200.5, amount: 2 });
    expect(oilOf({ ...DROPS, oil: { ...OIL, dha: '' } })).toBeUndefined();
    expect(oilOf({ ...DROPS, oil: { ...OIL, amount: '0' } })).toBeUndefined();
  });

  it('needs the grams of a capsule where the label goes by another measure', () => {
    const spoon = { ...OIL, per: 'TEASPOON' } as const;
    expect(oilOf({ ...DROPS, oil: spoon })).toBeUndefined();
    expect(oilOf({ ...DROPS, oil: { ...spoon, capsuleGrams: '1' } })).toMatchObject({
      capsuleGrams: 1,
    });
  });

  it('takes oil from plants to have neither EPA nor DHA', () => {
    expect(oilOf({ ...DROPS, oil: { ...OIL, source: 'PLANT' } })).toMatchObject({ epa: 0, dha: 0 });
  });

  it('says what is missing', () => {
    expect(missing({ ...DROPS, to: '2026-02-01' })).toEqual({ to: 'Before its first day' });
    expect(missing({ ...DROPS, goes: 'FED', isOil: true })).toHaveProperty('oil');
    expect(missing(DROPS)).toEqual({});
  });
});
