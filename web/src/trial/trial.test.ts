import { expect, it } from 'vitest';
import { listed, missing, requestOf, type TrialDraft } from './trial';

const DRAFT: TrialDraft = {
  protein: ' duck ',
  starch: 'millet',
  foodsSoFar: 'chicken, rice\n beef tins ;\n\n',
  allowed: '',
  startsOn: '2026-03-01',
  days: 56,
};
const WHEN = { dogId: 'sedge', at: '2026-03-01T08:00:00Z', zone: 'Europe/Berlin' };

it('takes foods one a line or with commas, and no empty ones', () => {
  expect(listed(DRAFT.foodsSoFar)).toEqual(['chicken', 'rice', 'beef tins']);
  expect(listed(' \n , ')).toEqual([]);
});

it('sends what was typed, without the blanks around it', () => {
  expect(requestOf(DRAFT, WHEN)).toMatchObject({ protein: 'duck', allowed: [], days: 56 });
});

it('says what is missing', () => {
  expect(missing({ ...DRAFT, protein: ' ', startsOn: '' })).toEqual({
    protein: 'Which protein?',
    startsOn: 'From when?',
  });
  expect(missing(DRAFT)).toEqual({});
});
