import type { Schemas } from '../api/client';
import { count } from '../measure/days';

type Ear = Schemas['EarCleaningRequest'];
export type Colour = NonNullable<Ear['colour']>;
export type Smell = NonNullable<Ear['odour']>;
export type Hurt = NonNullable<Ear['hurt']>;

export const COLOURS: readonly { value: Exclude<Colour, 'NONE'>; label: string }[] = [
  { value: 'TAN_WAX', label: 'tan' },
  { value: 'BROWN', label: 'brown' },
  { value: 'BLACK', label: 'black' },
  { value: 'COFFEE_GROUNDS', label: 'dark specks' },
  { value: 'WATERY', label: 'watery' },
  { value: 'YELLOW', label: 'yellow' },
  { value: 'GREEN', label: 'green' },
  { value: 'BLOODY', label: 'bloody' },
];

export const SMELLS: readonly { value: Smell; label: string }[] = [
  { value: 'NONE', label: 'none' },
  { value: 'WAXY', label: 'waxy' },
  { value: 'SWEET', label: 'sweet' },
  { value: 'FOUL', label: 'foul' },
];

export const HURTS: readonly { value: Hurt; label: string }[] = [
  { value: 'FLINCHED', label: 'it flinched' },
  { value: 'CRIED_OUT', label: 'it cried out or pulled away' },
];

/** What was seen, smelled or felt while an ear was cleaned. */
export interface Noticed {
  colour?: Colour | undefined;
  odour?: Smell | undefined;
  hurt?: Hurt | undefined;
}

const STOPS: readonly (Colour | Smell | Hurt | undefined)[] = [
  'YELLOW',
  'GREEN',
  'BLOODY',
  'FOUL',
  'CRIED_OUT',
];
const CAUTIONS: readonly (Colour | Smell | Hurt | undefined)[] = [
  'COFFEE_GROUNDS',
  'SWEET',
  'FLINCHED',
];

/** What that asks for at once, without what else is known of the ear; the server judges all of it. */
export function foundVerdict({ colour, odour, hurt }: Noticed): 'STOP' | 'CAUTION' | undefined {
  const said = [colour, odour, hurt];
  if (said.some((one) => STOPS.includes(one))) return 'STOP';
  return said.some((one) => CAUTIONS.includes(one)) ? 'CAUTION' : undefined;
}

const labelOf = <V extends string>(
  labels: readonly { value: V; label: string }[],
  value: V | undefined,
) => labels.find((one) => one.value === value)?.label;

/** "brown, waxy smell, 5 wipes, squelched" */
export function noticedWords(
  ear: Noticed & { wipes?: number | undefined; squelched?: boolean | undefined },
): string {
  const smell = ear.odour === 'NONE' ? undefined : labelOf(SMELLS, ear.odour);
  return [
    ear.colour === 'NONE' ? undefined : labelOf(COLOURS, ear.colour),
    smell && `${smell} smell`,
    labelOf(HURTS, ear.hurt),
    ear.wipes !== undefined && count(ear.wipes, 'wipe'),
    ear.squelched && 'squelched',
  ]
    .filter(Boolean)
    .join(', ');
}
