import type { Schemas } from '../api/client';
import { WORDS } from '../api/words';
import type { Side } from '../measure/side';
import { gradeNumber, isSign, type EarFinding, type Grade } from './signs';
import type { Verdict } from './verdicts';

export type EarTable = Schemas['EarTable'];
export type DogSigns = Schemas['DogSignsRequest'];
type Clause = Schemas['Clause'];
type Sign = Schemas['Condition']['sign'];

/** What a table says of an ear: its verdict, and every reason, the worst first. */
export interface Judged {
  verdict: Verdict;
  reasons: { verdict: Verdict; sentence: string }[];
}

const placeOf = <V extends string>(choices: readonly { value: V }[], value: V) =>
  choices.findIndex((one) => one.value === value);

const flag = (is: boolean | undefined) => (is ? 1 : 0);

const worse = (one: Grade, other: Grade) => (gradeNumber(one) > gradeNumber(other) ? one : other);

/** The ear's share of shaking, which counts for both, and scratching, for the ear that is pawed. */
function itchOf(dog: DogSigns, side: Side): Grade {
  const scratched = dog.pawed === undefined || dog.pawed === side;
  return scratched ? worse(dog.shaking, dog.scratching) : dog.shaking;
}

/** What an ear shows, as the table asks for it: numbers by the names of signs. */
function signsOf(
  table: EarTable,
  side: Side,
  ear: EarFinding,
  dog: DogSigns,
): Record<Sign, number> {
  const counts = table.kinds.includes(ear.dischargeKind);
  const discharge = counts ? gradeNumber(ear.discharge) : 0;
  const beside = gradeNumber(ear.redness) + gradeNumber(ear.swelling) + gradeNumber(ear.sores);
  const has = (thing: EarFinding['seen'][number]) => flag(ear.seen.includes(thing));
  return {
    REDNESS: gradeNumber(ear.redness),
    SWELLING: gradeNumber(ear.swelling),
    SORES: gradeNumber(ear.sores),
    DISCHARGE: discharge,
    KIND: counts ? placeOf(WORDS.DischargeKind, ear.dischargeKind) : 0,
    ODOUR: placeOf(WORDS.Odour, ear.odour),
    PAIN: gradeNumber(ear.pain),
    ITCH: gradeNumber(itchOf(dog, side)),
    SCORE: beside + discharge,
    SCORE_BESIDE_DISCHARGE: beside,
    DEAF: flag(table.deafnessCounts && ear.hearing === 'DID_NOT_TURN'),
    UNSEEN: flag(!ear.couldLook),
    THINGS: ear.seen.filter(isSign).length,
    FOREIGN_BODY: has('FOREIGN_BODY'),
    TICK_LIFTED: has('TICK_LIFTED'),
    TICK_STUCK: has('TICK_STUCK'),
    CUT: has('CUT'),
    FLAP_BALLOONED: has('FLAP_BALLOONED'),
    HEAD_TILT: flag(dog.headTilt),
    BALANCE_LOSS: flag(dog.balanceLoss),
    EYES_FLICKING: flag(dog.eyesFlicking),
    FACE_DROOPING: flag(dog.faceDrooping),
    SHAKES_SUDDENLY: flag(dog.shaking === 'SEVERE' && dog.onset === 'SUDDEN'),
    UNWELL: flag(dog.unwell),
    BLOW_TO_HEAD: flag(dog.blowToHead),
  };
}

const gradeWords = (number: number) => `${WORDS.Grade[number]?.label ?? ''} (${number})`;

/** A sentence with what was found in its places: "Redness, moderate (2)." */
function filled(sentence: string, signs: Record<Sign, number>): string {
  return sentence.replace(/\{(\w+)\}/g, (_, name: Sign) => {
    const number = signs[name];
    if (name === 'KIND') return WORDS.DischargeKind[number]?.label ?? '';
    if (name === 'ODOUR') return WORDS.Odour[number]?.label ?? '';
    return name.startsWith('SCORE') ? String(number) : gradeWords(number);
  });
}

/**
 * Judges an ear by a table that the server made of the rules and of all that is known of it: its
 * first line that holds is the verdict. No rule stands here.
 */
export function judged(table: EarTable, side: Side, ear: EarFinding, dog: DogSigns): Judged {
  const signs = signsOf(table, side, ear, dog);
  const holds = ({ all, any, given }: Clause): boolean => {
    const meets = ({ sign, from, to }: Clause['all'][number]) =>
      from <= signs[sign] && signs[sign] <= to;
    const others = given === 'OWN_SIGN' ? table.own : table.signs;
    return (
      all.every(meets) &&
      (any.length === 0 || any.some(meets)) &&
      (given === 'NOTHING' || others.some(holds))
    );
  };
  const lines = table.lines.filter(({ when }) => holds(when));
  const worst = lines[0];
  return {
    verdict: worst?.verdict ?? 'LEAVE',
    reasons: lines
      .filter((line) => line === worst || line.verdict !== 'CLEAN')
      .map(({ verdict, sentence }) => ({ verdict, sentence: filled(sentence, signs) })),
  };
}
