import { describe, expect, it } from 'vitest';
import drawn from '../../../core/target/device-checks.json?raw';
import { WORDS } from '../api/words';
import { judged, type DogSigns, type EarTable } from './deviceTable';
import { GRADES, type EarFinding } from './signs';

const VERDICTS = WORDS.Verdict.map(({ value }) => value);
const HEARD = ['TURNED', 'NOT_TRIED', 'DID_NOT_TURN'] as const;
const NUMBERS_OF_AN_EAR = 10;
const NUMBERS_OF_A_DOG = 5;

/** Checks that were drawn and judged by the rules themselves, when the core was tested. */
interface Drawn {
  sentences: string[];
  dogs: { tables: { right: EarTable; left: EarTable }; checks: number[][] }[];
}

function at<T>(list: readonly T[], index: number | undefined): T {
  const one = index === undefined ? undefined : list[index];
  if (one === undefined) throw new Error(`nothing at ${index}`);
  return one;
}

function ear(numbers: readonly number[]): EarFinding {
  const [redness, swelling, sores, discharge, kind, odour, pain, things = 0, heard, seen] = numbers;
  return {
    couldLook: seen === 1,
    redness: at(GRADES, redness),
    swelling: at(GRADES, swelling),
    sores: at(GRADES, sores),
    discharge: at(GRADES, discharge),
    dischargeKind: at(WORDS.DischargeKind, kind).value,
    odour: at(WORDS.Odour, odour).value,
    pain: at(GRADES, pain),
    seen: WORDS.SeenThing.filter((_, place) => (things >> place) % 2 === 1).map(
      ({ value }) => value,
    ),
    hearing: at(HEARD, heard),
  };
}

function dogOf(numbers: readonly number[]): DogSigns {
  const [shaking, scratching, pawed, onset, flags = 0] = numbers;
  const is = (place: number) => (flags >> place) % 2 === 1;
  return {
    shaking: at(GRADES, shaking),
    scratching: at(GRADES, scratching),
    ...(pawed && { pawed: pawed === 1 ? ('RIGHT' as const) : ('LEFT' as const) }),
    ...(onset && { onset: onset === 1 ? ('SUDDEN' as const) : ('GRADUAL' as const) }),
    headTilt: is(0),
    balanceLoss: is(1),
    eyesFlicking: is(2),
    faceDrooping: is(3),
    unwell: is(4),
    blowToHead: is(5),
  };
}

describe('a check that a device judges by itself', () => {
  it('comes to what the rules say of it, in the same words', () => {
    const { sentences, dogs } = JSON.parse(drawn) as Drawn;
    const seen = new Set<string>();
    let compared = 0;
    for (const { tables, checks } of dogs) {
      for (const numbers of checks) {
        const rest = numbers.slice(2 * NUMBERS_OF_AN_EAR);
        const dog = dogOf(rest.slice(0, NUMBERS_OF_A_DOG));
        for (const [place, side] of (['RIGHT', 'LEFT'] as const).entries()) {
          const finding = ear(
            numbers.slice(place * NUMBERS_OF_AN_EAR, (place + 1) * NUMBERS_OF_AN_EAR),
          );
          const table = side === 'RIGHT' ? tables.right : tables.left;
          const [verdict, sentence] = rest.slice(NUMBERS_OF_A_DOG + 2 * place);
          const says = judged(table, side, finding, dog);
          compared += 1;
          seen.add(says.verdict);
          const said = says.reasons[0]?.sentence ?? 'Nothing speaks for doing anything.';
          if (says.verdict !== VERDICTS[verdict ?? -1] || said !== at(sentences, sentence)) {
            expect({ finding, dog, says, said }).toEqual({
              finding,
              dog,
              says: VERDICTS[verdict ?? -1],
              said: at(sentences, sentence),
            });
          }
        }
      }
    }
    expect(compared).toBeGreaterThan(10_000);
    expect(seen).toEqual(new Set(VERDICTS));
  });
});
