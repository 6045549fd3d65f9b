import type { Schemas } from '../api/client';

export type Ingredient = Schemas['Ingredient'];
export type MixRequest = Schemas['MixRequest'];
export type Measure = NonNullable<Schemas['PartRequest']['measure']>;

/** One line of what is poured: as it was typed. */
export interface Pour {
  ingredient: string;
  amount: string;
  measure: Measure;
  /** How strong it is as it was sold, where that was typed. */
  strength: string;
}

/** What a bench begins with: something to look at and to change. */
export const FIRST: readonly Pour[] = [
  { ingredient: 'white-vinegar', amount: '60', measure: 'MILLILITRE', strength: '' },
  { ingredient: 'water', amount: '60', measure: 'MILLILITRE', strength: '' },
];

const BETWEEN = '*';

/** As the address keeps it: "white-vinegar*60*MILLILITRE". */
export function written(pours: readonly Pour[]): string[] {
  return pours.map(({ ingredient, amount, measure, strength }) =>
    [ingredient, amount, measure, ...(strength ? [strength] : [])].join(BETWEEN),
  );
}

/** What an address says; what cannot be read is left out. */
export function read(said: readonly string[], measures: readonly Measure[]): Pour[] {
  return said.flatMap((line) => {
    const [ingredient = '', amount = '', measure = '', strength = ''] = line.split(BETWEEN);
    const known = measures.find((one) => one === measure);
    return ingredient && known ? [{ ingredient, amount, measure: known, strength }] : [];
  });
}

/** What is typed as a number; none where it is not one yet. */
export function numberOf(text: string): number | undefined {
  const number = Number(text.trim().replace(',', '.'));
  return text.trim() === '' || !Number.isFinite(number) ? undefined : number;
}

/** The one active of an ingredient whose strength is on its label. */
export function labelled(ingredient: Ingredient | undefined): [string, number] | undefined {
  const strengths = Object.entries(ingredient?.strengths ?? {});
  const [only] = strengths;
  return strengths.length === 1 && only && only[1] < 100 ? only : undefined;
}

/** What is asked for: lines whose amount is no number yet are left out. */
export function requestOf(
  pours: readonly Pour[],
  shelf: readonly Ingredient[],
): MixRequest | undefined {
  const parts = pours.flatMap(({ ingredient, amount, measure, strength }) => {
    const known = shelf.find((one) => one.id === ingredient);
    const count = numberOf(amount);
    if (!known || count === undefined) return [];
    const [active] = labelled(known) ?? [];
    const percent = numberOf(strength);
    return [
      {
        ingredient,
        amount: count,
        measure,
        ...(active && percent !== undefined && { strengths: { [active]: percent } }),
      },
    ];
  });
  return parts.some(({ amount }) => amount !== 0) ? { parts } : undefined;
}

/** A recipe as lines: mL of what is poured, g of a powder, as strong as it stands on its line. */
export function poured(
  parts: readonly { ingredient: string; amount: number }[],
  before: readonly Pour[],
  shelf: readonly Ingredient[],
): Pour[] {
  return parts.map(({ ingredient, amount }) => {
    const isPowder = shelf.find((one) => one.id === ingredient)?.phase === 'SOLID';
    return {
      ingredient,
      amount: String(Number(amount.toFixed(3))),
      measure: isPowder ? 'GRAM' : 'MILLILITRE',
      strength: before.find((one) => one.ingredient === ingredient)?.strength ?? '',
    };
  });
}
