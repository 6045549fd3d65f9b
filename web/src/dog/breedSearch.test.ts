import { describe, expect, it } from 'vitest';
import data from '../../../core/src/main/resources/org/evenlobe/core/ear/breeds.csv?raw';
import type { Breed } from './breeds';
import { matching, similarity } from './breedSearch';

/** The catalogue that the server serves, read from the core's own data file. */
const CATALOGUE: Breed[] = data
  .trim()
  .split('\n')
  .slice(1)
  .map((line) => {
    const cells = [...line.matchAll(/"([^"]*)"|([^,]+)|(?<=,)(?=,)/g)].map(
      (cell) => cell[1] ?? cell[2] ?? '',
    );
    const [name = '', others = ''] = cells;
    return {
      id: name,
      name,
      otherNames: others.split(';').filter(Boolean),
      lightest: 1,
      heaviest: 2,
      ears: { carriage: 'DROP', cropped: false, canalHair: 'NONE', feathering: 'NONE' },
      likesWater: 0,
      note: '',
    };
  });

describe('the breed search', () => {
  it.each([
    ['labradodle', 'Labradoodle'],
    ['gsp', 'German Shorthaired Pointer'],
    ['alsatian', 'German Shepherd Dog'],
    ['cockerspaniel', 'English Cocker Spaniel'],
    ['chiwawa', 'Chihuahua'],
    ['daschund', 'Dachshund, Smooth'],
    ['rotweiler', 'Rottweiler'],
    ['shi tzu', 'Shih Tzu'],
    ['westie', 'West Highland White Terrier'],
    ['löwchen', 'Lowchen'],
    ['beagle', 'Beagle'],
    ['golden retreiver', 'Golden Retriever'],
  ])('finds what "%s" means', (typed, name) => {
    expect(matching(CATALOGUE, typed)[0]?.name).toBe(name);
  });

  it('finds nothing for what is no breed', () => {
    expect(matching(CATALOGUE, 'xqzv')).toEqual([]);
  });

  it('shows all while nothing is typed', () => {
    expect(matching(CATALOGUE, ' ')).toHaveLength(CATALOGUE.length);
  });

  it('measures likeness evenly', () => {
    expect(similarity('beagle', 'beagle')).toBe(1);
    expect(similarity('beagle', 'pug')).toBe(0);
    expect(similarity('beagle', 'beagel')).toBe(similarity('beagel', 'beagle'));
  });
});
