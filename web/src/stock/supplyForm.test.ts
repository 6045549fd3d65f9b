import { describe, expect, it } from 'vitest';
import { blankSupply, formOf, requestOf, supplyFormSchema } from './supplyForm';

const NOW = new Date('2026-11-25T18:00:00Z');
const schema = supplyFormSchema('2026-11-25', 'mL');

function refused(change: object): string[] {
  const result = schema.safeParse({ ...blankSupply('mL'), name: 'The green bottle', ...change });
  return result.success ? [] : result.error.issues.map((issue) => issue.path.join('.'));
}

describe('the form of a bottle or pack', () => {
  it('refuses what cannot be, at the field', () => {
    expect(refused({})).toEqual([]);
    expect(refused({ name: ' ' })).toEqual(['name']);
    expect(refused({ left: '251' })).toEqual(['left']);
    expect(refused({ size: '0', left: '0' })).toEqual(['size']);
    expect(refused({ openedOn: '2026-11-26' })).toEqual(['openedOn']);
  });

  it('says what a cleaner does, and leaves that out for wipes', () => {
    expect(
      requestOf({ ...blankSupply('mL'), name: 'x', cleaner: 'GENTLE' }, NOW, 'mL'),
    ).toMatchObject({
      cleaner: 'GENTLE',
    });
    expect(
      requestOf({ ...blankSupply('mL'), kind: 'WIPES', name: 'x' }, NOW, 'mL'),
    ).not.toHaveProperty('cleaner');
  });

  it('counts one anew from what is thought to be left', () => {
    const supply: Parameters<typeof formOf>[0] = {
      id: 'x',
      kind: 'WIPES',
      name: 'Pads',
      size: 80,
      left: 60,
      countedAt: '2026-11-01T10:00:00Z',
      label: { actives: {} },
      earlier: [],
    };
    expect(requestOf(formOf(supply, 41.6, 'mL'), NOW, 'mL')).toEqual({
      kind: 'WIPES',
      name: 'Pads',
      size: 80,
      left: 42,
      countedAt: NOW.toISOString(),
      label: { actives: {} },
    });
  });

  it('is typed in fluid ounces where those are the household’s', () => {
    const ounces = supplyFormSchema('2026-11-25', 'fl oz');
    const form = { ...blankSupply('fl oz'), name: 'The green bottle', left: '2.5' };
    expect(ounces.safeParse(form).success).toBe(true);
    expect(requestOf(form, NOW, 'fl oz')).toMatchObject({ size: 236.592, left: 73.935 });
    const [issue] = ounces.safeParse({ ...form, size: '900' }).error?.issues ?? [];
    expect(issue?.message).toBe('From 0.03 to 338.13.');
  });
});
