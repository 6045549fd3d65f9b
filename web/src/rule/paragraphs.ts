import type { Rulebook } from './useRulebook';

type Section = Rulebook['sections'][number];

/** A part of the rulebook, as far as it is looked for. */
export interface FoundSection {
  title: string;
  ownValues: boolean;
  /** Its paragraphs, lists and tables in Markdown. */
  paragraphs: readonly string[];
}

const RULE_ID = /\b[A-Z]+(?:_[A-Z]+)+\b/g;

/** The paragraphs that hold all the words, in the rulebook's order; all of them without words. */
export function find(book: Rulebook, words: string, rule: string | null): FoundSection[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const titles = titlesOf(book);
  return book.sections.flatMap((section) => {
    const paragraphs = split(section).filter(
      (text) =>
        (rule === null || [...text.matchAll(RULE_ID)].some(([id]) => id === rule)) &&
        wanted.every((word) =>
          `${section.title} ${named(text, titles, plain)}`.toLowerCase().includes(word),
        ),
    );
    return paragraphs.length === 0
      ? []
      : [{ title: section.title, ownValues: section.ownValues, paragraphs }];
  });
}

function split({ text }: Section): string[] {
  return text.split(/\n\s*\n/);
}

export function titlesOf(book: Rulebook): ReadonlyMap<string, string> {
  return new Map(book.entries.map(({ rule, title }) => [rule as string, title]));
}

const plain = (title: string) => title;

/** A paragraph with each rule by its title instead of its id. */
export function named(
  text: string,
  titles: ReadonlyMap<string, string>,
  as: (title: string, rule: string) => string,
): string {
  return text.replaceAll(RULE_ID, (id) => {
    const title = titles.get(id);
    return title === undefined ? id : as(title, id);
  });
}
