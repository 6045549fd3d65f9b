import { describe, expect, it } from 'vitest';
import {
  blankCleaning,
  cleaningFormSchema,
  formOf,
  requestOf,
  type CleaningRequest,
  type Saying,
} from './cleaningForm';

const TODAY = '2026-11-25';
const NOW = new Date('2026-11-25T17:45:00Z');
const SAYING: Saying = { dogId: 'dog', zone: 'Europe/Berlin', now: NOW, unit: 'mL' };
const schema = cleaningFormSchema(TODAY, '2024-01-01', 'mL');

function problems(form: object): string[] {
  const result = schema.safeParse({ ...blankCleaning(TODAY), right: 2, ...form });
  return result.success ? [] : result.error.issues.map((issue) => issue.path.join('.'));
}

describe('the cleaning form', () => {
  it('takes one ear or two', () => {
    expect(problems({})).toEqual([]);
    expect(problems({ left: 4 })).toEqual([]);
  });

  it.each([
    ['no ear', { right: null }, 'right'],
    ['a load of 7', { right: 7 }, 'right'],
    ['a day to come', { day: '2026-11-26' }, 'day'],
    ['a day before the birth', { day: '2023-12-31' }, 'day'],
    ['500 mL', { pouredRight: '500' }, 'pouredRight'],
    ['no fill', { fillsLeft: '0' }, 'fillsLeft'],
    ['no day', { day: '' }, 'day'],
    ['a note too long', { note: 'x'.repeat(2001) }, 'note'],
  ])('refuses %s', (_, form, field) => {
    expect(problems(form)).toContain(field);
  });
});

describe('the request', () => {
  it('leaves out the ear that was left alone and an empty note', () => {
    const request = requestOf({ ...blankCleaning(TODAY), right: 3, note: '  ' }, SAYING);
    expect(request.ears).toEqual({ right: { method: 'FILL', load: 3 } });
    expect(request).not.toHaveProperty('note');
  });

  it('sends what was measured, but not for a wipe', () => {
    const ears = (method: 'FILL' | 'WIPE') =>
      requestOf(
        { ...blankCleaning(TODAY, method), right: 3, pouredRight: '13.5', fillsRight: '2' },
        SAYING,
      ).ears;
    expect(ears('FILL')).toEqual({ right: { method: 'FILL', load: 3, poured: 13.5, fills: 2 } });
    expect(ears('WIPE')).toEqual({ right: { method: 'WIPE', load: 3 } });
  });

  it('dates today now, and an earlier day at its noon', () => {
    const at = (day: string) => requestOf({ ...blankCleaning(day), right: 1 }, SAYING).at;
    expect(at(TODAY)).toBe('2026-11-25T17:45:00.000Z');
    expect(at('2026-07-01')).toBe('2026-07-01T10:00:00.000Z');
  });
});

describe('what was noticed', () => {
  it('refuses more wipes than anybody takes, at their field', () => {
    const blank = blankCleaning(TODAY);
    const form = { ...blank, right: 1, noticedRight: { ...blank.noticedRight, wipes: '123' } };
    const issues = cleaningFormSchema(TODAY, undefined, 'mL').safeParse(form).error?.issues ?? [];
    expect(issues.map((issue) => issue.path.join('.'))).toEqual(['noticedRight.wipes']);
  });
});

describe('a correction', () => {
  const said: CleaningRequest = {
    dogId: 'dog',
    at: '2026-11-20T06:10:00Z',
    zone: 'Europe/London',
    ears: {
      right: { method: 'FILL', load: 3, poured: 4.5, fills: 2, wipes: 5, odour: 'WAXY' },
      left: { method: 'WIPE', load: 1, wipes: 2 },
    },
    handled: 'CALM',
    seconds: 480,
    note: 'held still',
  };

  it('that changes nothing says what was said', () => {
    const form = formOf(said, '2026-11-20', 'mL');
    expect(requestOf(form, SAYING, said)).toEqual(said);
  });

  it('in spoons keeps to the last digit what was measured, and reads what is typed anew', () => {
    const spoons: Saying = { ...SAYING, unit: 'tsp' };
    const form = formOf(said, '2026-11-20', 'tsp');
    expect(form.pouredRight).toBe('0.91');
    expect(requestOf(form, spoons, said)).toEqual(said);
    expect(requestOf({ ...form, pouredRight: '1.25' }, spoons, said).ears.right?.poured).toBe(
      6.161,
    );
  });

  it('keeps what the form does not ask, and what each ear was cleaned with', () => {
    const form = { ...formOf(said, '2026-11-20', 'mL'), right: 2 as const, note: '' };
    const { note, ...rest } = said;
    expect(requestOf(form, SAYING, said)).toEqual({
      ...rest,
      ears: { ...said.ears, right: { ...said.ears.right, load: 2 } },
    });
    expect(note).toBe('held still');
  });

  it('keeps what came back out of a syringe only while it was one', () => {
    const ear = { method: 'SYRINGE' as const, load: 1, poured: 9, fills: 2, cameBack: 4.5 };
    const syringe: CleaningRequest = { ...said, ears: { right: ear } };
    const form = formOf(syringe, '2026-11-20', 'mL');

    expect(requestOf(form, SAYING, syringe).ears.right).toEqual(ear);
    expect(requestOf({ ...form, method: 'SOAKED_PAD' }, SAYING, syringe).ears.right).toEqual({
      method: 'SOAKED_PAD',
      load: 1,
      poured: 9,
      fills: 2,
    });
  });

  it('takes an ear out, and sets another way for both', () => {
    const form = { ...formOf(said, '2026-11-20', 'mL'), method: 'WIPE' as const };
    expect(requestOf({ ...form, left: null }, SAYING, said).ears).toEqual({
      right: { method: 'WIPE', load: 3, wipes: 5, odour: 'WAXY' },
    });
  });
});
