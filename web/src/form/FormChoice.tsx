import {
  Controller,
  type Control,
  type FieldPath,
  type FieldPathValue,
  type FieldValues,
} from 'react-hook-form';
import { ChoiceField } from './ChoiceField';

/** A row of choices for one field of a form. */
export function FormChoice<F extends FieldValues, N extends FieldPath<F>>({
  control,
  name,
  label,
  hint,
  choices,
}: {
  control: Control<F>;
  name: N;
  label: string;
  hint: string;
  choices: readonly { value: FieldPathValue<F, N>; label: string }[];
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <ChoiceField
          label={label}
          hint={hint}
          choices={choices}
          value={field.value}
          onChange={field.onChange}
        />
      )}
    />
  );
}
