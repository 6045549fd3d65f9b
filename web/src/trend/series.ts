import { VERDICT_COLOURS, type Verdict } from '../check/verdicts';
import { loadWord } from '../cleaning/load';
import { exposureWords, isWet } from '../exposure/kinds';
import { labelOf } from '../form/choice';
import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import { count, dateWithYear, type Day } from '../measure/days';
import { earName, ofSide, SIDES, type Side } from '../measure/side';
import type { Table } from './table';

export type DogTrends = Schemas['DogTrends'];
export type EarChoice = Side | 'BOTH';

/** A value of one ear on a day. */
export interface Point {
  key: string;
  day: Day;
  side: Side;
  value: number;
  /** The ends of its band, where it has one. */
  low?: number;
  high?: number;
  /** Whether it stands out, so that it is drawn full. */
  isFull: boolean;
  colour: string;
  words: string;
}

export function sidesOf(ear: EarChoice): readonly Side[] {
  return ear === 'BOTH' ? SIDES : [ear];
}

const isQuiet = (verdict: Verdict) => verdict === 'LEAVE' || verdict === 'CLEAN';

const palette = (path: string) => `var(--mui-palette-${path.replace('.', '-')})`;

/** The score of each ear at each check. */
export function scores({ marks }: DogTrends, ear: EarChoice): Point[] {
  return marks.checks.flatMap((check) =>
    sidesOf(ear).flatMap((side) => {
      const value = ofSide(check.scores, side);
      if (value === undefined) return [];
      const verdict = ofSide(check.verdicts, side);
      return {
        key: `${check.id} ${side}`,
        day: check.day,
        side,
        value,
        isFull: !isQuiet(verdict),
        colour: palette(VERDICT_COLOURS[verdict]),
        words: `${dateWithYear(check.day)}, ${earName(side)}: score ${value} of 12, ${labelOf(WORDS.Verdict, verdict)}`,
      };
    }),
  );
}

/** What came out of each ear. */
export function loads({ loads: all }: DogTrends, ear: EarChoice): Point[] {
  return sidesOf(ear)
    .flatMap((side) =>
      ofSide(all, side).flatMap(({ day, load, inCanal = false }) =>
        // what came out is not known of every cleaning that others did
        load === undefined
          ? []
          : {
              key: `${day} ${side}`,
              day,
              side,
              value: load,
              isFull: inCanal,
              colour: palette('mark.load'),
              words: `${dateWithYear(day)}, ${earName(side)}: ${loadWord(load)} load, ${inCanal ? 'cleaned in the canal' : 'wiped'}`,
            },
      ),
    )
    .sort((a, b) => a.day.localeCompare(b.day));
}

/** The interval of each ear with its band, after each of its cleanings. */
export function intervals({ intervals: all }: DogTrends, ear: EarChoice): Point[] {
  return sidesOf(ear)
    .flatMap((side) =>
      ofSide(all, side).map(({ day, days, band }) => ({
        key: `${day} ${side}`,
        day,
        side,
        value: days,
        low: band.shortest,
        high: band.longest,
        isFull: true,
        colour: palette('primary.main'),
        words: `${dateWithYear(day)}, ${earName(side)}: ${count(days, 'day')}, four times in five ${band.shortest} to ${band.longest}`,
      })),
    )
    .sort((a, b) => a.day.localeCompare(b.day));
}

/** Something that happened to the dog. */
export interface Happening {
  key: string;
  day: Day;
  to?: Day;
  kind: 'wet' | 'other' | 'cleaned' | 'visited' | 'course';
  ears: readonly Side[];
  words: string;
}

/** What happened in that time, oldest first. */
export function happenings({ marks, to }: DogTrends, ear: EarChoice): Happening[] {
  const shown = sidesOf(ear);
  const all: Happening[] = [
    ...marks.exposures.map((one) => ({
      key: one.id,
      day: one.firstDay,
      to: one.lastDay,
      kind: isWet(one.kind) ? ('wet' as const) : ('other' as const),
      ears: [],
      words: exposureWords(one, to),
    })),
    ...marks.cleanings.map((one) => ({
      key: one.id,
      day: one.moment.day,
      kind: 'cleaned' as const,
      ears: shown.filter((side) => ofSide(one.ears, side)),
      words: 'cleaned',
    })),
    ...marks.visits.map(({ id, day }) => ({
      key: id,
      day,
      kind: 'visited' as const,
      ears: [],
      words: 'at the vet',
    })),
    ...marks.courses.map((one) => ({
      key: one.id,
      day: one.from,
      to: one.to,
      kind: 'course' as const,
      ears: shown.filter((side) => one.ears.includes(side)),
      words: `${one.what} begins`,
    })),
  ];
  return all
    .filter((one) => one.ears.length > 0 || ['wet', 'other', 'visited'].includes(one.kind))
    .sort((a, b) => a.day.localeCompare(b.day));
}

/** A chart's points as a table, a row for each day, with what happened where that is given. */
export function tableOf(
  points: readonly Point[],
  ear: EarChoice,
  value: (point: Point) => string,
  happened: readonly Happening[] = [],
): Table {
  const days = [...new Set([...points, ...happened].map(({ day }) => day))].sort();
  const sides = sidesOf(ear);
  return {
    columns: [
      'Day',
      ...sides.map((side) => (side === 'RIGHT' ? 'Right ear' : 'Left ear')),
      ...(happened.length > 0 ? ['What happened'] : []),
    ],
    rows: days.map((day) => [
      day,
      ...sides.map((side) =>
        points
          .filter((one) => one.day === day && one.side === side)
          .map(value)
          .join('; '),
      ),
      ...(happened.length > 0
        ? [
            happened
              .filter((one) => one.day === day)
              .map(({ words }) => words)
              .join('; '),
          ]
        : []),
    ]),
  };
}
