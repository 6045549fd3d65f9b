import { loadWord } from '../cleaning/load';
import { shortDate, type Day } from '../measure/days';
import { earsName, ofSide, SIDES, type Side } from '../measure/side';
import type { DogToday } from '../view/useToday';
import type { Kind } from './kinds';

/** Something that was done on a day, as a month shows it. */
export interface DoneOn {
  key: string;
  day: Day;
  kind: Extract<Kind, 'CLEAN' | 'CHECK' | 'VISIT'>;
  ears: readonly Side[];
  words: string;
}

/** What was done to a dog in the last weeks, the earliest first. */
export function doneOf(dog: Pick<DogToday, 'recent' | 'checks' | 'visits'>): DoneOn[] {
  const cleaned = dog.recent.map((cleaning): DoneOn => {
    const ears = SIDES.filter((side) => ofSide(cleaning.ears, side));
    const loads = ears.map((side) => loadWord(ofSide(cleaning.ears, side)?.load ?? 0));
    return {
      key: cleaning.id,
      day: cleaning.moment.day,
      kind: 'CLEAN',
      ears,
      words: `${earsName(ears)} cleaned: ${loads.join(', ')}`,
    };
  });
  const checked = dog.checks.map(({ id, day }): DoneOn => ({
    key: id,
    day,
    kind: 'CHECK',
    ears: SIDES,
    words: 'checked',
  }));
  const visited = dog.visits.map(({ id, day }): DoneOn => ({
    key: id,
    day,
    kind: 'VISIT',
    ears: SIDES,
    words: 'at the vet',
  }));
  return [...cleaned, ...checked, ...visited].sort((a, b) => a.day.localeCompare(b.day));
}

/** "Dunlin, Fri 27 Nov: left ear cleaned: trace" */
export function doneWords(name: string, { day, words }: DoneOn): string {
  return `${name}, ${shortDate(day)}: ${words}`;
}
