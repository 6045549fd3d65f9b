import type { Schemas } from '../api/client';
import { Problem } from '../api/problem';
import { millilitres, volumeNumber, type BottleUnit } from '../measure/units';

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
  /** What one holds: a capsule, mL or g; of a dropper, how many drops are 1 mL. */
  each?: string;
}

/** In what a liquid is poured as a rule. */
export const POURED_IN: Record<BottleUnit, Measure> = { mL: 'MILLILITRE', 'fl oz': 'FLUID_OUNCE' };

/** What a bench begins with: something to look at and to change. */
export function firstPours(unit: BottleUnit): readonly Pour[] {
  const half = { amount: unit === 'mL' ? '60' : '2', measure: POURED_IN[unit], strength: '' };
  return [
    { ingredient: 'white-vinegar', ...half },
    { ingredient: 'water', ...half },
  ];
}

const BETWEEN = '*';

/** As the address keeps it: "white-vinegar*60*MILLILITRE". */
export function written(pours: readonly Pour[]): string[] {
  return pours.map(({ ingredient, amount, measure, strength, each }) =>
    [
      ingredient,
      amount,
      measure,
      ...(strength || each ? [strength] : []),
      ...(each ? [each] : []),
    ].join(BETWEEN),
  );
}

/** What an address says; what cannot be read is left out. */
export function read(said: readonly string[], measures: readonly Measure[]): Pour[] {
  return said.flatMap((line) => {
    const [ingredient = '', amount = '', measure = '', strength = '', each = ''] =
      line.split(BETWEEN);
    const known = measures.find((one) => one === measure);
    return ingredient && known
      ? [{ ingredient, amount, measure: known, strength, ...(each && { each }) }]
      : [];
  });
}

const GLYPHS: Record<string, string> = { '½': ' 1/2', '¼': ' 1/4', '¾': ' 3/4' };
const FRACTION = /^(?:(\d+) +)?(\d+)\/([1-9]\d*)$/;

/** What is typed as a number, "2,5" and "1 1/2" too; none where it is not one yet. */
export function numberOf(text: string): number | undefined {
  const typed = text.replace(/[½¼¾]/g, (glyph) => GLYPHS[glyph] ?? glyph).trim();
  const fraction = FRACTION.exec(typed);
  if (fraction) {
    const [, whole = '0', part, of] = fraction;
    return Number(whole) + Number(part) / Number(of);
  }
  const number = Number(typed.replace(',', '.'));
  return typed === '' || !Number.isFinite(number) ? undefined : number;
}

/** The millilitres of what is typed, where it is a number. */
export function millilitresOf(text: string, unit: BottleUnit): number | undefined {
  const number = numberOf(text);
  return number === undefined ? undefined : millilitres(number, unit);
}

/** A volume as it would be typed: whole millilitres, or tenths of an ounce. */
export function typedVolume(millilitres: number, unit: BottleUnit): string {
  return unit === 'mL'
    ? String(Math.round(millilitres))
    : String(Number(Number(volumeNumber(millilitres, unit)).toFixed(1)));
}

/** Whether a line is asked about: its ingredient is on the shelf, its amount a number. */
function isSent({ ingredient, amount }: Pour, shelf: readonly Ingredient[]): boolean {
  return shelf.some((one) => one.id === ingredient) && numberOf(amount) !== undefined;
}

/** What was refused, by the number of its line; or the sentence where it is of none. */
export function refusedWords(
  problem: Error,
  pours: readonly Pour[],
  shelf: readonly Ingredient[],
): string {
  const sent = pours.flatMap((pour, at) => (isSent(pour, shelf) ? [at + 1] : []));
  const fields = problem instanceof Problem ? problem.fields : [];
  const lines = fields.flatMap(({ field, message }) => {
    const at = /^parts\[(\d+)\]/.exec(field)?.[1];
    return at === undefined ? [] : [`Line ${sent[Number(at)] ?? at} ${message}.`];
  });
  return lines.length > 0 ? lines.join(' ') : problem.message;
}

/** The active of an ingredient whose strength its label says: of several, the strongest. */
export function labelled(ingredient: Ingredient | undefined): [string, number] | undefined {
  const [most] = Object.entries(ingredient?.strengths ?? {}).sort(
    ([, one], [, other]) => other - one,
  );
  return most && most[1] < 100 ? most : undefined;
}

/** All that is in it, where that one is as strong as was typed: what is sold is sold as one. */
function asStrong(ingredient: Ingredient, percent: number): Record<string, number> {
  const [active, usual] = labelled(ingredient) ?? [];
  return Object.fromEntries(
    Object.entries(ingredient.strengths).map(([one, strength]) => [
      one,
      one === active ? percent : (strength * percent) / (usual ?? 1),
    ]),
  );
}

/** What one of it holds, mL or g, where that is asked for and was typed. */
function eachOf({ measure, each = '' }: Pour): number | undefined {
  const number = numberOf(each);
  if (number === undefined || number <= 0) return undefined;
  return measure === 'DROP' ? 1 / number : measure === 'CAPSULE' ? number : undefined;
}

/** What is asked for: lines whose amount is no number yet are left out. */
export function requestOf(
  pours: readonly Pour[],
  shelf: readonly Ingredient[],
  millilitres?: number,
): MixRequest | undefined {
  const parts = pours.flatMap((pour) => {
    const { ingredient, amount, measure, strength } = pour;
    const each = eachOf(pour);
    const known = shelf.find((one) => one.id === ingredient);
    const count = numberOf(amount);
    if (!known || count === undefined) return [];
    const percent = labelled(known) && numberOf(strength);
    return [
      {
        ingredient,
        amount: count,
        measure,
        ...(each !== undefined && { each }),
        ...(percent !== undefined && { strengths: asStrong(known, percent) }),
      },
    ];
  });
  if (!parts.some(({ amount }) => amount !== 0)) return undefined;
  return { parts, ...(millilitres !== undefined && { millilitres }) };
}

/** The same, so many times as much; what is no number stays as it was typed. */
export function scaled(pours: readonly Pour[], factor: number): Pour[] {
  return pours.map((pour) => {
    const amount = numberOf(pour.amount);
    return amount === undefined
      ? pour
      : { ...pour, amount: String(Number((amount * factor).toPrecision(3))) };
  });
}

/** A recipe as it was said, as lines. */
export function said(parts: MixRequest['parts'], shelf: readonly Ingredient[]): Pour[] {
  return parts.map(({ ingredient, amount, measure, strengths }) => {
    const known = shelf.find((one) => one.id === ingredient);
    const [active] = labelled(known) ?? [];
    const strength = active && strengths?.[active];
    return {
      ingredient,
      amount: String(Number(amount.toFixed(3))),
      measure: measure ?? (known?.phase === 'SOLID' ? 'GRAM' : 'MILLILITRE'),
      strength: strength === undefined ? '' : String(strength),
    };
  });
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

/** What was poured, in mL and g, as strong as it was sold. */
export function inMeasures(
  parts: MixRequest['parts'],
  amounts: readonly { ingredient: string; amount: number }[],
): MixRequest['parts'] {
  return amounts.map(({ ingredient, amount }, at) => {
    const strengths = parts[at]?.strengths;
    return { ingredient, amount, ...(strengths && { strengths }) };
  });
}
