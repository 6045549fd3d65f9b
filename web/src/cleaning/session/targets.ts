import type { Progress, Step } from './progress';
import { ofSide } from '../../measure/side';

/** What the one large target of a step says. */
export function targetWords(step: Step): string {
  switch (step.kind) {
    case 'KIT':
      return 'All within reach';
    case 'POSITION':
      return 'It stands easy';
    case 'CHECK':
      return step.next ? 'Still as it was: go on' : 'Check both ears now';
    case 'HAIR':
      return 'Done, go on';
    case 'FILL':
      return 'It stands at the line';
    case 'PAD':
      return 'The pad is empty';
    case 'SYRINGE':
      return 'It is in';
    case 'MASSAGE':
      return 'Massaged: let it shake';
    case 'SHAKE':
      return 'It has shaken';
    case 'WIPE':
      return step.again || step.round === 0 ? 'Clean wipe: go on' : 'Enough: go on';
    case 'FOLDS':
      return 'Clean and dry';
    case 'LOAD':
      return 'Go on';
    case 'DRY':
      return 'All done';
    case 'TAKEN':
      return 'To the summary';
    case 'PRACTISE':
      return 'Enough: let it be';
    case 'REST':
      return 'Once more';
  }
}

/** Why the target cannot be pressed yet, where it cannot. */
export function missing(step: Step, progress: Progress): string | undefined {
  if (step.kind === 'LOAD' && step.ear && ofSide(progress, step.ear).load === undefined) {
    return 'Choose what came out';
  }
  if (step.kind === 'TAKEN' && progress.handled === undefined) return 'Choose how it took it';
  return undefined;
}
