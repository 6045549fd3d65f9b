import type { Schemas } from '../api/client';

export type Verdict = Schemas['EarVerdict']['verdict'];

/** Whether it is a verdict that a sign not yet looked for may still change for the worse. */
export function isMild(verdict: Verdict): boolean {
  return verdict === 'LEAVE' || verdict === 'CLEAN';
}

/** Whether nobody could look into an ear: then it has no score that counts. */
export function isUnseen({ reasons }: Schemas['EarVerdict']): boolean {
  return reasons.some(({ reason }) => reason.rule === 'CHECK_NOT_SEEN');
}

/** The theme's colour for each; never the only sign of it. */
export const VERDICT_COLOURS: Record<Verdict, string> = {
  LEAVE: 'mark.quiet',
  CLEAN: 'primary.main',
  NOT_SEEN: 'mark.caution',
  CAUTION: 'mark.caution',
  STOP: 'mark.stop',
  URGENT: 'mark.stop',
};

export const MAY_GO_IN_WORDS: Record<Schemas['EarVerdict']['mayGoIn'], string> = {
  IN_EAR: 'liquid may go in',
  WIPE: 'no liquid: wipe only what you can see',
  NONE: 'nothing may go in',
};
