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
    const leave = visit({
      instruction: 'DO_NOT_CLEAN',
      end: 'DAY',
      until: '2026-12-05',
      product: 'ignored',
    });
    expect(requestOf(leave, 'd', 'Europe/London', NOW).ears.right.instruction).toEqual({
      until: '2026-12-05',
    });
    const clean = visit({
      instruction: 'CLEAN',
      howOften: 'EVERY_DAYS',
      number: '3',
      method: 'SOAKED_PAD',
      end: 'OPEN',
    });
    expect(requestOf(clean, 'd', 'Europe/London', NOW).ears.right.instruction).toEqual({
      everyDays: 3,
      method: 'SOAKED_PAD',
    });
  });

  it('counts the day of the visit as the first of ten', () => {
    const order = visit({ instruction: 'CLEAN' });
    expect(requestOf(order, 'd', 'Europe/London', NOW).ears.right.instruction).toEqual({
      timesADay: 2,
      until: '2026-12-04',
    });
  });

  it('reads back what was said of a week, of rounds and on the telephone', () => {
    const said = visit(
      {
        instruction: 'CLEAN',
        howOften: 'TIMES_A_WEEK',
        number: '2',
        atMost: '3',
        rounds: '2',
        end: 'OPEN',
        goOn: true,
        named: ['BLOOD', 'PAIN'],
      },
      { call: true },
    );
    const request = requestOf(said, 'd', 'Europe/London', NOW);

    expect(request.ears.right.instruction).toEqual({
      timesAWeek: 2,
      timesAWeekAtMost: 3,
      rounds: 2,
    });
    expect(request.ears.right.named).toEqual(['BLOOD', 'PAIN']);
    expect(formOf(request)).toEqual(said);
  });

  it('reads back what was said', () => {
    const said = visit(
      {
        smeared: true,
        cocci: 'MANY',
        instruction: 'CLEAN',
        howOften: 'WEEKDAYS',
        weekdays: ['MONDAY', 'THURSDAY'],
        end: 'NEXT_VISIT',
        hold: 'LIFTED',
        medicineUntil: '2026-12-01',
      },
      { next: '2026-12-09', note: 'all well' },
    );
    expect(formOf(requestOf(said, 'd', 'Europe/London', NOW))).toEqual(said);
  });

  it.each([
    [visit({ instruction: 'CLEAN', number: '0' }), 'right.number'],
    [visit({ instruction: 'CLEAN', number: '25' }), 'right.number'],
    [visit({ instruction: 'CLEAN', howOften: 'EVERY_DAYS', number: '0' }), 'right.number'],
    [visit({ instruction: 'CLEAN', howOften: 'WEEKDAYS' }), 'right.weekdays'],
    [visit({ instruction: 'CLEAN', howOften: 'TIMES_A_WEEK', number: '8' }), 'right.number'],
    [
      visit({ instruction: 'CLEAN', howOften: 'TIMES_A_WEEK', number: '3', atMost: '2' }),
      'right.atMost',
    ],
    [visit({ instruction: 'CLEAN', rounds: '11' }), 'right.rounds'],
    [visit({ instruction: 'CLEAN', forDays: '' }), 'right.forDays'],
    [visit({ instruction: 'CLEAN', end: 'DAY', until: '2026-11-24' }), 'right.until'],
    [visit({ instruction: 'CLEAN', hold: 'SET' }), 'right.hold'],
    [visit({ medicineUntil: '2026-11-24' }), 'right.medicineUntil'],
    [visit({ eardrum: 'NOT_INTACT', hold: 'LIFTED' }), 'right.hold'],
    [visit({}, { next: '2026-11-25' }), 'next'],
    [visit({}, { day: '2026-11-26' }), 'day'],
    [visit({}, { day: '2023-11-26' }), 'day'],
  ])('refuses what cannot be', (form, path) => {
    const issues = SCHEMA.safeParse(form).error?.issues ?? [];
    expect(issues.map((issue) => issue.path.join('.'))).toEqual([path]);
  });
});
