import { describe, expect, it } from 'vitest';
import { Problem } from '../api/problem';
import {
  numberOf,
  poured,
  read,
  refusedWords,
  requestOf,
  written,
  type Ingredient,
  type Pour,
} from './pours';

const VINEGAR: Ingredient = {
  id: 'white-vinegar',
  name: 'White vinegar',
  phase: 'WATER',
  strengths: { ACETIC_ACID: 5 },
  density: 1,
  price: 1,
};
const BORIC: Ingredient = {
  id: 'boric-acid',
  name: 'Boric acid powder',
  phase: 'SOLID',
  strengths: { BORIC_ACID: 100 },
  density: 0.75,
  price: 1,
};
const BUFFER: Ingredient = {
  id: 'tris-edta',
  name: 'Tris-EDTA',
  phase: 'WATER',
  strengths: { EDTA: 0.12, TRIS: 0.6 },
  density: 1,
  price: 1,
};
const SHELF = [VINEGAR, BORIC, BUFFER];

function pour(more: Partial<Pour>): Pour {
  return {
    ingredient: 'white-vinegar',
    amount: '60',
    measure: 'MILLILITRE',
    strength: '',
    ...more,
  };
}

describe('what is poured', () => {
  it('is kept in the address and read again', () => {
    const pours = [pour({}), pour({ ingredient: 'boric-acid', amount: '1/2', strength: '7' })];
    expect(read(written(pours), ['MILLILITRE', 'GRAM'])).toEqual(pours);
  });

  it('asks for one strength where several act, and takes the others along', () => {
    const request = requestOf([pour({ ingredient: 'tris-edta', strength: '1,2' })], SHELF);
    expect(request?.parts[0]?.strengths).toEqual({ TRIS: 1.2, EDTA: 0.24 });
    expect(requestOf([pour({ ingredient: 'tris-edta' })], SHELF)?.parts[0]).not.toHaveProperty(
      'strengths',
    );
  });

  it('leaves out what an address cannot mean', () => {
    expect(read(['water*60*BUCKET', '', '*60*GRAM', 'water'], ['MILLILITRE', 'GRAM'])).toEqual([]);
  });

  it.each([
    ['60', 60],
    [' 2,5 ', 2.5],
    ['', undefined],
    ['a lot', undefined],
    ['-1', -1],
    ['1/2', 0.5],
    ['1 1/2', 1.5],
    ['½', 0.5],
    ['2¼', 2.25],
    ['1/0', undefined],
  ])('takes %o for %o', (text, number) => {
    expect(numberOf(text)).toBe(number);
  });

  it('is asked about as far as it is a number', () => {
    expect(requestOf([pour({}), pour({ amount: '' })], SHELF)).toEqual({
      parts: [{ ingredient: 'white-vinegar', amount: 60, measure: 'MILLILITRE' }],
    });
    expect(requestOf([pour({ amount: '0' })], SHELF)).toBeUndefined();
    expect(requestOf([], SHELF)).toBeUndefined();
  });

  it('is taken from a recipe, as strong as it was', () => {
    const parts = [
      { ingredient: 'white-vinegar', amount: 60.0004 },
      { ingredient: 'boric-acid', amount: 0.499 },
    ];
    expect(poured(parts, [pour({ strength: '7' })], SHELF)).toEqual([
      pour({ amount: '60', strength: '7' }),
      pour({ ingredient: 'boric-acid', amount: '0.499', measure: 'GRAM' }),
    ]);
  });

  it('says which line was refused, in words', () => {
    const fields = [{ field: 'parts[0].amount', message: 'must be 5 L or 5 kg at most' }];
    const pours = [pour({ amount: 'some' }), pour({ amount: '9000' })];
    expect(refusedWords(new Problem(400, 'Nothing was saved', fields), pours, SHELF)).toBe(
      'Line 2 must be 5 L or 5 kg at most.',
    );
    expect(refusedWords(new Problem(0, 'It cannot be reached.'), pours, SHELF)).toBe(
      'It cannot be reached.',
    );
  });

  it('takes the strength of a label, and of a powder none', () => {
    expect(requestOf([pour({ strength: '7' })], SHELF)?.parts[0]?.strengths).toEqual({
      ACETIC_ACID: 7,
    });
    const powder = pour({ ingredient: 'boric-acid', strength: '7' });
    expect(requestOf([powder], SHELF)?.parts[0]?.strengths).toBeUndefined();
  });
});
