import { describe, expect, it } from 'vitest';
import { find, named, titlesOf } from './paragraphs';
import type { Rulebook } from './useRulebook';

const BOOK = {
  sections: [
    {
      title: 'The verdict',
      ownValues: true,
      text: 'CHECK_PAIN 2 is no liquid.\n\nCHECK_WAX: wax of grade 2.',
      rules: ['CHECK_PAIN', 'CHECK_WAX'],
    },
    {
      title: 'The date',
      ownValues: true,
      text: 'PLAN_DATE: the last one and the interval.',
      rules: ['PLAN_DATE'],
    },
  ],
  entries: [
    { rule: 'CHECK_PAIN', title: 'Pain', source: { published: false, citation: '' } },
    { rule: 'CHECK_WAX', title: 'Wax', source: { published: false, citation: '' } },
    { rule: 'PLAN_DATE', title: 'The date', source: { published: false, citation: '' } },
  ],
} as unknown as Rulebook;

describe('the rulebook', () => {
  it('is all there where nothing is looked for', () => {
    expect(find(BOOK, '', null).map(({ paragraphs }) => paragraphs.length)).toEqual([2, 1]);
  });

  it('is searched by the words that people read, rules by their titles', () => {
    expect(find(BOOK, 'pain liquid', null)).toMatchObject([
      { title: 'The verdict', paragraphs: ['CHECK_PAIN 2 is no liquid.'] },
    ]);
    expect(find(BOOK, 'pain wax', null)).toEqual([]);
  });

  it('shows where one rule is told', () => {
    expect(find(BOOK, '', 'CHECK_WAX')).toMatchObject([
      { paragraphs: ['CHECK_WAX: wax of grade 2.'] },
    ]);
  });

  it('names a rule by its title, and leaves other capitals alone', () => {
    expect(
      named('CHECK_PAIN and NOT_A_RULE', titlesOf(BOOK), (title, id) => `[${title}](${id})`),
    ).toBe('[Pain](CHECK_PAIN) and NOT_A_RULE');
  });
});
