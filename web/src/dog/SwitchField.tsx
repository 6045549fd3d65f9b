import FormControlLabel from '@mui/material/FormControlLabel';
import Switch from '@mui/material/Switch';
import { Controller, type Control } from 'react-hook-form';
import type { DogForm } from './dogForm';

/** Yes or no, in a form about a dog. */
export function SwitchField({
  control,
  name,
  label,
}: {
  control: Control<DogForm>;
  name: 'ageEstimated' | 'ears.cropped' | 'lightCoat';
  label: string;
}) {
  return (
    <Controller
      control={control}
      name={name}
      render={({ field }) => (
        <FormControlLabel
          control={
            <Switch checked={field.value} onChange={(_, checked) => field.onChange(checked)} />
          }
          label={label}
        />
      )}
    />
  );
}
