import { describe, expect, it } from 'vitest';
import { blankForm, dogFormSchema, formOf, requestOf } from './dogForm';

const TODAY = '2026-11-25';
const schema = dogFormSchema(TODAY);

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
    ['weight 0', { weight: '0' }, 'weight'],
    ['weight 300', { weight: '300' }, 'weight'],
    ['a weight in words', { weight: 'heavy' }, 'weight'],
    ['three breeds', { breeds: ['a', 'b', 'c'] }, 'breeds'],
  ])('refuses %s', (_, form, field) => {
    expect(problems(form)).toEqual([field]);
  });

  it('sends what it was filled with, and leaves out what is empty', () => {
    const request = requestOf({ ...blankForm(TODAY), name: 'Fen', weight: '12.5' });
    expect(request).toMatchObject({ name: 'Fen', weight: 12.5, joinedOn: TODAY });
    expect(request).not.toHaveProperty('bornOn');
  });

  it('is filled with a dog and gives the same back', () => {
    const request = requestOf({
      ...blankForm(TODAY),
      name: 'Fen',
      weight: '12.5',
      bornOn: '2020-02-02',
    });
    const { joinedOn, ...profile } = request;
    const form = formOf({ id: 'x', addedOn: joinedOn, cleanings: [], profile });
    expect(requestOf(form)).toEqual(request);
  });
});
