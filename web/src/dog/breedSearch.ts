import type { Breed } from './breeds';

/** Those whose name, or another of their names, holds the text; names that begin with it first. */
export function matching(breeds: readonly Breed[], text: string): Breed[] {
  const wanted = text.trim().toLowerCase();
  const found = breeds.filter((breed) =>
    [breed.name, ...breed.otherNames].some((name) => name.toLowerCase().includes(wanted)),
  );
  const begins = (breed: Breed) => (breed.name.toLowerCase().startsWith(wanted) ? 0 : 1);
  return found.sort((a, b) => begins(a) - begins(b));
}
