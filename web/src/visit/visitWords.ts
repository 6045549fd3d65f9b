import type { Schemas } from '../api/client';
import { methodWord } from '../cleaning/load';
import { count, dateWithYear } from '../measure/days';
import { WEEKDAYS } from '../measure/weekdays';

type EarVisit = Schemas['EarVisit'];

const EARDRUM: Record<EarVisit['eardrum'], string | false> = {
  NOT_SEEN: false,
  INTACT: 'eardrum intact',
  NOT_INTACT: 'eardrum not intact',
};

const HOLD: Record<EarVisit['hold'], string | false> = {
  NOTHING_SAID: false,
  SET: 'leave it alone until a vet says otherwise',
  LIFTED: 'may be cleaned again',
};

function smearWords({ yeast, cocci, rods }: Schemas['Smear']): string {
  const seen = [
    yeast !== 'NONE' && `${yeast.toLowerCase()} yeast`,
    cocci !== 'NONE' && `${cocci.toLowerCase()} round bacteria`,
    rods !== 'NONE' && `${rods.toLowerCase()} rods`,
  ].filter(Boolean);
  return `smear: ${seen.join(', ') || 'nothing'}`;
}

/** "twice a day", "every 3 days", "on Mon and Thu", "once" */
export function howOftenWords({ kind, number, weekdays }: Schemas['HowOften']): string {
  switch (kind) {
    case 'TIMES_A_DAY':
      return number === 1 ? 'once a day' : number === 2 ? 'twice a day' : `${number} times a day`;
    case 'EVERY_DAYS':
      return number === 1 ? 'every day' : `every ${count(number, 'day')}`;
    case 'WEEKDAYS': {
      const named = WEEKDAYS.filter(({ value }) => weekdays.includes(value));
      return `on ${named.map(({ label }) => label).join(' and ')}`;
    }
    case 'TIMES_A_WEEK':
      return number === 1 ? 'once a week' : `${number} times a week`;
    case 'ONCE':
      return 'once';
  }
}

/** "clean every 3 days, with a mild rinse, until 9 Dec 2026" */
export function instructionWords(said: Schemas['CleaningInstruction']): string {
  const { howOften } = said;
  const what = howOften
    ? `clean ${howOftenWords(howOften)}${said.method ? `, ${methodWord(said.method)}` : ''}${said.product ? `, with ${said.product}` : ''}${said.allTheSame ? ', held or torn all the same' : ''}`
    : said.product
      ? `${said.product} stays in it: no cleaning`
      : 'leave it alone';
  const end = said.until
    ? `until ${dateWithYear(said.until)}`
    : said.untilNextVisit
      ? 'until the next visit'
      : 'until a vet says otherwise';
  return `${what}, ${end}`;
}

/** What a vet found and said of one ear, a line each. */
export function earVisitLines(ear: EarVisit): string[] {
  const lines = [
    EARDRUM[ear.eardrum],
    ear.smear && smearWords(ear.smear),
    ear.culture && `culture: ${ear.culture}`,
    ear.cleaned && 'cleaned by the vet',
    ear.done,
    ear.instruction && instructionWords(ear.instruction),
    HOLD[ear.hold],
    ear.goOn && 'go on as ordered',
    ear.leftIn && 'what is stuck stays in',
    ear.medicineUntil && `medicine in it until ${dateWithYear(ear.medicineUntil)}`,
  ].filter((line): line is string => typeof line === 'string' && line !== '');
  return lines.length > 0 ? lines : ['nothing noted'];
}
