import { describe, expect, it } from 'vitest';
import type { Today } from '../../view/useToday';
import { groupsOf, isMany, othersOf } from './groups';

const line = (dogId: string, kind: string, standing: string) => ({
  dogId,
  item: { id: `${dogId} ${kind}`, kind, standing },
});

const TODAY = {
  dogs: ['Cedar', 'Birch', 'Ash', 'Elm'].map((name) => ({ id: name, profile: { name } })),
  agenda: [
    line('Cedar', 'CHECK', 'DUE'),
    line('Cedar', 'CLEAN', 'OVERDUE'),
    line('Birch', 'CHECK', 'OVERDUE'),
    line('Ash', 'WATCH', 'DUE'),
    line('Ash', 'VISIT', 'DUE'),
    line('Elm', 'CLEAN', 'OPEN'),
  ],
} as unknown as Today;

describe('many dogs', () => {
  it('stand together by what is to be done with them, each once', () => {
    expect(groupsOf(TODAY).map(({ title, dogs }) => [title, dogs.map(({ id }) => id)])).toEqual([
      ['Look at and clean', ['Cedar']],
      ['Look at', ['Ash', 'Birch']],
      ['May be looked at or cleaned', ['Elm']],
    ]);
  });

  it('leaves what no round does by itself', () => {
    expect(othersOf(TODAY).map(({ item }) => item.kind)).toEqual(['VISIT']);
  });

  it('is so from 11 dogs on', () => {
    const dogs = (number: number) => ({ dogs: Array(number).fill(TODAY.dogs[0]) as Today['dogs'] });
    expect([isMany(dogs(10)), isMany(dogs(11))]).toEqual([false, true]);
  });
});
