import { describe, expect, it } from 'vitest';
import { blankForm, dogFormSchema, formOf, requestOf, litterMateOf } from './dogForm';

const TODAY = '2026-11-25';
const schema = dogFormSchema(TODAY, 'KG');

function problems(form: object): string[] {
  const result = schema.safeParse({ ...blankForm(TODAY), name: 'Fen', ...form });
  return result.success ? [] : result.error.issues.map((issue) => issue.path.join('.'));
}

describe('the dog form', () => {
  it('needs no more than a name', () => {
    expect(problems({})).toEqual([]);
  });

  it.each([
    ['no name', { name: '   ' }, 'name'],
    ['a name too long', { name: 'x'.repeat(61) }, 'name'],
    ['a birth to come', { bornOn: '2026-11-26' }, 'bornOn'],
    ['weight 0', { weightToday: '0' }, 'weightToday'],
    ['weight 300', { weightToday: '300' }, 'weightToday'],
    ['a weight in words', { weightToday: 'heavy' }, 'weightToday'],
    ['an eardrum seen on no day', { eardrum: 'SEEN_INTACT' }, 'eardrumOn'],
    ['an infection to come', { infectedIn: '2026-12' }, 'infectedIn'],
    ['three breeds', { breeds: ['a', 'b', 'c'] }, 'breeds'],
  ])('refuses %s', (_, form, field) => {
    expect(problems(form)).toEqual([field]);
  });

  it.each([
    ['ONE', '2026-05', 'LEFT', { month: '2026-05', ear: 'LEFT' }],
    ['ONE', '2026-05', '', { month: '2026-05' }],
    ['ONE', '', 'LEFT', undefined],
    ['NONE', '2026-05', 'LEFT', undefined],
  ] as const)(
    'tells of %s infection in %s, %s ear',
    (infections, infectedIn, infectedEar, sent) => {
      const form = { ...blankForm(TODAY), name: 'Fen', infectedIn, infectedEar };
      const request = requestOf({ ...form, life: { ...form.life, infections } }, TODAY, 'KG');
      expect(request.life.lastInfection).toEqual(sent);
    },
  );

  it('sends what it was filled with, and leaves out what is empty', () => {
    const request = requestOf(
      { ...blankForm(TODAY), name: 'Fen', weightToday: '27.6' },
      TODAY,
      'LB',
    );
    expect(request).toMatchObject({ name: 'Fen', joinedOn: TODAY });
    expect(request.weights).toEqual([{ on: TODAY, weight: 12.519 }]);
    expect(request).not.toHaveProperty('bornOn');
    expect(request).not.toHaveProperty('reactions');
  });

  it('weighs once a day, and keeps what was weighed before', () => {
    const weights = [
      { on: '2026-01-01', weight: 11 },
      { on: TODAY, weight: 12 },
    ];
    const request = (weightToday: string) =>
      requestOf({ ...blankForm(TODAY), name: 'Fen', weights, weightToday }, TODAY, 'KG');
    expect(request('').weights).toEqual(weights);
    expect(request('13').weights).toEqual([weights[0], { on: TODAY, weight: 13 }]);
  });

  it('is filled with a dog and gives the same back', () => {
    const request = requestOf(
      {
        ...blankForm(TODAY),
        name: 'Fen',
        bornOn: '2020-02-02',
        eardrum: 'SEEN_INTACT',
        eardrumOn: '2026-03-03',
        normal: 'a little wax on the left',
        bites: true,
        needsTwo: true,
        scheduling: 'FIXED',
        fixedDays: '21',
        rung: 'FOLD',
        rungOn: '2026-10-01',
        method: 'SYRINGE',
        deaf: 'LEFT',
        deafSince: '2025-05-01',
      },
      TODAY,
      'KG',
    );
    const {
      joinedOn,
      waterSensitive = false,
      handling,
      ways = {},
      schedule = {},
      deaf = [],
      ...said
    } = request;
    if (!handling) throw new Error('the form always says how it takes being handled');
    const profile = {
      ...said,
      waterSensitive,
      deaf,
      handling: { ...handling, needsTwo: handling.needsTwo ?? false },
      ways,
      own: schedule,
    };
    const form = formOf(
      { id: 'x', addedOn: joinedOn, cleanings: [], cleaned: 0, profile },
      undefined,
    );
    expect(requestOf(form, TODAY, 'KG')).toEqual(request);
  });
});

it('takes over from a litter mate what they share, and nothing that a vet saw or that it had', () => {
  const mate = {
    ...blankForm('2026-11-29'),
    name: 'Fen',
    breeds: ['basset-hound'],
    bornOn: '2024-05-01',
    eardrum: 'SEEN_INTACT' as const,
    eardrumOn: '2026-10-01',
    reactions: 'the green drops',
    bites: true,
    life: {
      ...blankForm('2026-11-29').life,
      water: 'WEEKLY' as const,
      allergy: 'DIAGNOSED' as const,
      infections: 'ONE' as const,
    },
  };
  const { life, ...other } = litterMateOf(mate, '2026-11-30');
  expect(other).toMatchObject({
    name: '',
    breeds: ['basset-hound'],
    bornOn: '2024-05-01',
    joinedOn: '2026-11-30',
    eardrum: 'NEVER_EXAMINED',
    eardrumOn: '',
    reactions: '',
    bites: false,
  });
  expect(life).toMatchObject({ water: 'WEEKLY', allergy: 'NONE', infections: 'NONE' });
});
