import { describe, expect, it } from 'vitest';

const sources = import.meta.glob<string>(['./**/*.{ts,tsx}', '!./**/*.test.{ts,tsx}'], {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** Each may know those that stand after it, and nothing else; all others are nouns. */
const ABOVE = ['', 'pages', 'shell'];
const BELOW = ['fact', 'view', 'household', 'ui', 'form', 'image', 'measure', 'theme', 'api'];

function floor(folder: string): number {
  if (ABOVE.includes(folder)) return ABOVE.indexOf(folder);
  return BELOW.includes(folder) ? ABOVE.length + 1 + BELOW.indexOf(folder) : ABOVE.length;
}

/** The first folder of a path below src, or none for a file that lies there. */
function folderOf(path: string): string {
  return path.includes('/') ? (path.split('/')[0] ?? '') : '';
}

function resolved(from: string, to: string): string {
  const parts = [...from.split('/').slice(0, -1), ...to.split('/')];
  return parts
    .reduce<string[]>((all, part) => {
      if (part === '..') all.pop();
      else if (part !== '.') all.push(part);
      return all;
    }, [])
    .join('/');
}

interface Arrow {
  file: string;
  from: string;
  to: string;
}

function arrows(): Arrow[] {
  return Object.entries(sources).flatMap(([path, source]) => {
    const file = path.replace('./', '');
    return [...source.matchAll(/(?:from|import\() ?'(\.[^']+)'/g)]
      .map(([, to = '']) => resolved(file, to))
      .filter((to) => !to.startsWith('..') && !to.includes('core/src'))
      .map((to) => ({ file, from: folderOf(file), to: folderOf(to) }))
      .filter(({ from, to }) => from !== to);
  });
}

/** The folders of a circle, where there is one. */
function circle(all: readonly Arrow[]): string[] {
  const over = new Map<string, Set<string>>();
  for (const { from, to } of all) over.set(from, (over.get(from) ?? new Set()).add(to));
  const left = new Set([...over.keys(), ...all.map(({ to }) => to)]);
  for (;;) {
    const free = [...left].find((one) => [...(over.get(one) ?? [])].every((to) => !left.has(to)));
    if (free === undefined) return [...left].sort();
    left.delete(free);
  }
}

describe('the arrows between folders', () => {
  it('are found', () => {
    expect(arrows().length).toBeGreaterThan(300);
  });

  it('go from pages over nouns and the household to the ground, never back', () => {
    const back = arrows().filter(
      ({ from, to }) =>
        floor(to) < floor(from) || (floor(to) === floor(from) && floor(from) !== ABOVE.length),
    );
    expect(back.map(({ file, to }) => `${file} → ${to}`)).toEqual([]);
  });

  it('make no circle', () => {
    expect(circle(arrows())).toEqual([]);
  });

  it('would be seen to make one', () => {
    const one = { file: 'dog/a.ts', from: 'dog', to: 'plan' };
    const back = { file: 'plan/b.ts', from: 'plan', to: 'dog' };
    expect(circle([one, back])).toEqual(['dog', 'plan']);
  });
});
