import type { Breed } from './breeds';

/** Below this, what was typed and a name have too little in common. */
const LEAST_SIMILAR = 0.34;

/** A word within a name counts a little less than the name itself. */
const WORD_WITHIN = 0.9;

/** Letters and digits only, without accents, so that marks and spaces do not matter. */
function plain(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
}

function trigrams(text: string): Set<string> {
  const padded = `  ${text} `;
  return new Set(Array.from({ length: padded.length - 2 }, (_, i) => padded.slice(i, i + 3)));
}

/** The share of trigrams that two texts have in common, 0 to 1; a misspelling stays close to 1. */
export function similarity(one: string, two: string): number {
  const first = trigrams(one);
  const second = trigrams(two);
  const common = [...first].filter((part) => second.has(part)).length;
  return common / (first.size + second.size - common);
}

/** How well a name fits what was typed: 3 is the name itself, 0 does not fit. */
function fit(name: string, wanted: string): number {
  const known = plain(name);
  if (known === wanted) return 3;
  if (known.startsWith(wanted)) return 2.5;
  if (known.includes(wanted)) return 2;
  // a word of the name may be the one that was misspelt
  const similar = Math.max(
    similarity(known, wanted),
    ...known.split(' ').map((word) => WORD_WITHIN * similarity(word, wanted)),
  );
  return similar >= LEAST_SIMILAR ? similar : 0;
}

/**
 * The breeds that what was typed may mean, the best first: by their name or another of their names,
 * from its beginning, its middle, or misspelt.
 */
export function matching(breeds: readonly Breed[], typed: string): Breed[] {
  const wanted = plain(typed);
  if (wanted === '') return [...breeds];
  return breeds
    .map((breed) => ({
      breed,
      fit: Math.max(...[breed.name, ...breed.otherNames].map((name) => fit(name, wanted))),
    }))
    .filter((found) => found.fit > 0)
    .sort((a, b) => b.fit - a.fit || a.breed.name.localeCompare(b.breed.name))
    .map((found) => found.breed);
}
