import { describe, expect, it } from 'vitest';
import { blankVisit, formOf, requestOf, visitFormSchema, type VisitForm } from './visitForm';

const TODAY = '2026-11-25';
const NOW = new Date('2026-11-25T14:00:00Z');
const SCHEMA = visitFormSchema(TODAY, '2024-01-01');

function visit(right: Partial<VisitForm['right']>, form: Partial<VisitForm> = {}): VisitForm {
  const blank = blankVisit(TODAY);
  return { ...blank, ...form, right: { ...blank.right, ...right } };
}

describe('the form of a visit', () => {
  it('sends nothing that was not said', () => {
    const request = requestOf(blankVisit(TODAY), 'd', 'Europe/London', NOW);
    expect(request.ears.right).toEqual({
      eardrum: 'NOT_SEEN',
      cleaned: false,
      hold: 'NOTHING_SAID',
    });
    expect(request).not.toHaveProperty('next');
  });

  it('tells “do not clean” from an interval', () => {
    const leave = visit({ instruction: 'DO_NOT_CLEAN', until: '2026-12-05', product: 'ignored' });
    expect(requestOf(leave, 'd', 'Europe/London', NOW).ears.right.instruction).toEqual({
      until: '2026-12-05',
    });
    const clean = visit({ instruction: 'CLEAN', everyDays: '3', method: 'SOAKED_PAD' });
    expect(requestOf(clean, 'd', 'Europe/London', NOW).ears.right.instruction).toEqual({
      everyDays: 3,
      method: 'SOAKED_PAD',
    });
  });

  it('reads back what was said', () => {
    const said = visit(
      { smeared: true, cocci: 'MANY', instruction: 'CLEAN', everyDays: '5', hold: 'LIFTED' },
      { next: '2026-12-09', note: 'all well' },
    );
    expect(formOf(requestOf(said, 'd', 'Europe/London', NOW))).toEqual(said);
  });

  it.each([
    [visit({ instruction: 'CLEAN', everyDays: '0' }), 'right.everyDays'],
    [visit({ eardrum: 'NOT_INTACT', hold: 'LIFTED' }), 'right.hold'],
    [visit({}, { next: '2026-11-25' }), 'next'],
    [visit({}, { day: '2026-11-26' }), 'day'],
    [visit({}, { day: '2023-11-26' }), 'day'],
  ])('refuses what cannot be', (form, path) => {
    const issues = SCHEMA.safeParse(form).error?.issues ?? [];
    expect(issues.map((issue) => issue.path.join('.'))).toEqual([path]);
  });
});
