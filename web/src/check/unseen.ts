import type { UseFormSetValue } from 'react-hook-form';
import type { CheckForm } from './checkForm';

/** Says that an ear could not be looked at, or could after all: what was filled in of it is not seen. */
export function sayUnseen(
  ear: 'right' | 'left',
  couldLook: boolean,
  setValue: UseFormSetValue<CheckForm>,
): void {
  setValue(`${ear}.couldLook`, couldLook);
  if (couldLook) return;
  setValue(`${ear}.pain`, undefined);
  setValue(`${ear}.odour`, undefined);
}
