import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { labelOf } from '../form/choice';
import { count } from '../measure/days';

type Ear = Schemas['EarCleaningRequest'];
export type Colour = NonNullable<Ear['colour']>;
export type Smell = NonNullable<Ear['odour']>;
export type Hurt = NonNullable<Ear['hurt']>;

export const COLOURS = WORDS.DischargeKind.filter(({ value }) => value !== 'NONE');

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

/** What a find asks for in one ear, as the server says it of all that it knows of that ear. */
export type Finds = Schemas['WipeSigns'];

/** The worst that was found asks for; by the ear's own answer, where that is at hand. */
export function foundVerdict(
  { colour, odour, hurt }: Noticed,
  finds?: Finds,
): 'STOP' | 'CAUTION' | undefined {
  const said = [colour, odour, hurt];
  if (finds) {
    const asks = [
      colour && finds.colours[colour],
      odour && finds.odours[odour],
      hurt && finds.hurts[hurt],
    ];
    if (asks.includes('STOP') || asks.includes('URGENT')) return 'STOP';
    return asks.includes('CAUTION') ? 'CAUTION' : undefined;
  }
  if (said.some((one) => STOPS.includes(one))) return 'STOP';
  return said.some((one) => CAUTIONS.includes(one)) ? 'CAUTION' : undefined;
}

/** "brown, waxy smell, 5 wipes, squelched" */
export function noticedWords(
  ear: Noticed & { wipes?: number | undefined; squelched?: boolean | undefined },
): string {
  const smell = ear.odour === 'NONE' ? undefined : labelOf(WORDS.Odour, ear.odour);
  return [
    ear.colour === 'NONE' ? undefined : labelOf(COLOURS, ear.colour),
    smell && `${smell} smell`,
    labelOf(WORDS.Hurt, ear.hurt),
    ear.wipes !== undefined && count(ear.wipes, 'wipe'),
    ear.squelched && 'squelched',
  ]
    .filter(Boolean)
    .join(', ');
}
