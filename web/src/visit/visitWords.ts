import type { Schemas } from '../api/client';
import { methodWord } from '../cleaning/load';
import { count, dateWithYear } from '../measure/days';

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

/** "clean every 3 days, with a mild rinse, until 9 Dec 2026" */
export function instructionWords(said: Schemas['CleaningInstruction']): string {
  const what =
    said.everyDays === undefined
      ? 'do not clean'
      : `clean every ${count(said.everyDays, 'day')}${said.method ? `, ${methodWord(said.method)}` : ''}${said.product ? `, with ${said.product}` : ''}`;
  return `${what}${said.until ? `, until ${dateWithYear(said.until)}` : ', until another visit'}`;
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
  ].filter((line): line is string => typeof line === 'string' && line !== '');
  return lines.length > 0 ? lines : ['nothing noted'];
}
