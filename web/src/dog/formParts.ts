import type { Control, FieldErrors, UseFormRegister, UseFormSetValue } from 'react-hook-form';
import type { Day } from '../measure/days';
import type { DogForm } from './dogForm';

/** What each part of the form for a dog works with. */
export interface FormParts {
  form: DogForm;
  control: Control<DogForm>;
  register: UseFormRegister<DogForm>;
  setValue: UseFormSetValue<DogForm>;
  errors: FieldErrors<DogForm>;
  today: Day;
}

/** A text field of the form that may be wrong. */
export type NamedField =
  'name' | 'bornOn' | 'weightToday' | 'eardrumOn' | 'infectedIn' | 'litterUntil' | 'deafSince';

/** How a text field says that it is wrong. */
export function faulty(errors: FormParts['errors'], field: NamedField, hint?: string) {
  return { error: !!errors[field], helperText: errors[field]?.message ?? hint };
}
