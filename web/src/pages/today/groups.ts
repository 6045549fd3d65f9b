import { isForRound, isOfRound } from '../../plan/items';
import type { Today } from '../../view/useToday';

/** From so many dogs on they are told in groups. */
const MANY_DOGS = 11;

/** Dogs with which the same is to be done. */
export interface Group {
  title: string;
  dogs: { id: string; name: string }[];
  isDue: boolean;
}

export function isMany(today: Pick<Today, 'dogs'>): boolean {
  return today.dogs.length >= MANY_DOGS;
}

/** What is done in a round, by what it is; a dog to be cleaned is looked at as well. */
export function groupsOf({ agenda, dogs }: Pick<Today, 'agenda' | 'dogs'>): Group[] {
  const names = new Map(dogs.map(({ id, profile }) => [id, profile.name]));
  const group = (title: string, isDue: boolean, lines: Today['agenda']): Group[] => {
    const ids = [...new Set(lines.map(({ dogId }) => dogId))];
    const found = ids.map((id) => ({ id, name: names.get(id) ?? '' }));
    return found.length === 0
      ? []
      : [{ title, isDue, dogs: found.sort((a, b) => a.name.localeCompare(b.name)) }];
  };
  const due = agenda.filter(({ item }) => isForRound(item));
  const dueDogs = new Set(due.map(({ dogId }) => dogId));
  const toClean = due.filter(({ item }) => item.kind === 'CLEAN');
  const cleaned = new Set(toClean.map(({ dogId }) => dogId));
  return [
    ...group('Look at and clean', true, toClean),
    ...group(
      'Look at',
      true,
      due.filter(({ dogId }) => !cleaned.has(dogId)),
    ),
    ...group(
      'May be looked at or cleaned',
      false,
      agenda.filter(({ dogId, item }) => isOfRound(item) && !dueDogs.has(dogId)),
    ),
  ];
}

/** What is not done in a round, and stands by itself. */
export function othersOf({ agenda }: Pick<Today, 'agenda'>): Today['agenda'] {
  return agenda.filter(({ item }) => !isOfRound(item));
}
